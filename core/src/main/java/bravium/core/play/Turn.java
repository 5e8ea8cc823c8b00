package bravium.core.play;

import bravium.core.json.Root;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came of a move.
 *
 * @param sitting where the play stands now
 * @param happenings what came about, in order
 * @param refusal why the move was not taken; null if it was
 * @param repeated true if the move had been applied before and was not applied again
 */
@Root
public record Turn(
    Sitting sitting, List<Happening> happenings, @Nullable Refusal refusal, boolean repeated) {

  static Turn of(Sitting sitting, Happening... happenings) {
    return new Turn(sitting, List.of(happenings), null, false);
  }

  static Turn of(Sitting sitting, List<Happening> happenings) {
    return new Turn(sitting, List.copyOf(happenings), null, false);
  }

  static Turn refused(Sitting sitting, Refusal refusal) {
    return new Turn(sitting, List.of(), refusal, false);
  }
}
