package bravium.server.sittings;

import bravium.core.codec.Codec;
import bravium.core.json.Names;
import bravium.core.play.showing.Showing;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * What is shown to whoever plays, with the names that things have for her. It is written once.
 *
 * @param names hers
 */
@JsonSerialize(using = Shown.Writing.class)
public record Shown(Showing showing, Names names) {

  /** With the names that things have everywhere: for the teacher, whose they are. */
  static Shown asItIs(Showing showing) {
    return new Shown(showing, Names.AS_THEY_ARE);
  }

  /** Written as the showing itself. */
  static final class Writing extends ValueSerializer<Shown> {

    @Override
    public void serialize(Shown shown, JsonGenerator out, SerializationContext context) {
      out.writeRawValue(Codec.SHOWING.write(shown.showing, shown.names));
    }
  }
}
