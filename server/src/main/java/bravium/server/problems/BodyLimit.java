package bravium.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Refuses what is too large before any of it is read, and hands on a body that is read within its
 * time and its share of the memory: see {@link BoundedBody}. Who it is that sends is looked at
 * before the first byte is read, for a body is read last.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

  /** What most requests carry: a few words, a mark, a move. */
  private static final int USUAL = 64 << 10;

  /** How much a request at such an address may carry, in bytes; the first that fits decides. */
  private static final List<Limit> LIMITS =
      List.of(
          limit("/api/session/**", 4 << 10),
          limit("/api/links/**", 4 << 10),
          limit("/api/join/**", 4 << 10),
          limit("/api/teachers/**", 4 << 10),
          limit("/api/media", 20 << 20),
          limit("/api/uploads/*", 4 << 20),
          limit("/api/activities/files", 200 << 20),
          limit("/api/questions/pasted", 10 << 20),
          limit("/api/questions/understood", 4 << 20),
          limit("/api/activities", 4 << 20),
          limit("/api/activities/{id}", 4 << 20),
          limit("/api/sittings/*/pages/*", 3 << 20),
          limit("/api/classes/*/learners/*", 1 << 20),
          limit("/api/classes/*/learners", 1 << 20));

  private final ProblemWriter problems;
  private final BodyMemory memory;

  BodyLimit(ProblemWriter problems, BodyMemory memory) {
    this.problems = problems;
    this.memory = memory;
  }

  private record Limit(PathPattern path, int bytes) {}

  private static Limit limit(String path, int bytes) {
    return new Limit(PathPatternParser.defaultInstance.parse(path), bytes);
  }

  private static int most(HttpServletRequest request) {
    PathContainer path = PathContainer.parsePath(request.getRequestURI());
    return LIMITS.stream()
        .filter(limit -> limit.path.matches(path))
        .findFirst()
        .map(Limit::bytes)
        .orElse(USUAL);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    int most = most(request);
    if (request.getContentLengthLong() > most) {
      problems.write(
          response,
          HttpStatus.CONTENT_TOO_LARGE,
          "too-large",
          "This is larger than the "
              + size(most)
              + " that are taken at once. Make it smaller, then try again. Nothing was changed.");
    } else if (request.getHeader("Transfer-Encoding") != null) {
      problems.write(
          response,
          HttpStatus.LENGTH_REQUIRED,
          "length-missing",
          "Say with Content-Length how long this is. Nothing was changed.");
    } else if (isNoType(request.getContentType())) {
      problems.write(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "no-such-type",
          "What Content-Type says is no kind of content. Nothing was changed.");
    } else if (wantsNoType(request)) {
      problems.write(
          response,
          HttpStatus.NOT_ACCEPTABLE,
          "no-such-type",
          "What Accept asks for is no kind of content. Nothing was changed.");
    } else if (isForm(request)) {
      problems.write(
          response,
          HttpStatus.UNSUPPORTED_MEDIA_TYPE,
          "form",
          "Forms are not understood here: a file is sent as it is, everything else as JSON. Nothing"
              + " was changed.");
    } else if (request.getContentLengthLong() <= 0) {
      chain.doFilter(request, response);
    } else {
      try (BoundedBody body = new BoundedBody(request, memory)) {
        chain.doFilter(body, response);
      }
    }
  }

  private static boolean isNoType(@Nullable String type) {
    try {
      return type != null && !MediaType.parseMediaType(type).isConcrete();
    } catch (InvalidMediaTypeException e) {
      return true;
    }
  }

  /** What can't be read as a wish would leave a refusal without words. */
  private static boolean wantsNoType(HttpServletRequest request) {
    try {
      MediaType.parseMediaTypes(Collections.list(request.getHeaders(HttpHeaders.ACCEPT)));
      return false;
    } catch (InvalidMediaTypeException e) {
      return true;
    }
  }

  /** A form would be read, and kept, before anybody asked for it. */
  private static boolean isForm(HttpServletRequest request) {
    String type = String.valueOf(request.getContentType()).strip().toLowerCase(Locale.ROOT);
    return type.startsWith("multipart/") || type.startsWith("application/x-www-form-urlencoded");
  }

  private static String size(int bytes) {
    return bytes >= 1 << 20 ? (bytes >> 20) + " MB" : (bytes >> 10) + " KB";
  }
}
