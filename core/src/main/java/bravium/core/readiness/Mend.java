package bravium.core.readiness;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What can be done about a finding with one press. {@link Mending} does it. */
public enum Mend {
  /** Removes the option. */
  @JsonProperty("remove-option")
  REMOVE_OPTION,
  /** Lets only the first of the right options be right. */
  @JsonProperty("keep-first-right")
  KEEP_FIRST_RIGHT,
  /** Pins the option at the end. */
  @JsonProperty("pin-last")
  PIN_LAST,
  /** Switches the question off. */
  @JsonProperty("switch-off")
  SWITCH_OFF,
  /** Switches all questions on. */
  @JsonProperty("switch-on-all")
  SWITCH_ON_ALL,
  /** Asks all questions. */
  @JsonProperty("ask-all")
  ASK_ALL,
  /** Asks as many as the finding's second value says. */
  @JsonProperty("ask-fewer")
  ASK_FEWER,
  /** Mixes the options. */
  @JsonProperty("mix-options")
  MIX_OPTIONS,
  /** Gives each question its usual worth. */
  @JsonProperty("usual-worth")
  USUAL_WORTH,
  /** Sets the usual pass mark. */
  @JsonProperty("usual-pass-mark")
  USUAL_PASS_MARK,
  /** Sets the pass mark that the finding's last value says, in per cent. */
  @JsonProperty("set-pass-mark")
  SET_PASS_MARK,
  /** Lets wrong parts cost. */
  @JsonProperty("wrong-costs")
  WRONG_COSTS,
  /** Allows as many wrong answers as the finding's second value says. */
  @JsonProperty("set-lives")
  SET_LIVES,
  /** Lowers prices to the finding's second value. */
  @JsonProperty("lower-prices")
  LOWER_PRICES,
  /** Gives each question that has none a time in which it can be read. */
  @JsonProperty("usual-clock")
  USUAL_CLOCK,
  /** Allows as many tries as the finding's second value says, or one. */
  @JsonProperty("set-tries")
  SET_TRIES,
  /** Writes the number as it is read. */
  @JsonProperty("write-number")
  WRITE_NUMBER,
  /** Takes lives away. */
  @JsonProperty("no-lives")
  NO_LIVES,
  /** Lets a tie stay one. */
  @JsonProperty("no-decider")
  NO_DECIDER,
  /** Asks as many as the finding's first value says. */
  @JsonProperty("ask-so-many")
  ASK_SO_MANY,
  /** Gives the question the seconds that the finding's last value says. */
  @JsonProperty("set-seconds")
  SET_SECONDS,
  /** Gives the game the seconds that the finding's last value says. */
  @JsonProperty("set-clock")
  SET_CLOCK,
  /** Brings the colours apart so far that everything can be read. */
  @JsonProperty("mend-look")
  MEND_LOOK,
  /** What only this game can do about it. */
  @JsonProperty("of-game")
  OF_GAME,
  /** Removes the hint whose number is the finding's first value. */
  @JsonProperty("remove-hint")
  REMOVE_HINT
}
