package bravium.core.play.front;

import bravium.core.play.Action;
import bravium.core.play.Happening;
import bravium.core.play.Mover;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Talk;
import bravium.core.play.Turn;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Option;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** What the teacher does with a question at the front of the class: strike out, count hands. */
public final class FrontMoves {

  private final Point here;
  private final Sitting sitting;

  /** The moves at a point of a play. */
  public FrontMoves(Point here) {
    this.here = here;
    this.sitting = here.sitting();
  }

  /** Does it; refused where it is none of these. */
  public Turn apply(Action action) {
    return switch (action) {
      case Action.Strike strike -> forTheTeacher(() -> strike(strike.question(), 1));
      case Action.Reveal all -> forTheTeacher(() -> reveal(all.question()));
      case Action.CountHands count -> forTheTeacher(() -> count(count));
      default -> here.refused(Refusal.NOT_OPEN);
    };
  }

  private Turn forTheTeacher(Supplier<Turn> move) {
    return here.by() == Mover.TEACHER ? move.get() : here.refused(Refusal.FOR_THE_TEACHER);
  }

  /** The question that is shown, if it has options and nobody waits for another try at it. */
  private Optional<ChoiceQuestion> shown(String question) {
    return there(question)
        ? here.game()
            .question(question)
            .filter(ChoiceQuestion.class::isInstance)
            .map(ChoiceQuestion.class::cast)
        : Optional.empty();
  }

  private boolean there(String question) {
    boolean alone =
        question.equals(sitting.now())
            && (sitting.stage() == Stage.QUESTION || sitting.resultOf(question).isPresent());
    return alone || here.game().play().asked(sitting).contains(question);
  }

  /** What is right is given away: by what stays of its options, or as it is. */
  private Turn reveal(String id) {
    Question question = here.game().question(id).orElse(null);
    if (question instanceof ChoiceQuestion || question == null) {
      return strike(id, Integer.MAX_VALUE);
    }
    boolean open = there(id) && sitting.resultOf(id).isEmpty() && question.answerable();
    boolean tells =
        question.decides() || question instanceof FreeAnswer free && free.model() != null;
    if (!open || !tells || talk(id).opened()) {
      return here.refused(Refusal.NOT_OPEN);
    }
    return Turn.of(
        held().with(sitting.front().with(talk(id).opening())), new Happening.AnswerOpened(id));
  }

  /** While the class talks, no clock runs. */
  private Sitting held() {
    return sitting.stage() == Stage.QUESTION
        ? sitting.with(sitting.clocks().held(null, here.at()))
        : sitting;
  }

  private Talk talk(String question) {
    return sitting.front().talk(question).orElseGet(() -> Talk.none(question));
  }

  private Turn strike(String id, int most) {
    Optional<ChoiceQuestion> question = shown(id);
    List<String> left = question.map(q -> left(q, talk(id).struck())).orElse(List.of());
    if (left.isEmpty() || question.get().rightChoices().isEmpty()) {
      return here.refused(Refusal.NOT_OPEN);
    }
    Talk talk = talk(id);
    List<Happening> happenings = new ArrayList<>();
    for (String option : left.subList(0, Math.min(most, left.size()))) {
      talk = talk.striking(option);
      happenings.add(new Happening.OptionStruck(id, option));
    }
    return Turn.of(held().with(sitting.front().with(talk)), happenings);
  }

  /** The wrong options that are not struck out yet, in the order in which they will be. */
  private static List<String> left(ChoiceQuestion question, List<String> struck) {
    return question.strikes().stream().filter(option -> !struck.contains(option)).toList();
  }

  /** Whether a question is open of which what is right was given away. */
  public static boolean talkedThrough(Sitting sitting, Question question) {
    boolean opened = sitting.front().talk(question.id()).map(Talk::opened).orElse(false);
    if (opened) {
      return sitting.stage() == Stage.QUESTION;
    }
    List<String> struck = sitting.front().struck(question.id());
    return sitting.stage() == Stage.QUESTION
        && question instanceof ChoiceQuestion choice
        && !struck.isEmpty()
        && left(choice, struck).isEmpty();
  }

  private Turn count(Action.CountHands count) {
    Optional<ChoiceQuestion> question = shown(count.question());
    List<String> options = count.votes().stream().map(Talk.Vote::option).toList();
    boolean known =
        question
            .map(q -> q.choices().stream().map(Option::id).toList().containsAll(options))
            .orElse(false);
    if (!known || new LinkedHashSet<>(options).size() < options.size()) {
      return here.refused(question.isEmpty() ? Refusal.NOT_OPEN : Refusal.NO_SUCH_OPTION);
    }
    Talk talk = talk(count.question()).with(count.votes());
    return Turn.of(sitting.with(sitting.front().with(talk)));
  }
}
