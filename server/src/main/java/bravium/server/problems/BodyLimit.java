package bravium.server.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses what is too large before any of it is read. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimit extends OncePerRequestFilter {

  private static final long MOST_BYTES = 4L * 1024 * 1024;

  private final ProblemWriter problems;

  BodyLimit(ProblemWriter problems) {
    this.problems = problems;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getContentLengthLong() > MOST_BYTES) {
      problems.write(
          response,
          HttpStatus.CONTENT_TOO_LARGE,
          "too-large",
          "This is larger than the 4 MB that are taken at once. Nothing was changed.");
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
