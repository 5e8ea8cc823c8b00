package bravium.server.sittings;

import bravium.core.codec.Codec;
import bravium.core.play.showing.Showing;
import java.util.function.UnaryOperator;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.annotation.JsonSerialize;

/**
 * What is shown to whoever plays, with the names that media have in her play. It is written once.
 *
 * @param names from the name of a medium to the one in her play
 */
@JsonSerialize(using = Shown.Writing.class)
public record Shown(Showing showing, UnaryOperator<String> names) {

  /** With the names that media have everywhere: for the teacher, whose media they are. */
  static Shown asItIs(Showing showing) {
    return new Shown(showing, UnaryOperator.identity());
  }

  /** Written as the showing itself. */
  static final class Writing extends ValueSerializer<Shown> {

    @Override
    public void serialize(Shown shown, JsonGenerator out, SerializationContext context) {
      out.writeRawValue(Codec.SHOWING.write(shown.showing, shown.names));
    }
  }
}
