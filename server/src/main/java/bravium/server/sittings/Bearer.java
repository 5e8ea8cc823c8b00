package bravium.server.sittings;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;

/** A learner's token as her device brings it: {@code Authorization: Bearer …} (RFC 6750). */
public final class Bearer {

  private static final String BEARER = "Bearer ";

  private Bearer() {}

  /** The token; null where none was brought. */
  public static @Nullable String token(HttpServletRequest request) {
    String authorization = request.getHeader(HttpHeaders.AUTHORIZATION);
    return authorization != null && authorization.startsWith(BEARER)
        ? authorization.substring(BEARER.length()).strip()
        : null;
  }
}
