package bravium.core.revision;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Difference;
import bravium.core.activity.Edit;
import bravium.core.games.wordhunt.Thing;
import bravium.core.games.wordhunt.WordHunt;
import bravium.core.question.Question;
import bravium.core.samples.Activities;
import bravium.core.samples.RandomActivities;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class RevisionsTest {

  private final Activity base = Activities.quiz(Activities.asWritten(null, 80), 3);

  @Test
  void whatOneSideDidIsNamedPartByPart() {
    Activity after =
        base.withTitlePage(base.titlePage().withTitle("More bees"))
            .withQuestions(
                List.of(
                    base.game().questions().get(0).switched(true),
                    base.game().questions().get(2),
                    Activities.question("q4", "a", "a", "b")));

    assertThat(Revisions.between(base, after))
        .containsExactlyInAnyOrder(
            new Difference("titlePage.title", null, null, Edit.SAME, Edit.CHANGED),
            new Difference("game.questions[q1]", "q1", 1, Edit.SAME, Edit.CHANGED),
            new Difference("game.questions[q2]", "q2", 2, Edit.SAME, Edit.REMOVED),
            new Difference("game.questions[q4]", "q4", 2, Edit.SAME, Edit.ADDED));
  }

  @Test
  void anotherOrderIsOneDifference() {
    Activity turned = base.withQuestions(base.game().questions().reversed());

    assertThat(Revisions.between(base, turned))
        .containsExactly(new Difference("game.questions", null, null, Edit.SAME, Edit.CHANGED));
  }

  @Test
  void anotherKindOfGameIsOneDifference() {
    Activity hunt = base.withGame(WordHunt.of(10, List.of(Thing.of("q1", "veil"))));
    List<Difference> found = Revisions.between(base, hunt);

    assertThat(found).containsExactly(new Difference("game", null, null, Edit.SAME, Edit.CHANGED));
    assertThat(Revisions.merge(base, hunt, List.of("game"))).isEqualTo(hunt);
    assertThat(Revisions.merge(base, hunt, List.of())).isEqualTo(base);
  }

  @Test
  void whatBothSidesChangedIsContested() {
    Activity mine = base.withTitlePage(base.titlePage().withTitle("Mine"));
    Activity theirs =
        base.withTitlePage(base.titlePage().withTitle("Theirs"))
            .withRules(base.rules().withWorth(5));

    List<Difference> found = Revisions.differences(base, mine, theirs);

    assertThat(found.stream().filter(Difference::contested).map(Difference::path))
        .containsExactly("titlePage.title");
    assertThat(found.stream().filter(d -> !d.contested()).map(Difference::path))
        .containsExactly("rules.worth");
  }

  @Test
  void aQuestionTakenFromTheOtherSideComesBehindTheOneBeforeItThere() {
    List<Question> theirs = new ArrayList<>(base.game().questions());
    theirs.add(1, Activities.question("q9", "a", "a", "b"));

    Activity merged =
        Revisions.merge(base, base.withQuestions(theirs), List.of("game.questions[q9]"));

    assertThat(merged.game().questions()).isEqualTo(theirs);
  }

  @Property(tries = 300)
  void takingNothingOrEverythingGivesOneSideOrTheOther(@ForAll long seed) {
    RandomActivities random = new RandomActivities(new Random(seed));
    Activity mine = random.any();
    Activity theirs = random.any();
    List<String> all =
        Revisions.differences(mine, mine, theirs).stream().map(Difference::path).toList();

    assertThat(Revisions.merge(mine, theirs, List.of())).isEqualTo(mine);
    assertThat(Revisions.merge(mine, theirs, all)).isEqualTo(theirs);
    assertThat(Revisions.between(mine, mine)).isEmpty();
  }

  /** Whatever is chosen, a part reads as on one of the sides: nothing is made up, nothing mixed. */
  @Property(tries = 300)
  void eachPartOfAMergeIsOfOneSide(@ForAll long seed) {
    Random chance = new Random(seed);
    RandomActivities random = new RandomActivities(chance);
    Activity mine = random.any();
    Activity theirs = random.any();
    List<String> chosen =
        Revisions.differences(mine, mine, theirs).stream()
            .map(Difference::path)
            .filter(path -> chance.nextBoolean())
            .toList();

    Activity merged = Revisions.merge(mine, theirs, chosen);

    assertThat(merged.game().questions())
        .allMatch(
            q -> mine.game().questions().contains(q) || theirs.game().questions().contains(q));
    assertThat(Revisions.between(mine, merged))
        .allMatch(d -> chosen.contains(d.path()) || d.path().equals("game.questions"));
  }
}
