package bravium.server.sittings;

import bravium.core.play.Move;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A learner's side over HTTP. Her token comes as {@code Authorization: Bearer …}. */
@RestController
class LearnerController {

  private static final String BEARER = "Bearer ";

  private final LearnerService learners;

  LearnerController(LearnerService learners) {
    this.learners = learners;
  }

  @GetMapping("/api/links/{code}")
  Invitation invitation(@PathVariable String code) {
    return learners.invitation(code);
  }

  @PostMapping("/api/links/{code}/sittings")
  @ResponseStatus(HttpStatus.CREATED)
  LearnerSitting open(
      @PathVariable String code,
      @RequestHeader(name = HttpHeaders.AUTHORIZATION, required = false)
          @Nullable String authorization) {
    return learners.open(code, token(authorization));
  }

  @GetMapping("/api/play/{sitting}")
  LearnerSitting read(
      @PathVariable String sitting,
      @RequestHeader(name = HttpHeaders.AUTHORIZATION, required = false)
          @Nullable String authorization) {
    return learners.read(sitting, token(authorization));
  }

  @PostMapping("/api/play/{sitting}/moves")
  MoveAnswer move(
      @PathVariable String sitting,
      @RequestHeader(name = HttpHeaders.AUTHORIZATION, required = false)
          @Nullable String authorization,
      @RequestBody Move move) {
    return learners.move(sitting, token(authorization), move);
  }

  private static @Nullable String token(@Nullable String authorization) {
    return authorization != null && authorization.startsWith(BEARER)
        ? authorization.substring(BEARER.length()).strip()
        : null;
  }
}
