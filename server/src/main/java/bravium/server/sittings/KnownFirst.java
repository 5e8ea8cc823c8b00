package bravium.server.sittings;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Whoever brings no token that is known here is refused before anything of a move is read. */
@Configuration(proxyBeanMethods = false)
class KnownFirst implements WebMvcConfigurer {

  private final LearnerTokens tokens;

  KnownFirst(LearnerTokens tokens) {
    this.tokens = tokens;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry
        .addInterceptor(
            new HandlerInterceptor() {
              @Override
              public boolean preHandle(
                  HttpServletRequest request, HttpServletResponse response, Object handler) {
                tokens.require(Bearer.token(request));
                return true;
              }
            })
        .addPathPatterns("/api/play/*/moves");
  }
}
