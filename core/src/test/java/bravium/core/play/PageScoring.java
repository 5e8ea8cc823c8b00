package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Bonus;
import bravium.core.activity.Rules;
import bravium.core.activity.TakeOver;
import bravium.core.activity.Teams;
import bravium.core.games.quizshow.Climb;
import bravium.core.question.Mark;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A second implementation of the arithmetic, written from docs/how-points-are-counted.md alone. It
 * is told what is done, by whom and when, and keeps its own books. Who plays alone is team 0.
 */
final class PageScoring {

  /** What was done for one question, by whichever team. */
  private static final class Book {
    int best = -1;
    int bestTeam;
    boolean bestFull;
    boolean waits;
    boolean talked;
    boolean settled;
    long opened;
    long leftMillis;
    long allMillis;
    int paidAlone;
    int bonus;
    int bonusNow;
    Integer markNow;
    final List<Integer> missedBy = new ArrayList<>();
  }

  private final Rules rules;
  private final Climb climb;
  private final boolean teams;
  private final int[] points;
  private final int[] runs;
  private final int[] heights;
  private final Map<String, Book> books = new HashMap<>();

  PageScoring(Activity activity, Climb climb, int teams) {
    this.rules = activity.rules();
    this.climb = climb;
    this.teams = teams > 0;
    // Teams may join while it is played.
    this.points = new int[teams > 0 ? Teams.MOST : 1];
    this.runs = new int[points.length];
    this.heights = new int[points.length];
  }

  private Book book(String question) {
    return books.computeIfAbsent(question, id -> new Book());
  }

  void opened(String question, long at) {
    book(question).opened = at;
  }

  void hint(String question, int team, boolean free) {
    pay(question, team, free || rules.prices() == null ? 0 : rules.prices().hint());
  }

  private void pay(String question, int team, int price) {
    if (climb != null) {
      return;
    }
    if (teams) {
      points[team] -= price;
    } else {
      book(question).paidAlone += price;
    }
  }

  /**
   * A try, or the end of the time where there is no mark.
   *
   * @param seconds of the question's own clock; 0 for none
   */
  void tried(String question, int team, Mark mark, int worth, boolean takes, int seconds, long at) {
    Book book = book(question);
    TakeOver taking = rules.teams() == null ? null : rules.teams().takeOver();
    int here = takes && taking != null && taking.worth() != null ? taking.worth() : worth;
    book.allMillis = seconds * 1_000L;
    book.leftMillis = Math.max(0, book.allMillis - (at - book.opened));
    if (mark == null || mark.earned() == 0 && !mark.full()) {
      book.missedBy.add(team);
      pay(question, team, rules.prices() == null ? 0 : rules.prices().wrong());
      return;
    }
    // Rounded half up, once.
    int share = (int) Math.floor((double) here * mark.earned() / mark.of() + 0.5);
    if (mark.full() || !book.bestFull && share > book.best) {
      book.best = share;
      book.bestTeam = team;
      book.bestFull = mark.full();
    }
  }

  void handedIn(String question) {
    book(question).waits = true;
  }

  void talkedThrough(String question) {
    book(question).talked = true;
  }

  /**
   * A question is settled.
   *
   * @param team that answers last
   * @param decides whether it only decides a tie
   */
  void settled(String question, int team, boolean decides) {
    Book book = book(question);
    book.settled = true;
    if (decides) {
      return;
    }
    if (book.talked || book.waits) {
      points[0] -= book.paidAlone;
      return;
    }
    boolean earned = book.best >= 0;
    int whose = earned ? book.bestTeam : team;
    if (climb != null) {
      climbs(whose, book, earned);
      return;
    }
    for (int other : book.missedBy) {
      runs[other] = other == whose ? runs[other] : 0;
    }
    book.bonus = bonus(book, whose);
    book.bonusNow = book.bonus;
    points[whose] += Math.max(0, book.best) + book.bonus;
    points[0] -= book.paidAlone;
  }

  private int bonus(Book book, int whose) {
    runs[whose] = book.bestFull ? runs[whose] + 1 : 0;
    Bonus bonus = rules.bonus();
    if (bonus == null || !book.bestFull) {
      return 0;
    }
    int speed = book.allMillis == 0 ? 0 : (int) (bonus.speed() * book.leftMillis / book.allMillis);
    return speed + (runs[whose] % bonus.runLength() == 0 ? bonus.run() : 0);
  }

  private void climbs(int whose, Book book, boolean earned) {
    int height = heights[whose];
    if (book.bestFull) {
      heights[whose] = Math.min(climb.steps(), height + 1);
    } else if (!earned) {
      int rest = 0;
      for (int step : climb.rests()) {
        rest = step <= height ? Math.max(rest, step) : rest;
      }
      heights[whose] = rest;
    }
    points[whose] += worthAt(heights[whose]) - worthAt(height);
  }

  private int worthAt(int height) {
    return height == 0 ? 0 : climb.series(rules.worth()).get(height - 1);
  }

  void marked(int team, int before, int mark) {
    points[team] += mark - before;
  }

  /** What was judged at once is marked anew. */
  void markedAnew(String question, int team, int worth, int mark) {
    Book book = book(question);
    int first = Math.max(0, book.best);
    int was = book.markNow == null ? first : book.markNow;
    boolean whole = mark >= worth || mark == first;
    int bonus = whole ? book.bonus : 0;
    points[team] += mark - was + bonus - book.bonusNow;
    book.markNow = mark;
    book.bonusNow = bonus;
  }

  void byHand(int team, int given) {
    points[team] += given;
  }

  /** What a team has; who is alone has never less than 0. */
  int points(int team) {
    return teams ? points[team] : Math.max(0, points[0]);
  }
}
