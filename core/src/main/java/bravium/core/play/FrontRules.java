package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Teams;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Option;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;

/** What the teacher does at the front of the class: strike out, count hands, teams, the clock. */
final class FrontRules {

  private final Activity activity;
  private final Sitting sitting;
  private final long at;

  FrontRules(Activity activity, Sitting sitting, long at) {
    this.activity = activity;
    this.sitting = sitting;
    this.at = at;
  }

  Turn apply(Action action) {
    return switch (action) {
      case Action.Strike strike -> strike(strike.question(), 1);
      case Action.Reveal reveal -> strike(reveal.question(), Integer.MAX_VALUE);
      case Action.CountHands count -> count(count);
      case Action.GiveTurn give -> giveTurn(give.team());
      case Action.GivePoints give -> givePoints(give);
      case Action.HoldClock hold -> clock(hold.question(), sitting.watch().held(at));
      case Action.RunClock run -> clock(run.question(), sitting.watch().running(at));
      case Action.AddTime add ->
          clock(add.question(), sitting.watch().withMore(add.seconds() * 1_000L));
      default -> throw new IllegalArgumentException("not a move at the front alone");
    };
  }

  /** The question that is shown, if it has options and nobody waits for another try at it. */
  private Optional<ChoiceQuestion> shown(String question) {
    boolean shown =
        question.equals(sitting.now())
            && (sitting.stage() == Stage.QUESTION || sitting.resultOf(question).isPresent());
    return shown && Engine.question(activity, question).orElseThrow() instanceof ChoiceQuestion c
        ? Optional.of(c)
        : Optional.empty();
  }

  private Talk talk(String question) {
    return sitting.front().talk(question).orElseGet(() -> Talk.none(question));
  }

  private Turn strike(String id, int most) {
    Optional<ChoiceQuestion> question = shown(id);
    List<String> left = question.map(q -> left(q, talk(id).struck())).orElse(List.of());
    if (left.isEmpty() || question.get().rightChoices().isEmpty()) {
      return refused(Refusal.NOT_OPEN);
    }
    Talk talk = talk(id);
    List<Happening> happenings = new ArrayList<>();
    for (String option : left.subList(0, Math.min(most, left.size()))) {
      talk = talk.striking(option);
      happenings.add(new Happening.OptionStruck(id, option));
    }
    boolean open = sitting.stage() == Stage.QUESTION;
    Sitting held = open ? sitting.with(sitting.watch().held(at)) : sitting;
    return Turn.of(held.with(sitting.front().with(talk)), happenings);
  }

  /** The wrong options that are not struck out yet, in the order in which they will be. */
  private static List<String> left(ChoiceQuestion question, List<String> struck) {
    return question.strikes().stream().filter(option -> !struck.contains(option)).toList();
  }

  /** Whether a question is open of which all wrong options are struck out. */
  static boolean talkedThrough(Sitting sitting, Question question) {
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
      return refused(question.isEmpty() ? Refusal.NOT_OPEN : Refusal.NO_SUCH_OPTION);
    }
    Talk talk = talk(count.question()).with(count.votes());
    return Turn.of(sitting.with(sitting.front().with(talk)));
  }

  private Turn giveTurn(int team) {
    if (!isTeam(team)) {
      return refused(Refusal.NO_SUCH_TEAM);
    }
    Front front = sitting.front();
    Teams rule = activity.rules().teams();
    boolean inOrder = rule != null && rule.turns() == Teams.Turns.IN_ORDER;
    boolean decides = !front.deciding().isEmpty();
    boolean tried = sitting.now() != null && sitting.effortFor(sitting.now()).tries() > 0;
    boolean open = sitting.stage() == Stage.QUESTION || sitting.stage() == Stage.BOARD;
    if (!open || tried || decides || inOrder || front.taking() != null) {
      return refused(Refusal.NOT_OPEN);
    }
    Watch watch = sitting.watch();
    Sitting given =
        sitting
            .with(front.withTurn(team))
            .with(front.answering() == null && watch.held() == null ? watch.opened(at) : watch);
    return Turn.of(given, new Happening.TurnGiven(team, false));
  }

  private Turn givePoints(Action.GivePoints give) {
    if (!isTeam(give.team())) {
      return refused(Refusal.NO_SUCH_TEAM);
    }
    if (sitting.stage() == Stage.TITLE || sitting.stage() == Stage.END) {
      return refused(Refusal.NOT_OPEN);
    }
    Front front = sitting.front().awarding(new Award(give.team(), give.points(), null));
    int total = front.points(give.team());
    return Turn.of(
        sitting.with(front), new Happening.TeamAwarded(give.team(), give.points(), total));
  }

  private boolean isTeam(int team) {
    return team >= 0 && team < sitting.opening().teams().size();
  }

  private Turn clock(String question, Watch changed) {
    boolean open = sitting.stage() == Stage.QUESTION && question.equals(sitting.now());
    boolean runs = Timer.of(activity, sitting).isPresent() && !sitting.opening().rehearsal();
    return open && runs ? Turn.of(sitting.with(changed)) : refused(Refusal.NOT_OPEN);
  }

  private Turn refused(Refusal refusal) {
    return Turn.refused(sitting, refusal);
  }
}
