package bravium.server.problems;

import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import tools.jackson.databind.json.JsonMapper;

/**
 * Says as a problem detail what Tomcat itself refuses: an address or a header that is none, for
 * instance. Tomcat makes it by its name.
 */
public final class RefusedByTomcat extends ErrorReportValve {

  private static final JsonMapper JSON = new JsonMapper();

  @Override
  protected void report(Request request, Response response, Throwable thrown) {
    int status = response.getStatus();
    if (status < HttpStatus.BAD_REQUEST.value()
        || response.getContentWritten() > 0
        || !response.setErrorReported()) {
      return;
    }
    try {
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setCharacterEncoding(StandardCharsets.UTF_8.name());
      Writer out = response.getReporter();
      if (out != null) {
        out.write(JSON.writeValueAsString(OtherErrors.detail(HttpStatusCode.valueOf(status))));
        response.finishResponse();
      }
    } catch (IOException | IllegalStateException e) {
      // Whoever asked has gone.
    }
  }
}
