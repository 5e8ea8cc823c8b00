package bravium.core.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.json.Extra;
import bravium.core.measure.PartsOfWhole;
import bravium.core.question.Figure.FigureShape;
import bravium.core.question.FractionTask.FractionAsk;
import bravium.core.question.FractionTask.FractionForm;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.NullSource;

class FractionTaskTest {

  @Example
  void aFractionIsNamedInAnyWayThatIsEqual() {
    FractionTask task = naming(Figure.of(FigureShape.CIRCLE, 8, 6), null);

    assertThat(List.of("6/8", "3/4", "0.75", "75 %", "¾", " 3 / 4 "))
        .allSatisfy(text -> assertThat(right(task, text)).isTrue());
    assertThat(List.of("2/8", "6", "4/3", "three quarters"))
        .allSatisfy(text -> assertThat(right(task, text)).isFalse());
  }

  @Example
  void orAsItIsAskedFor() {
    FractionTask shaded = naming(Figure.of(FigureShape.BAR, 8, 6), FractionForm.AS_SHADED);
    FractionTask lowest = naming(Figure.of(FigureShape.BAR, 8, 6), FractionForm.LOWEST_TERMS);

    assertThat(right(shaded, "6/8")).isTrue();
    assertThat(right(shaded, "3/4")).isFalse();
    assertThat(right(shaded, "¾")).isFalse();
    assertThat(right(lowest, "3/4")).isTrue();
    assertThat(right(lowest, "6/8")).isFalse();
  }

  @Example
  void wholesWithoutPartsAreNamedByANumber() {
    FractionTask lowest = naming(Figure.of(FigureShape.BAR, 4, 4), FractionForm.LOWEST_TERMS);
    FractionTask shaded = naming(Figure.of(FigureShape.BAR, 1, 1), FractionForm.AS_SHADED);

    assertThat(right(lowest, "1")).isTrue();
    assertThat(right(lowest, "4/4")).isFalse();
    assertThat(right(shaded, "1")).isTrue();
    assertThat(right(shaded, "1/1")).isTrue();
  }

  @ParameterizedTest
  @NullSource
  @EnumSource
  void whatIsShownAsRightIsRightInEveryForm(@Nullable FractionForm form) {
    for (int parts = 1; parts <= PartsOfWhole.MOST; parts++) {
      for (int wholes = 1; wholes <= 3; wholes++) {
        for (int over = 0; over <= parts * wholes; over++) {
          Figure figure =
              new Figure(
                  FigureShape.CIRCLE,
                  parts,
                  wholes,
                  null,
                  IntStream.range(0, over).boxed().toList());
          FractionTask task = naming(figure, form);

          assertThat(right(task, task.rightResponse().orElseThrow())).as("%s", task).isTrue();
          assertThat(right(task, task.wrongResponse().orElseThrow())).as("%s", task).isFalse();
        }
      }
    }
  }

  @Example
  void severalWholesAreNamedAsMixedNumbers() {
    Figure figure =
        new Figure(FigureShape.CIRCLE, 8, 2, null, IntStream.range(0, 11).boxed().toList());
    FractionTask task = naming(figure, null);

    assertThat(List.of("11/8", "1 3/8", "1⅜", "1.375"))
        .allSatisfy(text -> assertThat(right(task, text)).isTrue());
    assertThat(task.asked().plain()).isEqualTo("How much is shaded?");
    assertThat(task.answer()).isEqualTo("One and three eighths circles are shaded.");
  }

  @Example
  void whichPartsAreShadedDoesNotMatter() {
    FractionTask task = of(FractionAsk.SHADE, Figure.of(FigureShape.RECTANGLE, 6, 2), null, false);

    assertThat(task.asked().plain()).isEqualTo("Shade two sixths of the rectangle.");
    assertThat(task.shown())
        .containsExactly(new Figure(FigureShape.RECTANGLE, 6, null, null, List.of()));
    assertThat(right(task, new Response.Shaded(6, List.of(5, 1)))).isTrue();
    assertThat(right(task, new Response.Shaded(6, List.of(1)))).isFalse();
    assertThat(task.takes(new Response.Shaded(3, List.of(1)))).isFalse();
    assertThat(task.takes(new Response.Shaded(6, List.of(6)))).isFalse();
    assertThat(task.takes(new Response.Shaded(6, List.of(1, 1)))).isFalse();
  }

  @Example
  void whoCutsCanTakeAnyCutThatShowsIt() {
    FractionTask task = of(FractionAsk.SHADE, Figure.of(FigureShape.CIRCLE, 6, 2), null, true);

    assertThat(right(task, new Response.Shaded(3, List.of(2)))).isTrue();
    assertThat(right(task, new Response.Shaded(24, IntStream.range(0, 8).boxed().toList())))
        .isTrue();
    assertThat(task.takes(new Response.Shaded(25, List.of()))).isFalse();
    assertThat(task.takes(new Response.Shaded(0, List.of()))).isFalse();
  }

  @Example
  void anEqualFractionIsShownByAnotherCut() {
    FractionTask task =
        of(
            FractionAsk.EQUAL,
            Figure.of(FigureShape.BAR, 4, 3),
            Figure.of(FigureShape.BAR, 8, 0),
            false);
    FractionTask impossible =
        of(
            FractionAsk.EQUAL,
            Figure.of(FigureShape.BAR, 4, 3),
            Figure.of(FigureShape.BAR, 5, 0),
            false);
    FractionTask own =
        of(
            FractionAsk.EQUAL,
            Figure.of(FigureShape.BAR, 4, 3),
            Figure.of(FigureShape.BAR, 5, 0),
            true);

    assertThat(right(task, task.rightResponse().orElseThrow())).isTrue();
    assertThat(task.rightResponse().orElseThrow())
        .isEqualTo(new Response.Shaded(8, List.of(0, 1, 2, 3, 4, 5)));
    assertThat(impossible.complete()).isFalse();
    assertThat(right(own, new Response.Shaded(12, IntStream.range(0, 9).boxed().toList())))
        .isTrue();
    // The same figure once more is no other way to show it.
    assertThat(right(own, new Response.Shaded(4, List.of(0, 1, 2)))).isFalse();
  }

  @Property(tries = 200)
  void twoFiguresAreComparedByTheirValue(
      @ForAll @IntRange(min = 1, max = 24) int one,
      @ForAll @IntRange(min = 1, max = 24) int other,
      @ForAll @IntRange(max = 24) int shaded,
      @ForAll @IntRange(max = 24) int beside) {
    Figure first = Figure.of(FigureShape.CIRCLE, one, Math.min(one, shaded));
    Figure second = Figure.of(FigureShape.CIRCLE, other, Math.min(other, beside));
    FractionTask task = of(FractionAsk.COMPARE, first, second, false);
    FractionFacts facts = FractionFacts.of(task);

    String relation = ((Response.Picked) task.rightResponse().orElseThrow()).option();
    int inFirst = facts.shaded().over() * (facts.commonCut() / one);
    int inSecond = facts.beside().over() * (facts.commonCut() / other);
    assertThat(relation)
        .isEqualTo(inFirst < inSecond ? "less" : inFirst == inSecond ? "same" : "more");
    assertThat(task.mark(task.wrongResponse().orElseThrow()).full()).isFalse();
  }

  @Example
  void whatTheTeacherWritesIsAsked() {
    FractionTask own =
        naming(Figure.of(FigureShape.SET, 12, 3), null)
            .with(Basics.of("q", "How much of the honey is capped?", Feedback.USUAL));

    assertThat(own.asked().plain()).isEqualTo("How much of the honey is capped?");
    assertThat(own.answer()).isEqualTo("Three twelfths of the set is shaded.");
    assertThat(naming(Figure.of(FigureShape.CIRCLE, 8, 3), null).asked().plain())
        .isEqualTo("What fraction of the circle is shaded?");
  }

  @Example
  void aFigureHasOneToTwentyFourParts() {
    assertThatThrownBy(() -> Figure.of(FigureShape.CIRCLE, 0, 0))
        .hasMessage("a figure is cut into 1 to 24 parts, not 0");
    assertThatThrownBy(() -> Figure.of(FigureShape.CIRCLE, 25, 0))
        .hasMessage("a figure is cut into 1 to 24 parts, not 25");
    assertThatThrownBy(() -> Figure.of(FigureShape.CIRCLE, 4, 5))
        .hasMessageContaining("from 0 to 3");
    assertThat(Figure.of(FigureShape.CIRCLE, 24, 24).fraction())
        .isEqualTo(new PartsOfWhole(24, 24));
  }

  private static boolean right(FractionTask task, String text) {
    return right(task, new Response.Typed(text));
  }

  private static boolean right(FractionTask task, Response response) {
    assertThat(task.takes(response)).isTrue();
    return task.mark(response).full();
  }

  private static FractionTask naming(Figure figure, FractionForm form) {
    return new FractionTask(
        Basics.of("q", "", Feedback.USUAL),
        FractionAsk.NAME,
        figure,
        null,
        form,
        false,
        Extra.NONE);
  }

  private static FractionTask of(FractionAsk task, Figure figure, Figure other, boolean ownCut) {
    return new FractionTask(
        Basics.of("q", "", Feedback.USUAL), task, figure, other, null, ownCut, Extra.NONE);
  }
}
