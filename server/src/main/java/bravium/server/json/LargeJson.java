package bravium.server.json;

import bravium.server.limits.LongWork;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.ResolvableType;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import tools.jackson.databind.json.JsonMapper;

/** Reads JSON; what is large is understood by the threads that are there for long work. */
final class LargeJson extends JacksonJsonHttpMessageConverter {

  private final LongWork texts;

  LargeJson(JsonMapper mapper, LongWork texts) {
    super(mapper);
    this.texts = texts;
  }

  @Override
  public Object read(ResolvableType type, HttpInputMessage in, @Nullable Map<String, Object> hints)
      throws IOException {
    // Whoever sends slowly is waited for here, where nobody else is kept by it.
    byte[] body = in.getBody().readAllBytes();
    HttpInputMessage there = new Arrived(body, in.getHeaders());
    return body.length <= CoreMessages.SMALL
        ? super.read(type, there, hints)
        : texts.run(() -> super.read(type, there, hints));
  }

  private record Arrived(byte[] body, HttpHeaders headers) implements HttpInputMessage {

    @Override
    public InputStream getBody() {
      return new ByteArrayInputStream(body);
    }

    @Override
    public HttpHeaders getHeaders() {
      return headers;
    }
  }
}
