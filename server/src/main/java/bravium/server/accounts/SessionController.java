package bravium.server.accounts;

import bravium.server.BraviumSettings;
import bravium.server.limits.Devices;
import bravium.server.problems.Problem;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.availability.ApplicationAvailability;
import org.springframework.boot.availability.ReadinessState;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is signed in, and signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

  private final BraviumSettings settings;
  private final AccountService accounts;
  private final TeacherRepository teachers;
  private final TeacherSessions sessions;
  private final KnownDevices devices;
  private final Devices browsers;
  private final Covers covers;
  private final ApplicationAvailability availability;

  SessionController(
      BraviumSettings settings,
      AccountService accounts,
      TeacherRepository teachers,
      TeacherSessions sessions,
      KnownDevices devices,
      Devices browsers,
      Covers covers,
      ApplicationAvailability availability) {
    this.availability = availability;
    this.settings = settings;
    this.accounts = accounts;
    this.teachers = teachers;
    this.sessions = sessions;
    this.devices = devices;
    this.browsers = browsers;
    this.covers = covers;
  }

  @GetMapping
  SessionInfo session(@Nullable SignedIn who) {
    return who == null
        ? info(null, false)
        : info(who.cover() == null ? who.getPrincipal() : null, who.cover() != null);
  }

  @PostMapping
  SessionInfo signIn(
      @RequestBody Credentials typed, HttpServletRequest request, HttpServletResponse response) {
    Teacher teacher =
        accounts.signIn(typed, browsers.of(request), known -> devices.of(known.id(), request));
    return openHere(teacher, request, response);
  }

  @PostMapping("/first")
  SessionInfo signInFirst(
      @RequestBody FirstTeacher typed, HttpServletRequest request, HttpServletResponse response) {
    return openHere(accounts.addFirst(typed), request, response);
  }

  @PostMapping("/demo")
  SessionInfo signInToDemo(HttpServletRequest request, HttpServletResponse response) {
    if (!settings.demo()) {
      throw Problem.notFound("no-demo", "This server has no demo. Start one with ./bravium demo.");
    }
    if (availability.getReadinessState() != ReadinessState.ACCEPTING_TRAFFIC) {
      throw Problem.conflict(
          "not-ready", "The demo data is still being laid in. Try again in a moment.");
    }
    return open(teachers.first().orElseThrow(), request, response);
  }

  /** Signs in whoever covers for a teacher for a day. */
  @PostMapping("/cover")
  SessionInfo signInToCover(
      @RequestBody CoverCode typed, HttpServletRequest request, HttpServletResponse response) {
    long cover = covers.enter(String.valueOf(typed.code()), browsers.of(request));
    sessions.openCover(cover, request, response);
    return info(null, true);
  }

  /** Changes the password; every other session of hers ends. */
  @PutMapping("/password")
  SessionInfo changePassword(
      @AuthenticationPrincipal Teacher teacher,
      @RequestBody PasswordChange change,
      HttpServletRequest request,
      HttpServletResponse response) {
    accounts.changePassword(teacher, change, request.getRemoteAddr());
    sessions.endAllOf(teacher);
    return open(teacher, request, response);
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request, HttpServletResponse response) {
    sessions.end(request, response);
  }

  /** Opens a session for who signed in well with her password: her device is known from then on. */
  private SessionInfo openHere(
      Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
    devices.remember(teacher, request, response);
    return open(teacher, request, response);
  }

  private SessionInfo open(
      Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
    sessions.open(teacher, request, response);
    return info(teacher, false);
  }

  private SessionInfo info(@Nullable Teacher teacher, boolean covering) {
    return new SessionInfo(
        teacher == null ? null : teacher.name(),
        teacher != null && teacher.isKeeper(),
        teacher != null && accounts.hasPassword(teacher),
        covering,
        settings.demo(),
        teacher == null && !covering && !settings.demo() && accounts.hasNobody());
  }
}
