package bravium.server.sittings;

import bravium.core.codec.Codec;
import bravium.core.json.Names;
import bravium.core.play.Happening;
import java.util.List;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * What a move brought about, with the names that things have for whoever made it.
 *
 * @param names hers
 */
@JsonSerialize(using = Happened.Writing.class)
public record Happened(List<Happening> happenings, Names names) {

  /** Written as the list of happenings itself. */
  static final class Writing extends ValueSerializer<Happened> {

    @Override
    public void serialize(Happened happened, JsonGenerator out, SerializationContext context) {
      out.writeRawValue(Codec.HAPPENING.writeList(happened.happenings, happened.names));
    }
  }
}
