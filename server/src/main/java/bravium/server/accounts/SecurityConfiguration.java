package bravium.server.accounts;

import bravium.server.problems.ProblemWriter;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.time.Clock;
import java.time.ZoneOffset;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * Who may do what. A teacher's requests carry her session's cookie and, where they change
 * something, a CSRF token; a learner's carry the token of her own play and no cookie.
 */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

  private static final String[] LEARNERS = {"/api/links/**", "/api/play/**", "/api/join/**"};

  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data: blob:; media-src 'self' blob:; object-src 'none'; base-uri 'none';"
          + " form-action 'self'; frame-ancestors 'none'";

  /** Nothing here looks or asks where it is; a teacher may record a sound. */
  private static final String PERMISSIONS =
      "camera=(), geolocation=(), microphone=(self), payment=(), usb=()";

  @Bean
  SecurityFilterChain security(
      HttpSecurity http, TeacherSessions sessions, Covers covers, ProblemWriter problems) {
    http.csrf(
            csrf -> csrf.spa().csrfTokenRepository(csrfTokens()).ignoringRequestMatchers(LEARNERS))
        .securityContext(context -> context.securityContextRepository(sessions))
        .sessionManagement(
            management -> management.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .requestCache(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(permissions -> permissions.policy(PERMISSIONS)))
        .authorizeHttpRequests(
            paths ->
                paths
                    // A stream that ends is not asked again who may read it.
                    .dispatcherTypeMatchers(DispatcherType.ASYNC)
                    .permitAll()
                    .requestMatchers("/api/session/password")
                    .hasAuthority(SignedIn.TEACHER)
                    .requestMatchers("/api/session", "/api/session/*")
                    .permitAll()
                    .requestMatchers(LEARNERS)
                    .permitAll()
                    .requestMatchers("/api/**")
                    .access(
                        (who, asked) -> new AuthorizationDecision(may(who.get(), asked, covers)))
                    .requestMatchers("/actuator/**")
                    .access(
                        (who, asked) ->
                            new AuthorizationDecision(
                                isKeeper(who.get()) || isFromHere(asked.getRequest())))
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            handling ->
                handling
                    .authenticationEntryPoint(
                        (request, response, e) ->
                            problems.write(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "signed-out",
                                "You are not signed in, or your session has ended. Sign in, then"
                                    + " try again; what was saved before is safe."))
                    .accessDeniedHandler(
                        (request, response, e) -> refuse(request, response, e, problems)));
    return http.build();
  }

  /** A teacher whatever she likes, within what is hers; a cover what a cover may. */
  private static boolean may(Authentication who, RequestAuthorizationContext asked, Covers covers) {
    HttpServletRequest request = asked.getRequest();
    return who instanceof SignedIn known
        && (known.cover() == null
            || covers.allows(known.cover(), request.getMethod(), request.getServletPath()));
  }

  /** Its cookie is sent with our own pages' requests alone. */
  private static CookieCsrfTokenRepository csrfTokens() {
    CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
    tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
    return tokens;
  }

  private static boolean isKeeper(Authentication who) {
    return who instanceof SignedIn known
        && known.cover() == null
        && known.getPrincipal().isKeeper();
  }

  /** From this computer itself, and not through a proxy on it. */
  private static boolean isFromHere(HttpServletRequest request) {
    boolean forwarded =
        request.getHeader("Forwarded") != null || request.getHeader("X-Forwarded-For") != null;
    return !forwarded && InetAddress.ofLiteral(request.getRemoteAddr()).isLoopbackAddress();
  }

  private static void refuse(
      HttpServletRequest request,
      HttpServletResponse response,
      AccessDeniedException reason,
      ProblemWriter problems)
      throws IOException {
    boolean covers = request.getUserPrincipal() instanceof SignedIn who && who.cover() != null;
    if (covers && !(reason instanceof CsrfException)) {
      problems.write(
          response,
          HttpStatus.FORBIDDEN,
          "covers-only",
          "Who covers for a day presents and watches; this is for the teacher of the class alone."
              + " Nothing was changed.");
    } else {
      problems.write(
          response,
          HttpStatus.FORBIDDEN,
          "not-from-here",
          "This did not come from the page you opened here. Nothing was changed. Reload the page"
              + " and try again.");
    }
  }

  /** Nobody signs in by a manager: its presence keeps Boot from inventing a user. */
  @Bean
  AuthenticationManager noManager() {
    return authentication -> {
      throw new BadCredentialsException("not here");
    };
  }

  /** In whole milliseconds, as the database keeps them. */
  @Bean
  Clock clock() {
    return Clock.tickMillis(ZoneOffset.UTC);
  }
}
