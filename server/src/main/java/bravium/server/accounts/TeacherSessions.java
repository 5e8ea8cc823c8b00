package bravium.server.accounts;

import bravium.server.accounts.SessionRepository.Session;
import bravium.server.data.Codes;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/**
 * Sessions of teachers, in the database, so that a restart in mid-lesson signs nobody out. The
 * cookie holds a secret token and ends with the browser; a session ends when nothing was done for
 * {@link #IDLE}, and in any case after {@link #LONGEST}.
 */
@Component
class TeacherSessions implements SecurityContextRepository {

  static final Duration IDLE = Duration.ofHours(12);
  static final Duration LONGEST = Duration.ofDays(7);

  /** How exactly it is kept when something was last done. */
  private static final Duration GRAIN = Duration.ofMinutes(5);

  private static final String COOKIE = "bravium-session";

  private final SessionRepository sessions;
  private final Covers covers;
  private final Clock clock;
  private final ApplicationEventPublisher events;
  private final Cache<String, Session> warm =
      Caffeine.newBuilder().maximumSize(10_000).expireAfterWrite(GRAIN).build();

  TeacherSessions(
      SessionRepository sessions, Covers covers, Clock clock, ApplicationEventPublisher events) {
    this.events = events;
    this.sessions = sessions;
    this.covers = covers;
    this.clock = clock;
  }

  /** Opens a session and gives the browser its cookie. One that was open before is ended. */
  void open(Teacher teacher, HttpServletRequest request, HttpServletResponse response) {
    open(teacher, null, request, response);
  }

  /** Opens a session for whoever covers for a teacher. */
  void openCover(long cover, HttpServletRequest request, HttpServletResponse response) {
    open(covers.standsFor(cover).orElseThrow(), cover, request, response);
  }

  private void open(
      Teacher teacher,
      @Nullable Long cover,
      HttpServletRequest request,
      HttpServletResponse response) {
    token(request).ifPresent(this::end);
    String token = Codes.secret();
    Instant now = clock.instant();
    sessions.add(Codes.hash(token), new Session(teacher, cover, now, now));
    setCookie(token, -1, request, response);
  }

  /** Ends this session. */
  void end(HttpServletRequest request, HttpServletResponse response) {
    token(request).ifPresent(this::end);
    setCookie("", 0, request, response);
    SecurityContextHolder.clearContext();
  }

  /** Her sessions go on, and what she may do is looked up anew. */
  void lookAnew(Teacher teacher) {
    warm.asMap().values().removeIf(session -> session.teacher().id() == teacher.id());
  }

  /** Ends every session of a teacher. */
  void endAllOf(Teacher teacher) {
    sessions.endAllOf(teacher.id());
    lookAnew(teacher);
    events.publishEvent(new RightsChanged());
  }

  private void end(String token) {
    sessions.end(Codes.hash(token));
    warm.invalidate(Codes.hash(token));
    events.publishEvent(new RightsChanged());
  }

  private Optional<SignedIn> signedIn(HttpServletRequest request) {
    return token(request).map(Codes::hash).flatMap(this::signedIn);
  }

  private Optional<SignedIn> signedIn(String hash) {
    Instant now = clock.instant();
    return session(hash, now)
        .filter(s -> s.seenAt().isAfter(now.minus(IDLE)))
        .filter(s -> s.openedAt().isAfter(now.minus(LONGEST)))
        .flatMap(session -> signedIn(hash, session));
  }

  /** A cover's session is looked up each time: it ends when the teacher withdraws it. */
  private Optional<SignedIn> signedIn(String hash, Session session) {
    Long cover = session.cover();
    BooleanSupplier still = () -> signedIn(hash).isPresent();
    return cover == null
        ? Optional.of(new SignedIn(session.teacher(), null, still))
        : covers.standsFor(cover).map(teacher -> new SignedIn(teacher, cover, still));
  }

  private Optional<Session> session(String hash, Instant now) {
    Session known = warm.getIfPresent(hash);
    if (known != null) {
      return Optional.of(known);
    }
    Optional<Session> found = sessions.find(hash);
    found
        .filter(s -> s.seenAt().isAfter(now.minus(IDLE)))
        .ifPresent(
            s -> {
              if (s.seenAt().isBefore(now.minus(GRAIN))) {
                sessions.seen(hash, now);
              }
              warm.put(hash, s);
            });
    return found;
  }

  private static Optional<String> token(HttpServletRequest request) {
    return Optional.ofNullable(request.getCookies()).stream()
        .flatMap(Arrays::stream)
        .filter(cookie -> cookie.getName().equals(COOKIE))
        .map(Cookie::getValue)
        .filter(value -> !value.isEmpty())
        .findFirst();
  }

  private static void setCookie(
      String value, long age, HttpServletRequest request, HttpServletResponse response) {
    ResponseCookie cookie =
        ResponseCookie.from(COOKIE, value)
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Lax")
            .path("/")
            .maxAge(age)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  @Override
  public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
    return new Loaded(request);
  }

  @Override
  @Deprecated
  public SecurityContext loadContext(HttpRequestResponseHolder holder) {
    return loadDeferredContext(holder.getRequest()).get();
  }

  /** Sessions are opened and ended by the methods above alone. */
  @Override
  public void saveContext(
      SecurityContext context, HttpServletRequest request, HttpServletResponse response) {}

  @Override
  public boolean containsContext(HttpServletRequest request) {
    return signedIn(request).isPresent();
  }

  private final class Loaded implements DeferredSecurityContext {

    private final HttpServletRequest request;
    private SecurityContext context;

    Loaded(HttpServletRequest request) {
      this.request = request;
    }

    @Override
    public SecurityContext get() {
      if (context == null) {
        context = new SecurityContextImpl();
        signedIn(request).ifPresent(context::setAuthentication);
      }
      return context;
    }

    @Override
    public boolean isGenerated() {
      return get().getAuthentication() == null;
    }
  }
}
