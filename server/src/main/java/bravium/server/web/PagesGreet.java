package bravium.server.web;

import bravium.server.limits.Devices;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Whoever opens a page in a browser is told apart from others behind the same address. */
@Component
class PagesGreet extends OncePerRequestFilter {

  private final Devices devices;

  PagesGreet(Devices devices) {
    this.devices = devices;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String accepted = request.getHeader(HttpHeaders.ACCEPT);
    return !"GET".equals(request.getMethod())
        || accepted == null
        || !accepted.contains(MediaType.TEXT_HTML_VALUE)
        || request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    devices.greet(request, response);
    chain.doFilter(request, response);
  }
}
