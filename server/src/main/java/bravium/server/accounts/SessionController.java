package bravium.server.accounts;

import bravium.server.BraviumSettings;
import bravium.server.problems.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in, and signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

  private final BraviumSettings settings;
  private final TeacherRepository teachers;
  private final SecurityContextRepository sessions;

  SessionController(
      BraviumSettings settings, TeacherRepository teachers, SecurityContextRepository sessions) {
    this.settings = settings;
    this.teachers = teachers;
    this.sessions = sessions;
  }

  @GetMapping
  SessionInfo session(@AuthenticationPrincipal @Nullable Teacher teacher) {
    return info(teacher);
  }

  @PostMapping("/demo")
  SessionInfo signInToDemo(HttpServletRequest request, HttpServletResponse response) {
    if (!settings.demo()) {
      throw Problem.notFound("no-demo", "This server has no demo. Start one with ./bravium demo.");
    }
    Teacher teacher =
        teachers
            .first()
            .orElseThrow(
                () ->
                    Problem.conflict(
                        "not-ready",
                        "The demo data is still being laid in. Try again in a moment."));
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(teacher, null, List.of()));
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    sessions.saveContext(context, request, response);
    return info(teacher);
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  private SessionInfo info(@Nullable Teacher teacher) {
    return new SessionInfo(teacher == null ? null : teacher.name(), settings.demo());
  }
}
