package bravium.core.play;

import java.util.ArrayList;
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
public record Turn(
    Sitting sitting, List<Happening> happenings, @Nullable Refusal refusal, boolean repeated) {

  /** A move that was taken. */
  public static Turn of(Sitting sitting, Happening... happenings) {
    return new Turn(sitting, List.of(happenings), null, false);
  }

  /** A move that was taken. */
  public static Turn of(Sitting sitting, List<Happening> happenings) {
    return new Turn(sitting, List.copyOf(happenings), null, false);
  }

  /** A move that was not taken: the sitting is as it was. */
  public static Turn refused(Sitting sitting, Refusal refusal) {
    return new Turn(sitting, List.of(), refusal, false);
  }

  /** The same with what came about before it; as it is if it was refused. */
  public Turn after(List<Happening> before) {
    if (before.isEmpty() || refusal != null) {
      return this;
    }
    List<Happening> all = new ArrayList<>(before);
    all.addAll(happenings);
    return new Turn(sitting, List.copyOf(all), null, repeated);
  }
}
