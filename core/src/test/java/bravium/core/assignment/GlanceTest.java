package bravium.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.assignment.Glance.Cell;
import bravium.core.assignment.Glance.Mark;
import bravium.core.games.Games;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Review;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomHunts;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomReveals;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
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
        Glance.of(game, List.of(played(activity, "a", "b", "a"), played(activity, "a")));

    assertThat(glance.columns()).extracting(Glance.Column::id).containsExactly("q1", "q2", "q3");
    assertThat(glance.columns()).extracting(Glance.Column::settled).containsExactly(2, 1, 1);
    assertThat(glance.columns()).extracting(Glance.Column::right).containsExactly(2, 0, 1);
    assertThat(glance.lines().getFirst().cells())
        .extracting(Cell::mark)
        .containsExactly(Mark.RIGHT, Mark.WRONG, Mark.RIGHT);
    assertThat(glance.lines().get(1).cells())
        .extracting(Cell::mark)
        .containsExactly(Mark.RIGHT, Mark.NONE, Mark.NONE);
    assertThat(glance.lines()).extracting(Glance.Line::points).containsExactly(20, 10);
    assertThat(glance.lines()).extracting(Glance.Line::won).containsExactly(true, null);
  }

  @Example
  void whereNobodyHasPlayedAllItemsStandThereAllTheSame() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 50), 3);

    Glance glance = Glance.of(Games.prepared(activity), List.of());

    assertThat(glance.columns()).hasSize(3);
    assertThat(glance.columns()).allMatch(column -> column.settled() == 0);
    assertThat(glance.lines()).isEmpty();
  }

  /** What an earlier version asked keeps its column. */
  @Example
  void whatOnlyAnEarlierVersionHadComesLast() {
    Activity three = Activities.quiz(Activities.asWritten(null, 50), 3);
    Activity one =
        three.withGame(three.game().withQuestions(three.game().questions().subList(1, 2)));

    Glance glance = Glance.of(Games.prepared(one), List.of(played(three, "a", "a", "a")));

    assertThat(glance.columns()).extracting(Glance.Column::id).containsExactly("q2", "q1", "q3");
  }

  /** In every game, whatever is done, the cells add up to what the game brought. */
  @Property(tries = 300)
  void theCellsAddUpToWhatTheGameBrought(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity =
        switch (random.nextInt(3)) {
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

    Glance glance = Glance.of(game, reviews);

    for (int i = 0; i < reviews.size(); i++) {
      Glance.Line line = glance.lines().get(i);
      assertThat(line.points()).isEqualTo(reviews.get(i).score().points());
      assertThat(line.cells()).hasSize(glance.columns().size());
      int sum = line.cells().stream().mapToInt(Cell::points).sum();
      assertThat(Math.max(0, sum)).isEqualTo(line.points());
      long right = line.cells().stream().filter(cell -> cell.mark() == Mark.RIGHT).count();
      long guessed =
          IntStream.range(0, line.cells().size())
              .filter(place -> glance.columns().get(place).id().equals(Glance.GUESSES))
              .filter(place -> line.cells().get(place).mark() == Mark.RIGHT)
              .count();
      assertThat(right - guessed).isEqualTo(reviews.get(i).score().right());
    }
  }
}
