package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.measure.ProjectorFit;
import bravium.core.question.Marking;
import bravium.core.question.OnProjector;
import bravium.core.question.Question;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * An activity made ready to be played: all that is worked out once for it. Whoever plays keeps it;
 * it is the same for every sitting, and never changes.
 */
public final class Prepared {

  private final Activity activity;
  private final @Nullable Play play;
  private final @Nullable Referee referee;
  private final Turns turns;
  private final Map<String, Question> questions = new LinkedHashMap<>();
  private final Map<String, Item> items = new LinkedHashMap<>();

  /**
   * Whether a question fits on the projector, by its place, alone and with teams above it; null
   * where nobody asked yet. Two that ask at once work out the same.
   */
  private final Boolean[][] fitting;

  /** The names of its media; null where nobody asked yet. */
  private @Nullable Set<String> media;

  private final Map<String, Integer> places = new LinkedHashMap<>();

  private Prepared(Activity activity, @Nullable Play play) {
    this.activity = activity;
    this.play = play;
    this.referee = play == null ? null : new Referee(activity.rules(), play);
    this.turns = new Turns(activity.rules());
    for (Question question : activity.game().questions()) {
      places.put(question.id(), places.size());
      questions.put(question.id(), question);
    }
    this.fitting = new Boolean[2][places.size()];
    if (play != null) {
      play.items().forEach(item -> items.put(item.id(), item));
    }
  }

  /**
   * An activity and how it is played.
   *
   * @param play null where this version can't play it
   */
  public static Prepared of(Activity activity, @Nullable Play play) {
    return new Prepared(activity, play);
  }

  /** The activity. */
  public Activity activity() {
    return activity;
  }

  /** Whether this version can play it. */
  public boolean playable() {
    return play != null;
  }

  /** How it plays: for one that is playable. */
  public Play play() {
    if (play == null) {
      throw new IllegalStateException("this version can't play this game");
    }
    return play;
  }

  /** The referee: for one that is playable. */
  public Referee referee() {
    if (referee == null) {
      throw new IllegalStateException("this version can't play this game");
    }
    return referee;
  }

  /** Whether there is anything to ask, now that nobody tries it out. */
  public boolean asksAnything() {
    return play != null && !play.draw(new Opening("", 0, false)).counting().isEmpty();
  }

  /** Whose turn it is where teams play. */
  public Turns turns() {
    return turns;
  }

  /** The question of that id, if the activity has it. */
  public Optional<Question> question(@Nullable String id) {
    return Optional.ofNullable(questions.get(id));
  }

  /** The names of all media in the activity. */
  public Set<String> media() {
    Set<String> names = media;
    if (names == null) {
      names = activity.media();
      media = names;
    }
    return names;
  }

  /**
   * Whether a question of this activity fits on the projector in the usual type.
   *
   * @param teams whether teams stand above it
   */
  public boolean fits(Question question, boolean teams) {
    Boolean[] known = fitting[teams ? 1 : 0];
    int place = places.get(question.id());
    Boolean fits = known[place];
    if (fits == null) {
      fits = OnProjector.fits(question, ProjectorFit.USUAL, teams);
      known[place] = fits;
    }
    return fits;
  }

  /** The item of that id, if the activity has it. */
  public Optional<Item> item(String id) {
    return Optional.ofNullable(items.get(id));
  }

  /**
   * Whether what was judged at once can be marked anew where it was answered: it is a question, and
   * points are earned answer by answer.
   */
  public boolean marksCanChange(String item) {
    Question question = questions.get(item);
    return question != null && question.marking() == Marking.AT_ONCE && play().earnsByAnswer();
  }

  /** A play that begins: with the first turn where that is due, and with the clock of the game. */
  public Sitting begun(Sitting sitting, long at) {
    Sitting begun = turns.begun(sitting);
    Clock clock = activity.rules().clock();
    return clock == null || clock.per() != Clock.Per.GAME
        ? begun
        : begun.with(
            begun.clocks().started(Clocked.GAME, begun.opening().millis(clock.seconds()), at));
  }

  /** The end of a play, with what it has come to. */
  public Turn ended(Sitting sitting, End end) {
    Sitting last = play().settledAtTheEnd(sitting);
    Outcome outcome = referee().outcome(last, end);
    return Turn.of(last.ended(outcome, end), outcome.happening());
  }
}
