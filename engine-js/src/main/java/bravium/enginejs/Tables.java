package bravium.enginejs;

import bravium.core.codec.Writes;
import bravium.core.json.FormatProblem;
import bravium.core.json.Target;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.showing.Showing;
import bravium.core.rehearsal.Aid;
import bravium.core.rehearsal.LiveGame;
import bravium.core.rehearsal.TestAids;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The plays that a page has at hand, each under a number: a game made ready once, and where it
 * stands. What is asked of them and what they answer are trees of the format.
 */
final class Tables {

  private final Map<Integer, Table> tables = new LinkedHashMap<>();
  private int last;

  private static final class Table {

    private Prepared game;
    private Sitting sitting;

    Table(Prepared game, Sitting sitting) {
      this.game = game;
      this.sitting = sitting;
    }
  }

  int open(Prepared game, Opening opening) {
    return add(new Table(game, Engine.open(game, opening)));
  }

  /** The play that these moves lead to. */
  int rebuild(Prepared game, Opening opening, List<Played> moves) {
    return add(new Table(game, Engine.rebuild(game, opening, moves)));
  }

  private int add(Table table) {
    tables.put(++last, table);
    return last;
  }

  void close(int number) {
    tables.remove(number);
  }

  private Table table(int number) {
    Table table = tables.get(number);
    if (table == null) {
      throw new FormatProblem("$", "there is no play " + number);
    }
    return table;
  }

  /** Plays a move; answers what came of it. */
  <V> V play(int number, Move move, long at, Target<V> to) {
    Table table = table(number);
    Turn turn = Engine.play(table.game, table.sitting, move, at);
    table.sitting = turn.sitting();
    V answer = to.object();
    to.put(
        answer,
        "happenings",
        to.list(turn.happenings(), happening -> Writes.writeHappening(happening, to)));
    if (turn.refusal() != null) {
      to.put(answer, "refusal", Writes.writeRefusal(turn.refusal(), to));
    }
    to.put(answer, "repeated", to.flag(turn.repeated()));
    return answer;
  }

  Showing show(int number, Audience audience, long at) {
    Table table = table(number);
    return Showing.of(table.game, table.sitting, audience, at);
  }

  /** Goes on in the edited activity. */
  void follow(int number, Prepared game) {
    Table table = table(number);
    table.game = game;
    table.sitting = LiveGame.follow(table.game, table.sitting);
  }

  void aid(int number, Aid aid, long at) {
    Table table = table(number);
    table.sitting = TestAids.use(table.game, table.sitting, aid, at);
  }

  /** Every move that was applied, in that order. */
  List<Played> log(int number) {
    return table(number).sitting.log();
  }

  /** Where a play stands, for tests. */
  Sitting sitting(int number) {
    return table(number).sitting;
  }
}
