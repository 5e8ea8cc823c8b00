package bravium.server.sittings;

import bravium.core.play.Move;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
  Invitation invitation(@PathVariable String code, HttpServletRequest request) {
    return learners.invitation(code, request.getRemoteAddr());
  }

  @PostMapping("/api/links/{code}/sittings")
  @ResponseStatus(HttpStatus.CREATED)
  LearnerSitting open(@PathVariable String code, HttpServletRequest request) {
    return learners.open(code, token(request), request.getRemoteAddr());
  }

  @GetMapping("/api/play/{sitting}")
  LearnerSitting read(@PathVariable String sitting, HttpServletRequest request) {
    return learners.read(sitting, token(request));
  }

  @PostMapping("/api/play/{sitting}/moves")
  MoveAnswer move(
      @PathVariable String sitting, HttpServletRequest request, @RequestBody Move move) {
    return learners.move(sitting, token(request), move);
  }

  @GetMapping("/api/play/{sitting}/contributions/{question}")
  List<Contribution> contributions(
      @PathVariable String sitting, @PathVariable String question, HttpServletRequest request) {
    return learners.contributions(sitting, token(request), question);
  }

  private static @Nullable String token(HttpServletRequest request) {
    String authorization = request.getHeader(HttpHeaders.AUTHORIZATION);
    return authorization != null && authorization.startsWith(BEARER)
        ? authorization.substring(BEARER.length()).strip()
        : null;
  }
}
