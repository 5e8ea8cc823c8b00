package bravium.core.question;

import bravium.core.measure.PartsOfWhole;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What follows from a figure.
 *
 * @param shaded the fraction in the parts of the figure
 * @param lowest in lowest terms
 * @param equivalents as other cuts show it
 * @param wholes the wholes in it
 * @param rest what is left beside them, in lowest terms
 * @param decimal as a decimal number, with dots above the digits that recur
 * @param percent in per cent, likewise and without the sign
 * @param sentence the answer as a sentence
 * @param beside the fraction of the figure beside it, where the two are compared; else null
 * @param commonCut the fewest parts that show both; of one figure its own
 */
public record FractionFacts(
    PartsOfWhole shaded,
    PartsOfWhole lowest,
    List<PartsOfWhole> equivalents,
    int wholes,
    PartsOfWhole rest,
    String decimal,
    String percent,
    String sentence,
    @Nullable PartsOfWhole beside,
    int commonCut) {

  /** What follows from the figure of a task. */
  public static FractionFacts of(FractionTask task) {
    PartsOfWhole fraction = task.fraction();
    boolean compared = task.task() == FractionTask.FractionAsk.COMPARE;
    PartsOfWhole beside = compared ? task.beside().fraction() : null;
    return new FractionFacts(
        fraction,
        fraction.inLowestTerms(),
        fraction.equivalents(),
        fraction.wholes(),
        fraction.rest(),
        fraction.decimal().text(),
        fraction.percent().text(),
        task.answer(),
        beside,
        beside == null ? fraction.under() : fraction.commonCut(beside));
  }
}
