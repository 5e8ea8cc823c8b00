package bravium.core.readiness;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What was found. Beside each stand the values that its sentence needs. */
public enum Check {
  /** The activity has no title. */
  @JsonProperty("no-title")
  NO_TITLE,
  /** There is nothing to ask. */
  @JsonProperty("nothing-to-ask")
  NOTHING_TO_ASK,
  /** A question has options and no text; it is left out. */
  @JsonProperty("empty-question")
  EMPTY_QUESTION,
  /** A question has nothing to pick; it is left out. */
  @JsonProperty("no-options")
  NO_OPTIONS,
  /** A question has just one option. */
  @JsonProperty("one-option")
  ONE_OPTION,
  /** An option has no text and is left out. Value: its letter. */
  @JsonProperty("empty-option")
  EMPTY_OPTION,
  /** No option is marked right. */
  @JsonProperty("no-right-option")
  NO_RIGHT_OPTION,
  /** Several options of a pick-one question are marked right. Value: how many. */
  @JsonProperty("two-right-options")
  TWO_RIGHT_OPTIONS,
  /** Two options read the same. Value: their text. */
  @JsonProperty("same-options")
  SAME_OPTIONS,
  /** A question is of a kind that this version doesn't know; it is kept and not asked. */
  @JsonProperty("unknown-question")
  UNKNOWN_QUESTION,
  /** Questions can't be read well in the look. Value: the contrast, in thousandths. */
  @JsonProperty("poor-contrast")
  POOR_CONTRAST,
  /** A question and its options don't fit on the projector in type that the back row can read. */
  @JsonProperty("too-long-for-projector")
  TOO_LONG_FOR_PROJECTOR,
  /** The questions give the teams unequal turns. Values: teams, questions for equal ones, asked. */
  @JsonProperty("unequal-turns")
  UNEQUAL_TURNS,
  /** The game is of a kind that this version doesn't know; it is kept and not played. */
  @JsonProperty("unknown-game")
  UNKNOWN_GAME,
  /** More is asked than there is. Values: asked, there. */
  @JsonProperty("asks-too-many")
  ASKS_TOO_MANY,
  /** No question is worth a point. */
  @JsonProperty("no-points")
  NO_POINTS,
  /** With this pass mark everybody wins. */
  @JsonProperty("always-won")
  ALWAYS_WON,
  /** The pass mark is out of reach. Values: points needed, points within reach. */
  @JsonProperty("pass-mark-unreachable")
  PASS_MARK_UNREACHABLE,
  /** The pass mark is out of reach in some draws. Values: points needed, points within reach. */
  @JsonProperty("pass-mark-sometimes-unreachable")
  PASS_MARK_SOMETIMES_UNREACHABLE,
  /** All questions are switched off. */
  @JsonProperty("all-off")
  ALL_OFF,
  /** Two questions ask the same. Value: the number of the first. */
  @JsonProperty("same-questions")
  SAME_QUESTIONS,
  /** An option that speaks of the others may be mixed in among them. Value: its letter. */
  @JsonProperty("loose-last-option")
  LOOSE_LAST_OPTION,
  /** Options come as written, and the right one always stands in one place. Value: its letter. */
  @JsonProperty("right-in-one-place")
  RIGHT_IN_ONE_PLACE,
  /** The right option is mostly the longest. Values: in how many questions, of how many. */
  @JsonProperty("longest-is-right")
  LONGEST_IS_RIGHT,
  /** Guessing alone passes too often. Values: the chance in billionths, a better pass mark. */
  @JsonProperty("guessing-wins")
  GUESSING_WINS,
  /** A question takes long to read. Values: seconds, year group. */
  @JsonProperty("long-read")
  LONG_READ,
  /** A typed question accepts no answer yet. */
  @JsonProperty("no-answer")
  NO_ANSWER,
  /** A listed wrong answer would be right if it were not listed. Value: its text. */
  @JsonProperty("mistake-is-right")
  MISTAKE_IS_RIGHT,
  /** A text is listed as right and as wrong; it counts as right. Value: its text. */
  @JsonProperty("right-and-wrong")
  RIGHT_AND_WRONG,
  /** A number can be read in two ways. Values: how it is read, how it could be read too. */
  @JsonProperty("number-two-ways")
  NUMBER_TWO_WAYS,
  /** A tolerance is no number, so that there is none. Value: its text. */
  @JsonProperty("tolerance-unread")
  TOLERANCE_UNREAD,
  /** A number question has no number. */
  @JsonProperty("no-number")
  NO_NUMBER,
  /** A text has no gap yet. */
  @JsonProperty("no-gaps")
  NO_GAPS,
  /** There are fewer than two cards to put in order. */
  @JsonProperty("few-cards")
  FEW_CARDS,
  /** There are fewer than two pairs. */
  @JsonProperty("few-pairs")
  FEW_PAIRS,
  /** There are fewer than two groups, or no card for them. */
  @JsonProperty("few-groups")
  FEW_GROUPS,
  /** A card belongs to no group and is left out. Value: its text. */
  @JsonProperty("card-without-group")
  CARD_WITHOUT_GROUP,
  /** A card belongs into rings that don't overlap, and is left out. Value: its text. */
  @JsonProperty("rings-apart")
  RINGS_APART,
  /** All cards read the same, so that nothing is right or wrong. */
  @JsonProperty("cards-alike")
  CARDS_ALIKE,
  /** Any order is right. */
  @JsonProperty("any-order")
  ANY_ORDER,
  /** What is to be shaded can't be shaded in the cut that is given. Values: over, under, cut. */
  @JsonProperty("fraction-not-there")
  FRACTION_NOT_THERE,
  /** Nothing is shaded in a figure. */
  @JsonProperty("nothing-shaded")
  NOTHING_SHADED,
  /** There is no picture to point at. */
  @JsonProperty("no-picture")
  NO_PICTURE,
  /** Nowhere in the picture is right. */
  @JsonProperty("no-right-area")
  NO_RIGHT_AREA,
  /** A picture is not described. */
  @JsonProperty("no-alt")
  NO_ALT,
  /** What is heard in a sound is not written down. */
  @JsonProperty("no-sound-words")
  NO_SOUND_WORDS,
  /** A picture is too small for its place. Values: its width, its height, pixels needed. */
  @JsonProperty("small-picture")
  SMALL_PICTURE,
  /** All options apply. */
  @JsonProperty("all-options-right")
  ALL_OPTIONS_RIGHT,
  /** Who picks everything earns all points. */
  @JsonProperty("everything-earns")
  EVERYTHING_EARNS,
  /** A hint says the answer word for word. Values: the hint's number, the answer. */
  @JsonProperty("hint-gives-away")
  HINT_GIVES_AWAY,
  /** Lives end the game before the pass mark decides it. Values: lives, misses that still win. */
  @JsonProperty("lives-before-pass-mark")
  LIVES_BEFORE_PASS_MARK,
  /** A hint or a wrong answer costs more than a question brings. Values: price, least worth. */
  @JsonProperty("price-above-worth")
  PRICE_ABOVE_WORTH,
  /**
   * Questions that nobody can get right cost more lives than there are, in every draw or in some.
   * Values: lives, such questions.
   */
  @JsonProperty("lives-too-few")
  LIVES_TOO_FEW,
  /** Until it is right: whoever goes on guessing wins. Values: the chance in billionths, tries. */
  @JsonProperty("until-right-wins")
  UNTIL_RIGHT_WINS,
  /** Teams play for the most points, so that a pass mark of one's own decides nothing. */
  @JsonProperty("pass-mark-of-teams")
  PASS_MARK_OF_TEAMS,
  /** Teams have no lives. */
  @JsonProperty("lives-of-teams")
  LIVES_OF_TEAMS,
  /** A tie may find no question left to decide it. Values: how many to ask. */
  @JsonProperty("no-decider-left")
  NO_DECIDER_LEFT,
  /**
   * There are points for speed, but questions have no clock to measure it. Values: how many of
   * them, of how many.
   */
  @JsonProperty("speed-without-clock")
  SPEED_WITHOUT_CLOCK,
  /**
   * A slower quarter of the class can't read this in its time. Values: seconds there, seconds
   * needed, year group, better seconds.
   */
  @JsonProperty("clock-short")
  CLOCK_SHORT,
  /** The time is up before the question is read aloud. Values: seconds there, needed, better. */
  @JsonProperty("clock-before-read-aloud")
  CLOCK_BEFORE_READ_ALOUD,
  /** The game's clock is short. Values: its seconds, the class's least and most. */
  @JsonProperty("game-clock-short")
  GAME_CLOCK_SHORT,
  /** Nobody can keep the game's clock. Values: its seconds, seconds to read alone, better ones. */
  @JsonProperty("game-clock-hopeless")
  GAME_CLOCK_HOPELESS,
  /** Something that only this game looks for. */
  @JsonProperty("of-game")
  OF_GAME,
  /**
   * A lesson has no time for so many questions. Values: how many are asked, how many fit, the
   * class's least and most seconds, a lesson's minutes.
   */
  @JsonProperty("long-game")
  LONG_GAME;

  /** Whether there can be several of it at one place, told apart by their values. */
  boolean many() {
    return switch (this) {
      case MISTAKE_IS_RIGHT, RIGHT_AND_WRONG, CARD_WITHOUT_GROUP, RINGS_APART, HINT_GIVES_AWAY ->
          true;
      default -> false;
    };
  }
}
