package bravium.server.problems;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.context.annotation.Bean;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says what is refused before or behind the controllers as a problem detail, too. */
@RestController
class OtherErrors implements ErrorController {

  @RequestMapping("${server.error.path:/error}")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatusCode code =
        HttpStatusCode.valueOf(
            status instanceof Integer known ? known : HttpStatus.NOT_FOUND.value());
    return ResponseEntity.status(code)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(detail(code));
  }

  /** A problem of which nothing is known but its status. */
  static ProblemDetail detail(HttpStatusCode code) {
    HttpStatus status = HttpStatus.resolve(code.value());
    return Problem.detail(
        status == null ? HttpStatus.BAD_REQUEST : status,
        "not-understood",
        code.is5xxServerError()
            ? "Something went wrong on the server. What was saved before is safe."
            : "This request is not one that is understood here. Nothing was changed.");
  }

  @Bean
  static WebServerFactoryCustomizer<TomcatServletWebServerFactory> inWords() {
    return tomcat ->
        tomcat.addContextCustomizers(
            context -> {
              if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(RefusedByTomcat.class.getName());
              }
            });
  }
}
