package bravium.server.limits;

import bravium.server.data.Codes;
import bravium.server.data.ServerKey;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/**
 * Tells browsers apart: each gets a random name with the pages, signed under the server's key, in a
 * cookie. It opens nothing. It says only that what somebody else behind the same address gets wrong
 * is not hers, and as whom somebody came in here before; nothing of it is kept on the server, and
 * who a learner is can't be read from it.
 */
@Component
public final class Devices {

  private static final String COOKIE = "bravium-device";
  private static final Duration KEPT = Duration.ofDays(180);

  /** A school's tablet knows who shared it last. */
  private static final int MOST_LEARNERS = 10;

  /** In hexadecimal digits: 80 bits. */
  private static final int TAG = 20;

  private final ServerKey key;

  Devices(ServerKey key) {
    this.key = key;
  }

  /** Where a request comes from. */
  public Device of(HttpServletRequest request) {
    Cookie cookie = WebUtils.getCookie(request, COOKIE);
    List<String> parts = cookie == null ? List.of() : Arrays.asList(cookie.getValue().split("\\."));
    boolean sound = parts.size() >= 2 && Codes.same(parts.get(1), tag("device " + parts.get(0)));
    return new Device(
        request.getRemoteAddr(),
        sound ? parts.getFirst() : null,
        sound ? parts.subList(2, Math.min(parts.size(), 2 + MOST_LEARNERS)) : List.of());
  }

  /** Whether somebody came in as this learner on it before. */
  public boolean knows(Device device, long learner) {
    return device.id() != null && device.tags().contains(tag(device.id(), learner));
  }

  /** Gives a browser its name, if it has none. */
  public void greet(HttpServletRequest request, HttpServletResponse response) {
    if (of(request).id() == null) {
      set(Codes.secret(), List.of(), request, response);
    }
  }

  /** Somebody came in as this learner on it. */
  public void remember(long learner, HttpServletRequest request, HttpServletResponse response) {
    Device device = of(request);
    String id = device.id() == null ? Codes.secret() : device.id();
    List<String> tags =
        Stream.concat(Stream.of(tag(id, learner)), device.tags().stream())
            .distinct()
            .limit(MOST_LEARNERS)
            .toList();
    set(id, tags, request, response);
  }

  private void set(
      String id, List<String> tags, HttpServletRequest request, HttpServletResponse response) {
    String value =
        String.join(".", Stream.concat(Stream.of(id, tag("device " + id)), tags.stream()).toList());
    ResponseCookie cookie =
        ResponseCookie.from(COOKIE, value)
            .path("/")
            .httpOnly(true)
            .sameSite("Lax")
            .secure(request.isSecure())
            .maxAge(KEPT)
            .build();
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
  }

  private String tag(@Nullable String id, long learner) {
    return tag("device " + id + " knows " + learner);
  }

  private String tag(String text) {
    return key.hmac(text).substring(0, TAG);
  }
}
