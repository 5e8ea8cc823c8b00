package bravium.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses what is too large before any of it is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

  /** The paths that take larger bodies, and how many megabytes. */
  private static final Map<String, Integer> LARGER =
      Map.of("/api/media", 20, "/api/activities/files", 200, "/api/questions/pasted", 10);

  private static final int MOST_MEGABYTES = 4;

  private final ProblemWriter problems;

  BodyLimit(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    int most = LARGER.getOrDefault(request.getRequestURI(), MOST_MEGABYTES);
    if (request.getContentLengthLong() > (long) most << 20) {
      problems.write(
          response,
          HttpStatus.CONTENT_TOO_LARGE,
          "too-large",
          "This is larger than the "
              + most
              + " MB that are taken at once. Make it smaller, then try again. Nothing was changed.");
    } else if (request.getHeader("Transfer-Encoding") != null) {
      problems.write(
          response,
          HttpStatus.LENGTH_REQUIRED,
          "length-missing",
          "Say with Content-Length how long this is. Nothing was changed.");
    } else {
      chain.doFilter(request, response);
    }
  }
}
