package bravium.core.play.showing;

import bravium.core.activity.Clock;
import bravium.core.activity.Dress;
import bravium.core.activity.Sounds;
import bravium.core.activity.Team;
import bravium.core.activity.Wording;
import bravium.core.json.OfQuestion;
import bravium.core.json.OwnId;
import bravium.core.json.PartId;
import bravium.core.json.Root;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Markers;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Prepared;
import bravium.core.play.Scene;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Talk;
import bravium.core.play.Verdict;
import bravium.core.question.Area;
import bravium.core.question.FractionFacts;
import bravium.core.question.Mark;
import bravium.core.question.Moved;
import bravium.core.question.Ordering;
import bravium.core.question.Response;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What an audience may see now, and all that a player's browser gets of a play that counts. It
 * holds no answer that has not been given away.
 *
 * @param at the moment it shows, in milliseconds since 1970
 * @param game the kind of the game
 * @param passMark null where no share of the points wins
 * @param terms what the rules say that a player has to know
 * @param scene what is seen of the board itself; null where the markers are all there is
 * @param teams who plays at the front of the class; empty where there are no teams
 * @param question null on the title page, on the board and at the end
 * @param questions those that are before whoever looks at once, where several are open
 * @param clock null where none runs
 * @param talk how the question is talked through with the class; null where it isn't
 * @param feedback only once the question is answered
 * @param ending only at the end
 * @param notes only for the teacher
 * @param dress how it looks; null for Bravium's own look
 * @param sounds what is heard; null for the usual
 * @param wording the teacher's own words on buttons; null for the usual ones
 */
@Root
public record Showing(
    long at,
    String game,
    Stage stage,
    Cover cover,
    @Nullable PassMark passMark,
    Terms terms,
    Scorecard score,
    List<Markers.Marker> markers,
    @Nullable Scene scene,
    List<Side> teams,
    @Nullable Asked question,
    List<AtOnce> questions,
    @Nullable Countdown clock,
    @Nullable Talked talk,
    @Nullable Told feedback,
    @Nullable Closing ending,
    @Nullable Notes notes,
    @Nullable Dress dress,
    @Nullable Sounds sounds,
    @Nullable Wording wording)
    implements OfQuestion {

  @Override
  public @Nullable String ofQuestion() {
    return question == null ? null : question.id();
  }

  /**
   * What an audience may see at a moment. What has run out by then is settled.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Showing of(Prepared game, Sitting sitting, Audience audience, long at) {
    long now = Engine.notBefore(sitting, at);
    Sitting there = Engine.settled(game, sitting, now);
    return new ShowingBuilder(game, there, audience, now).build();
  }

  /** The names of all media in the questions that it shows, and in what is said to them. */
  public Set<String> media() {
    Set<String> media = new LinkedHashSet<>();
    if (cover.introduction() != null) {
      add(media, cover.introduction());
    }
    for (AtOnce one : questions) {
      addAsked(media, one.asked());
      if (one.told() != null && one.told().text() != null) {
        add(media, one.told().text());
      }
      if (one.talk() != null) {
        one.talk().struck().stream()
            .map(Struck::why)
            .filter(Objects::nonNull)
            .forEach(why -> add(media, why));
      }
    }
    if (ending != null) {
      if (ending.text() != null) {
        add(media, ending.text());
      }
      for (Answered answered : ending.answers()) {
        addAsked(media, answered.question());
        if (answered.told().text() != null) {
          add(media, answered.told().text());
        }
      }
    }
    return media;
  }

  private static void addAsked(Set<String> media, Asked asked) {
    add(media, asked.text());
    asked.choices().forEach(choice -> add(media, choice.text()));
    asked.targets().forEach(target -> add(media, target.text()));
    asked.help().hints().forEach(hint -> add(media, hint));
    if (asked.picture() != null) {
      media.add(asked.picture().medium());
    }
  }

  private static void add(Set<String> media, Words words) {
    words.media().forEach(medium -> media.add(medium.medium()));
  }

  /**
   * A question that is before whoever looks beside others.
   *
   * @param told what is said to its last try; null before the first
   * @param talk how it is talked through with the class; null where it isn't
   */
  public record AtOnce(Asked asked, @Nullable Told told, @Nullable Talked talk)
      implements OfQuestion {

    @Override
    public String ofQuestion() {
      return asked.id();
    }
  }

  /**
   * A team and how it stands.
   *
   * @param turn whether it is its turn
   * @param answers whether it answers now: its turn, or it takes the question over
   */
  public record Side(String name, Team.Sign sign, int points, boolean turn, boolean answers) {}

  /**
   * A question as it is talked through.
   *
   * @param struck what was struck out, in that order
   * @param done whether all wrong options are struck out, or what is right is given away
   * @param votes how many hands went up for which option
   * @param opened what is right, given away where there are no options to strike out; null before
   */
  public record Talked(
      List<Struck> struck, boolean done, List<Talk.Vote> votes, @Nullable Told opened) {}

  /**
   * An option that was struck out.
   *
   * @param why what the teacher says to it; null where she says nothing
   */
  public record Struck(@PartId String option, @Nullable Words why) {}

  /**
   * The title page.
   *
   * @param aloud the pace at which it and the questions are read aloud, in words a minute
   * @param picture the game's own that stands for it before it begins; null where it has none, or
   *     where a player may not have all of it. A picture of the introduction is not said again:
   *     whether it was would tell whether the same picture lies hidden in the game
   */
  public record Cover(
      String title,
      @Nullable String subject,
      @Nullable Integer year,
      @Nullable Words introduction,
      int aloud,
      @Nullable Picture picture) {}

  /**
   * What the rules say that a player has to know before and while she plays.
   *
   * @param tries the most tries of a question; null until right
   * @param later whether further tries come when the others have had their turn
   * @param lives how many more wrong answers are allowed; null for any number
   * @param gameSeconds the time for the whole game as it is for this player; null for none
   * @param startAgain whether she can begin anew at any time
   */
  public record Terms(
      @Nullable Integer tries,
      boolean later,
      @Nullable Integer lives,
      @Nullable Integer gameSeconds,
      boolean startAgain) {}

  /**
   * The clock.
   *
   * @param left the milliseconds that are left
   * @param total the milliseconds that there were
   * @param stands whether it does not run
   * @param held whether the teacher holds it
   */
  public record Countdown(Clock.Per per, long left, long total, boolean stands, boolean held) {}

  /**
   * The question that is shown.
   *
   * @param number its place among those asked, from 1; 0 where it counts as none
   * @param attempt which try comes next, from 1
   * @param choices options or cards, in the order they are shown; the words of a bank
   * @param targets what cards are put to: partners, groups
   * @param pieces the text taken apart at its gaps
   * @param lowest whether a fraction in lowest terms is to be typed
   * @param sheet what it is done on besides; null for nothing
   * @param dense whether it takes smaller type than usual to fit on the projector
   */
  public record Asked(
      @OwnId String id,
      Kind kind,
      int number,
      int attempt,
      int worth,
      Words text,
      List<Choice> choices,
      List<Choice> targets,
      List<Piece> pieces,
      @Nullable Picture picture,
      @Nullable String unit,
      boolean lowest,
      Help help,
      @Nullable TaskSheet sheet,
      boolean dense)
      implements OfQuestion {

    @Override
    public String ofQuestion() {
      return id;
    }

    /** The same under another number. */
    Asked numbered(int changed) {
      return new Asked(
          id, kind, changed, attempt, worth, text, choices, targets, pieces, picture, unit, lowest,
          help, sheet, dense);
    }
  }

  /** How a question is answered. */
  public enum Kind {
    /** By picking one of its options. */
    @JsonProperty("pick-one")
    PICK_ONE,
    /** By picking all options that apply. */
    @JsonProperty("pick-all")
    PICK_ALL,
    /** By saying whether it is true. */
    @JsonProperty("true-false")
    TRUE_FALSE,
    /** By typing a text. */
    @JsonProperty("typed-text")
    TYPED_TEXT,
    /** By typing a number. */
    @JsonProperty("number")
    NUMBER,
    /** By putting words of a bank into gaps. */
    @JsonProperty("gaps-dragged")
    GAPS_DRAGGED,
    /** By choosing a word at each gap. */
    @JsonProperty("gaps-chosen")
    GAPS_CHOSEN,
    /** By typing into gaps. */
    @JsonProperty("gaps-typed")
    GAPS_TYPED,
    /** By putting cards in order. */
    @JsonProperty("order")
    ORDER,
    /** By bringing partners together. */
    @JsonProperty("pairs")
    PAIRS,
    /** By putting cards into groups. */
    @JsonProperty("groups")
    GROUPS,
    /** By pointing at a place in a picture. */
    @JsonProperty("point")
    POINT,
    /** By writing the fraction that is shaded. */
    @JsonProperty("fraction-named")
    FRACTION_NAMED,
    /** By shading parts of a figure. */
    @JsonProperty("fraction-shaded")
    FRACTION_SHADED,
    /** By saying in which of two figures more is shaded. */
    @JsonProperty("fractions-compared")
    FRACTIONS_COMPARED,
    /** In one's own words, marked later. */
    @JsonProperty("free-answer")
    FREE_ANSWER,
    /** In one's own words, not marked. */
    @JsonProperty("discussion")
    DISCUSSION,
    /** Not at all: it is read. */
    @JsonProperty("information")
    INFORMATION,
    /**
     * It is no question: an item of a game that has others. Only in what the teacher looks back at.
     */
    @JsonProperty("item")
    ITEM,
    /** Not yet: something is missing that it needs. Only when trying out. */
    @JsonProperty("unfinished")
    UNFINISHED;

    private boolean byIds() {
      return switch (this) {
        case PICK_ONE, PICK_ALL, TRUE_FALSE, ORDER, PAIRS, GROUPS -> true;
        default -> false;
      };
    }
  }

  /**
   * An option or a card as it is shown.
   *
   * @param text blank for true and false, whose words are the interface's
   */
  public record Choice(@PartId String id, Words text) {}

  /**
   * A piece of a text with gaps.
   *
   * @param text plain text; null for a gap
   * @param choices what can be chosen at a gap, where that is how it is filled
   */
  public record Piece(@Nullable String text, List<String> choices) {}

  /**
   * Help with a question.
   *
   * @param hints those that were given
   * @param more how many are left
   * @param price what the next costs, in points
   */
  public record Help(List<Words> hints, int more, int price) {}

  /**
   * What is said to an answer.
   *
   * @param verdict of the last try
   * @param settled whether the question is settled; otherwise it may be tried again
   * @param points what the question brought, once it is settled
   * @param bonus how many of them are a bonus
   * @param parts the parts of the response and whether each is right, once it is settled
   * @param right what is right, given away now, as texts: of gaps and typed answers. Null where
   *     what is right is not given away
   * @param rightIds the same where it has ids: of right options; of cards in their order; the
   *     partner of each target, the group of each card
   * @param areas where it would have been right to point, given away now
   * @param model the same as an answer that would have been right, where neither says it whole: of
   *     cards in several groups, of partners, of what is shaded; else null
   * @param moved what became of the first sorting by this one; null at the first
   * @param counted what was counted in an order, once it is settled; else null
   * @param fraction what follows from the figure, given away with what is right; else null
   * @param text the teacher's words; null for the usual ones. While another try is left, only what
   *     she says to just this response
   * @param comment what the teacher wrote when she marked it
   * @param markedAnew whether the teacher's mark says something else than what was found at once
   */
  public record Told(
      Verdict verdict,
      boolean settled,
      int points,
      int bonus,
      @Nullable Response response,
      List<Mark.Part> parts,
      @Nullable List<String> right,
      @PartId List<String> rightIds,
      List<Area> areas,
      @Nullable Response model,
      @Nullable Moved moved,
      Ordering.@Nullable Counted counted,
      @Nullable FractionFacts fraction,
      @Nullable Words text,
      @Nullable String comment,
      boolean markedAnew) {

    /** The same with the teacher's words, and what she wrote when she marked it. */
    Told saying(@Nullable Words words, @Nullable String said) {
      return new Told(
          verdict,
          settled,
          points,
          bonus,
          response,
          parts,
          right,
          rightIds,
          areas,
          model,
          moved,
          counted,
          fraction,
          words,
          said,
          markedAnew);
    }

    /** The same, marked anew or not. */
    Told markedAnew(boolean anew) {
      return new Told(
          verdict, settled, points, bonus, response, parts, right, rightIds, areas, model, moved,
          counted, fraction, text, comment, anew);
    }

    /** The same with an answer as it could be. */
    Told withRight(String text) {
      return new Told(
          verdict,
          settled,
          points,
          bonus,
          response,
          parts,
          List.of(text),
          rightIds,
          areas,
          model,
          moved,
          counted,
          fraction,
          this.text,
          comment,
          markedAnew);
    }

    /**
     * The same without what would have been right, and what could tell it.
     *
     * @param saysNothing whether the teacher's words to a right answer go, too
     */
    Told withoutRight(boolean saysNothing) {
      Words said = verdict == Verdict.RIGHT && !saysNothing ? text : null;
      return new Told(
          verdict,
          settled,
          points,
          bonus,
          response,
          parts,
          null,
          List.of(),
          List.of(),
          null,
          moved,
          counted,
          null,
          said,
          comment,
          markedAnew);
    }

    /**
     * The same with the teacher's mark.
     *
     * @param changed what the question brings then, in points
     * @param extra how many of them are a bonus
     */
    Told marked(Verdict given, int changed, int extra, @Nullable String said) {
      return new Told(
          given,
          settled,
          changed,
          extra,
          response,
          parts,
          right,
          rightIds,
          areas,
          model,
          moved,
          counted,
          fraction,
          text,
          said,
          markedAnew);
    }

    /**
     * The same as it is told today: in reviews that were kept earlier, ids stood among the texts.
     */
    Told withIdsApart(Kind kind) {
      boolean among = kind.byIds() && right != null && !right.isEmpty() && rightIds.isEmpty();
      return among
          ? new Told(
              verdict,
              settled,
              points,
              bonus,
              response,
              parts,
              List.of(),
              right,
              areas,
              model,
              moved,
              counted,
              fraction,
              text,
              comment,
              markedAnew)
          : this;
    }
  }

  /**
   * The end.
   *
   * @param text the teacher's words; null for the usual ones
   * @param answers the questions that were answered, in the order they were asked
   */
  public record Closing(Outcome outcome, @Nullable Words text, List<Answered> answers) {}

  /** A question, what was answered and what is right, looked back at. */
  public record Answered(Asked question, Told told) implements OfQuestion {

    @Override
    public String ofQuestion() {
      return question.id();
    }
  }

  /**
   * For the teacher's eyes.
   *
   * @param right what is right in the question that is shown, as in {@link Told}
   * @param model a free answer as it could be
   * @param next the text of the question after it; null if it is the last
   */
  public record Notes(List<String> right, @Nullable String model, @Nullable String next) {}
}
