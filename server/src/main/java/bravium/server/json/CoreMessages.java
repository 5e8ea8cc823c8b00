package bravium.server.json;

import bravium.core.codec.Codec;
import bravium.core.json.Format;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.HttpOutputMessage;
import org.springframework.http.MediaType;
import org.springframework.http.converter.AbstractHttpMessageConverter;
import org.springframework.http.converter.HttpMessageConverters;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.databind.json.JsonMapper;

/**
 * A body that is one of the core's types goes to the core's codec as it came, so that whatever is
 * wrong in it is named by its path.
 */
@Configuration(proxyBeanMethods = false)
class CoreMessages implements WebMvcConfigurer {

  /** Up to this size, in bytes, JSON is read at once: a move, a mark. */
  static final int SMALL = 8 << 10;

  private final LongWork texts;
  private final JsonMapper mapper;

  CoreMessages(@Qualifier(Pools.TEXTS) LongWork texts, JsonMapper mapper) {
    this.texts = texts;
    this.mapper = mapper;
  }

  @Override
  public void configureMessageConverters(HttpMessageConverters.ServerBuilder builder) {
    builder.addCustomConverter(new Converter(texts));
    builder.withJsonConverter(new LargeJson(mapper, texts));
  }

  private static final class Converter extends AbstractHttpMessageConverter<Object> {

    private static final Map<Class<?>, Format<?>> FORMATS =
        Codec.ALL.stream().collect(Collectors.toMap(Format::type, Function.identity()));

    private final LongWork texts;

    Converter(LongWork texts) {
      super(StandardCharsets.UTF_8, MediaType.APPLICATION_JSON);
      this.texts = texts;
    }

    @Override
    protected boolean supports(Class<?> type) {
      return FORMATS.containsKey(type);
    }

    @Override
    protected Object readInternal(Class<?> type, HttpInputMessage in) throws IOException {
      byte[] body = in.getBody().readAllBytes();
      return body.length <= SMALL ? read(type, body) : texts.run(() -> read(type, body));
    }

    private static Object read(Class<?> type, byte[] body) {
      return FORMATS.get(type).read(new String(body, StandardCharsets.UTF_8));
    }

    @Override
    protected void writeInternal(Object value, HttpOutputMessage out) throws IOException {
      out.getBody().write(write(FORMATS.get(value.getClass()), value));
    }

    @SuppressWarnings("unchecked")
    private static <T> byte[] write(Format<T> format, Object value) {
      return format.write((T) value).getBytes(StandardCharsets.UTF_8);
    }
  }
}
