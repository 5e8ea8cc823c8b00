package bravium.server.json;

import bravium.core.codec.Codec;
import bravium.core.json.Format;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.jsontype.TypeSerializer;
import tools.jackson.databind.module.SimpleModule;

/** Hands the core's types, wherever they stand in a request or an answer, to the core's codec. */
@Configuration(proxyBeanMethods = false)
class CoreJson {

  @Bean
  JacksonModule coreModule() {
    SimpleModule module = new SimpleModule("bravium-core");
    Codec.ALL.forEach(format -> add(module, format));
    return module;
  }

  private static <T> void add(SimpleModule module, Format<T> format) {
    module.addSerializer(format.type(), new Writing<>(format));
    module.addDeserializer(format.type(), new Reading<>(format));
  }

  private static final class Writing<T> extends ValueSerializer<T> {

    private final Format<T> format;

    Writing(Format<T> format) {
      this.format = format;
    }

    @Override
    public void serialize(T value, JsonGenerator out, SerializationContext context) {
      out.writeRawValue(format.write(value));
    }

    /** The codec writes which kind a value is itself. */
    @Override
    public void serializeWithType(
        T value, JsonGenerator out, SerializationContext context, TypeSerializer kind) {
      serialize(value, out, context);
    }
  }

  private static final class Reading<T> extends ValueDeserializer<T> {

    private final Format<T> format;

    Reading(Format<T> format) {
      this.format = format;
    }

    @Override
    public T deserialize(JsonParser in, DeserializationContext context) {
      return format.read(in.readValueAsTree().toString());
    }
  }
}
