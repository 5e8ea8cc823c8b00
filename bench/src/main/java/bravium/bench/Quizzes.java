package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.answer.Comparing;
import bravium.core.games.escaperoom.EscapePattern;
import bravium.core.games.escaperoom.EscapePrices;
import bravium.core.games.escaperoom.EscapeRoom;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.games.whiteboard.Whiteboard;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.question.Arrangement;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.TypedText;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Quiz shows to measure with, and the moves that play one. */
final class Quizzes {

  private Quizzes() {}

  /** A whiteboard with one page: so many cards to sort into four rings. */
  static Activity sorting(String title, int cards) {
    List<Card> groups = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      groups.add(new Card("g" + i, "Group " + (i + 1)));
    }
    List<Sortable> sorted = new ArrayList<>();
    for (int i = 0; i < cards; i++) {
      sorted.add(new Sortable("c" + i, "Card " + (i + 1), List.of("g" + i % 4)));
    }
    Sorting page =
        new Sorting(
            Basics.of("q0", "Sort these", Feedback.USUAL),
            groups,
            List.of(),
            sorted,
            Credit.EACH_RIGHT_COUNTS,
            Arrangement.RINGS,
            false,
            false,
            null,
            Extra.NONE);
    Activity quiz = of(title, 1);
    return quiz.withGame(new Whiteboard(List.of(page), false, false, Extra.NONE));
  }

  /** A quiz show of so many questions with four options each, in the order written. */
  static Activity of(String title, int questions) {
    return new Activity(
        TitlePage.of(title),
        QuizShow.onLine(IntStream.range(0, questions).mapToObj(Quizzes::question).toList()),
        new Rules(
            null,
            bravium.core.activity.Order.AS_WRITTEN,
            bravium.core.activity.Order.AS_WRITTEN,
            10,
            80,
            bravium.core.json.Extra.NONE),
        Endings.usual());
  }

  /** An escape of so many locks with typed answers, on two ways that meet. */
  static Activity escape(String title, int locks) {
    List<Question> asked =
        IntStream.range(0, locks)
            .<Question>mapToObj(
                i ->
                    new TypedText(
                        Basics.of("q" + i, "What opens lock " + i + "?", Feedback.USUAL),
                        i + 1 < locks ? List.of("key " + i) : List.of(),
                        List.of(),
                        Comparing.FAIR,
                        Extra.NONE))
            .toList();
    EscapeRoom room =
        new EscapeRoom(
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            null,
            List.of(),
            asked,
            EscapePrices.NONE,
            Extra.NONE);
    return of(title, 0).withGame(EscapePattern.TWO_WAYS.laidOut(room));
  }

  private static Question question(int i) {
    List<Option> options =
        IntStream.range(0, 4)
            .mapToObj(o -> new Option("o" + o, "Answer " + o + " to question " + i, o == i % 4))
            .toList();
    return new PickOne(
        "q" + i,
        "What does a hive do on day " + i + " of its spring?",
        options,
        new Feedback(
            "Right: that is what it does then.", "Look at the picture of the hive again."));
  }

  /** The moves from the start to the end. */
  static List<Move> moves(int questions) {
    List<Move> moves = new ArrayList<>();
    moves.add(new Move("s", Mover.PLAYER, new Action.Start()));
    for (int i = 0; i < questions; i++) {
      Response picked = new Response.Picked("o" + (i % 3));
      moves.add(new Move("a" + i, Mover.PLAYER, new Action.Answer("q" + i, 1, picked)));
      moves.add(new Move("c" + i, Mover.PLAYER, new Action.Continue("q" + i)));
    }
    return moves;
  }
}
