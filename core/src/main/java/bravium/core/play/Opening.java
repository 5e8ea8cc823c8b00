package bravium.core.play;

import bravium.core.activity.Answers;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.json.Range;
import bravium.core.json.Root;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is settled when a play begins.
 *
 * @param seed any text; all chance of the play comes from it
 * @param at when it was opened, in milliseconds since 1970
 * @param rehearsal true where the teacher tries her game out: unfinished questions are asked too,
 *     every question can be gone to, and the clock stands
 * @param time how much of the usual time there is, in per cent, 100 to {@value #MOST_TIME}; null
 *     for the usual
 * @param teams who plays at the front of the class, in the order of their turns; empty for no teams
 * @param help what else helps whoever plays, by the names that games give to help; empty for none
 * @param answers when she sees what would have been right; null for what the rules say
 * @param only the id of the one question that is shown, alone; null for a game
 */
@Root
public record Opening(
    String seed,
    long at,
    boolean rehearsal,
    @Range(min = 100, max = MOST_TIME) @Nullable Integer time,
    @Range(max = Teams.MOST) List<Team> teams,
    @Nullable String only,
    @Range(max = MOST_HELP) List<String> help,
    @Nullable Answers answers) {

  /** More kinds of help than any game offers. */
  public static final int MOST_HELP = 20;

  /** Ten times the usual. */
  public static final int MOST_TIME = 1_000;

  /** Checks the range. */
  public Opening {
    if (time != null && (time < 100 || time > MOST_TIME)) {
      throw new IllegalArgumentException("time is from 100 to " + MOST_TIME + " per cent");
    }
    if (teams.size() > Teams.MOST) {
      throw new IllegalArgumentException("there are at most " + Teams.MOST + " teams");
    }
    if (help.size() > MOST_HELP) {
      throw new IllegalArgumentException("there are at most " + MOST_HELP + " kinds of help");
    }
  }

  /** An opening for who plays alone, with the usual time. */
  public Opening(String seed, long at, boolean rehearsal) {
    this(seed, at, rehearsal, null);
  }

  /** An opening for who plays alone. */
  public Opening(String seed, long at, boolean rehearsal, @Nullable Integer time) {
    this(seed, at, rehearsal, time, List.of(), null, List.of(), null);
  }

  /** The same opening with another share of the usual time, in per cent; null for the usual. */
  public Opening withTime(@Nullable Integer changed) {
    return new Opening(seed, at, rehearsal, changed, teams, only, help, answers);
  }

  /** The same opening for these teams. */
  public Opening withTeams(List<Team> changed) {
    return new Opening(seed, at, rehearsal, time, List.copyOf(changed), only, help, answers);
  }

  /** The same opening for one question alone. */
  public Opening onlyFor(String question) {
    return new Opening(seed, at, rehearsal, time, List.of(), question, help, answers);
  }

  /** The same opening with other help, by the names that games give to it. */
  public Opening withHelp(List<String> changed) {
    return new Opening(seed, at, rehearsal, time, teams, only, List.copyOf(changed), answers);
  }

  /** The same opening, giving answers away at another time; null for what the rules say. */
  public Opening withAnswers(@Nullable Answers changed) {
    return new Opening(seed, at, rehearsal, time, teams, only, help, changed);
  }

  /** When answers are given away: as this opening says, or else the rules. */
  public Answers answersUnder(Rules rules) {
    if (answers != null) {
      return answers;
    }
    return rules.answers() == null ? Answers.AFTER_LAST_TRY : rules.answers();
  }

  /**
   * Whether nothing is said that could tell what is right: neither the teacher's words to an answer
   * nor those at the end. So it was given, whatever the rules say.
   */
  public boolean saysNothing() {
    return answers == Answers.NEVER;
  }

  /** Whether teams play. */
  public boolean inTeams() {
    return !teams.isEmpty();
  }

  /** So many seconds for who plays here, in milliseconds. */
  public long millis(int seconds) {
    return seconds * 10L * (time == null ? 100 : time);
  }
}
