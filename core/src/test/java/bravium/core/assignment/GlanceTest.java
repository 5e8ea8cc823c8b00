package bravium.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import bravium.core.activity.Activity;
import bravium.core.assignment.Glance.CellMark;
import bravium.core.assignment.Glance.GlanceCell;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Review;
import bravium.core.question.Basics;
import bravium.core.question.Discussion;
import bravium.core.question.Feedback;
import bravium.core.question.Information;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomHunts;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomReveals;
import bravium.core.samples.RandomVideos;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Games at a glance. */
class GlanceTest {

  private static Review played(Activity activity, String... answers) {
    Player player = new Player(activity);
    player.start();
    player.pickInTurn(answers);
    return Plays.review(activity, player.sitting(), 99_000);
  }

  @Example
  void itemsStandAcrossAndEachCellSaysHowItCameOut() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 50), 3);
    Prepared game = Games.prepared(activity);

    Glance glance =
        Glance.of(game, List.of(played(activity, "a", "b", "a"), played(activity, "a")), Set.of());

    assertThat(glance.columns())
        .extracting(Glance.GlanceColumn::id)
        .containsExactly("q1", "q2", "q3");
    assertThat(glance.columns()).extracting(Glance.GlanceColumn::settled).containsExactly(2, 1, 1);
    assertThat(glance.columns()).extracting(Glance.GlanceColumn::right).containsExactly(2, 0, 1);
    assertThat(glance.rows().getFirst().cells())
        .extracting(GlanceCell::mark)
        .containsExactly(CellMark.RIGHT, CellMark.WRONG, CellMark.RIGHT);
    assertThat(glance.rows().get(1).cells())
        .extracting(GlanceCell::mark)
        .containsExactly(CellMark.RIGHT, CellMark.NONE, CellMark.NONE);
    assertThat(glance.rows()).extracting(Glance.GlanceRow::points).containsExactly(20, 10);
    assertThat(glance.rows()).extracting(Glance.GlanceRow::won).containsExactly(true, null);
  }

  @Example
  void gamesOfThoseWhoAreExcusedStandThereAndAreInNoSum() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 50), 3);

    Glance glance =
        Glance.of(
            Games.prepared(activity),
            List.of(played(activity, "a", "b", "a"), played(activity, "a", "a", "b")),
            Set.of(0));

    assertThat(glance.rows()).hasSize(2);
    assertThat(glance.columns()).extracting(Glance.GlanceColumn::settled).containsExactly(1, 1, 1);
    assertThat(glance.columns()).extracting(Glance.GlanceColumn::right).containsExactly(1, 1, 0);
  }

  @Example
  void whereNobodyHasPlayedAllItemsStandThereAllTheSame() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 50), 3);

    Glance glance = Glance.of(Games.prepared(activity), List.of(), Set.of());

    assertThat(glance.columns()).hasSize(3);
    assertThat(glance.columns()).allMatch(column -> column.settled() == 0);
    assertThat(glance.rows()).isEmpty();
  }

  /** The same numbers as on the sheet: cards and what is switched off are no questions there. */
  @Example
  void columnsHaveTheNumbersThatTheSheetHas() {
    Activity activity =
        Activities.quiz(
            Activities.asWritten(null, 50),
            List.of(
                new Information(Basics.of("card", "Bees dance", Feedback.USUAL), Extra.NONE),
                Activities.question("q1", "a", "a", "b"),
                Activities.question("off", "a", "a", "b").switched(true),
                new Discussion(Basics.of("talk", "Why?", Feedback.USUAL), Extra.NONE),
                Activities.question("q2", "a", "a", "b")));

    Glance glance = Glance.of(Games.prepared(activity), List.of(), Set.of());

    assertThat(glance.columns())
        .extracting(Glance.GlanceColumn::id, Glance.GlanceColumn::number)
        .containsExactly(tuple("q1", 1), tuple("talk", 2), tuple("q2", 3));
  }

  /** What an earlier version asked keeps its column. */
  @Example
  void whatOnlyAnEarlierVersionHadComesLast() {
    Activity three = Activities.quiz(Activities.asWritten(null, 50), 3);
    Activity one =
        three.withGame(three.game().withQuestions(three.game().questions().subList(1, 2)));

    Glance glance = Glance.of(Games.prepared(one), List.of(played(three, "a", "a", "a")), Set.of());

    assertThat(glance.columns())
        .extracting(Glance.GlanceColumn::id)
        .containsExactly("q2", "q1", "q3");
    assertThat(glance.columns())
        .extracting(Glance.GlanceColumn::number)
        .as("what is not asked any more has none")
        .containsExactly(1, null, null);
  }

  /** In every game, whatever is done, the cells add up to what the game brought. */
  @Property(tries = 300)
  void theCellsAddUpToWhatTheGameBrought(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity =
        switch (random.nextInt(4)) {
          case 2 -> new RandomVideos(random).any();
          case 0 -> new RandomReveals(random).any();
          case 1 -> new RandomHunts(random).any();
          default -> new RandomActivities(random).any();
        };
    Prepared game = Games.prepared(activity);
    List<Review> reviews = new ArrayList<>();
    for (int learner = 0; learner < 3; learner++) {
      Sitting sitting = Engine.open(game, new Opening("s" + learner, 0, false));
      RandomMoves moves = new RandomMoves(random);
      for (int i = random.nextInt(30); i > 0; i--) {
        sitting = Engine.play(game, sitting, moves.next(activity, sitting), 30 - i).sitting();
      }
      reviews.add(Review.of(game, sitting, 99));
    }

    Set<Integer> excused =
        IntStream.range(0, 3)
            .filter(place -> random.nextInt(3) == 0)
            .boxed()
            .collect(Collectors.toSet());
    Glance glance = Glance.of(game, reviews, excused);

    for (int column = 0; column < glance.columns().size(); column++) {
      int right = 0;
      for (int learner = 0; learner < 3; learner++) {
        CellMark mark = glance.rows().get(learner).cells().get(column).mark();
        right += !excused.contains(learner) && mark == CellMark.RIGHT ? 1 : 0;
      }
      assertThat(glance.columns().get(column).right()).isEqualTo(right);
    }
    for (int i = 0; i < reviews.size(); i++) {
      Glance.GlanceRow row = glance.rows().get(i);
      assertThat(row.points()).isEqualTo(reviews.get(i).score().points());
      assertThat(row.cells()).hasSize(glance.columns().size());
      int sum = row.cells().stream().mapToInt(GlanceCell::points).sum();
      assertThat(Math.max(0, sum)).isEqualTo(row.points());
      long right = row.cells().stream().filter(cell -> cell.mark() == CellMark.RIGHT).count();
      long guessed =
          IntStream.range(0, row.cells().size())
              .filter(place -> glance.columns().get(place).id().equals(Glance.GUESSES))
              .filter(place -> row.cells().get(place).mark() == CellMark.RIGHT)
              .count();
      assertThat(right - guessed).isEqualTo(reviews.get(i).score().right());
    }
  }
}
