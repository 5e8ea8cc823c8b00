package bravium.server.problems;

import java.io.IOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import tools.jackson.databind.json.JsonMapper;

/**
 * Says as a problem detail what Tomcat itself refuses: an address or a header that is none, for
 * instance. Tomcat makes it by its name.
 */
public final class RefusedByTomcat extends ErrorReportValve {

  private static final JsonMapper JSON = new JsonMapper();

  /** An encoding or a version of HTTP that Tomcat doesn't know: 501 and 505. */
  private static final Set<Integer> NOT_HERE =
      Set.of(HttpStatus.NOT_IMPLEMENTED.value(), HttpStatus.HTTP_VERSION_NOT_SUPPORTED.value());

  @Override
  protected void report(Request request, Response response, Throwable thrown) {
    int status = response.getStatus();
    if (status < HttpStatus.BAD_REQUEST.value()
        || response.getContentWritten() > 0
        || !response.setErrorReported()) {
      return;
    }
    if (NOT_HERE.contains(status) && !response.isCommitted()) {
      // The server is well: it is the request that asks for what nobody offers here.
      status = HttpStatus.BAD_REQUEST.value();
      response.setStatus(status);
    }
    try {
      response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
      response.setCharacterEncoding(StandardCharsets.UTF_8.name());
      Writer out = response.getReporter();
      if (out != null) {
        ProblemDetail detail = OtherErrors.detail(HttpStatusCode.valueOf(status));
        Map<String, Object> members = new LinkedHashMap<>();
        members.put("title", detail.getTitle());
        members.put("status", status);
        members.put("detail", detail.getDetail());
        members.putAll(detail.getProperties());
        out.write(JSON.writeValueAsString(members));
        response.finishResponse();
      }
    } catch (IOException | IllegalStateException e) {
      // Whoever asked has gone.
    }
  }
}
