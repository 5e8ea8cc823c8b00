package bravium.server.sittings;

import bravium.core.play.Move;
import bravium.server.limits.Devices;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** A learner's side over HTTP. Her token comes as {@code Authorization: Bearer …}. */
@RestController
class LearnerController {

  private static final String COOKIE = "bravium-play";

  private final LearnerService learners;
  private final Devices devices;

  LearnerController(LearnerService learners, Devices devices) {
    this.learners = learners;
    this.devices = devices;
  }

  @GetMapping("/api/links/{code}")
  Invitation invitation(@PathVariable String code, HttpServletRequest request) {
    return learners.invitation(code, devices.of(request));
  }

  @PostMapping("/api/links/{code}/sittings")
  ResponseEntity<LearnerSitting> open(@PathVariable String code, HttpServletRequest request) {
    LearnerSitting opened = learners.open(code, Bearer.token(request), devices.of(request));
    return answer(HttpStatus.CREATED, opened, opened.token(), request);
  }

  @GetMapping("/api/play/{sitting}")
  ResponseEntity<LearnerSitting> read(@PathVariable String sitting, HttpServletRequest request) {
    return answer(HttpStatus.OK, learners.read(sitting, Bearer.token(request)), null, request);
  }

  /**
   * The browser fetches pictures by itself: it brings the token as a cookie that is only for that.
   */
  private static ResponseEntity<LearnerSitting> answer(
      HttpStatus status,
      LearnerSitting sitting,
      @Nullable String fresh,
      HttpServletRequest request) {
    ResponseCookie cookie =
        ResponseCookie.from(COOKIE, fresh == null ? String.valueOf(Bearer.token(request)) : fresh)
            .path("/api/play/" + sitting.sitting() + "/media")
            .httpOnly(true)
            .sameSite("Strict")
            .secure(request.isSecure())
            .build();
    return ResponseEntity.status(status)
        .header(HttpHeaders.SET_COOKIE, cookie.toString())
        .body(sitting);
  }

  @GetMapping("/api/play/{sitting}/media/{name}")
  ResponseEntity<Resource> medium(
      @PathVariable String sitting,
      @PathVariable String name,
      @CookieValue(name = COOKIE, required = false) @Nullable String token) {
    return learners.medium(sitting, token, name).answer(name);
  }

  @PostMapping("/api/play/{sitting}/moves")
  MoveAnswer move(
      @PathVariable String sitting, HttpServletRequest request, @RequestBody Move move) {
    return learners.move(sitting, Bearer.token(request), move);
  }

  @GetMapping("/api/play/{sitting}/contributions/{question}")
  List<Contribution> contributions(
      @PathVariable String sitting, @PathVariable String question, HttpServletRequest request) {
    return learners.contributions(sitting, Bearer.token(request), question);
  }
}
