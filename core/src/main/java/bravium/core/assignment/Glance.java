package bravium.core.assignment;

import bravium.core.json.Root;
import bravium.core.play.Item;
import bravium.core.play.Outcome;
import bravium.core.play.Prepared;
import bravium.core.play.Verdict;
import bravium.core.play.showing.Review;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What came back from a class at a glance: learners down, items across. Items are whatever brings
 * points in a game: questions, things to find; and guesses at the whole, where a game takes them.
 *
 * @param columns in the order in which they are written
 * @param rows one for each game, in the order given
 */
@Root
public record Glance(List<GlanceColumn> columns, List<GlanceRow> rows) {

  /**
   * The id of the column of guesses at the whole: no item has it, theirs are letters and digits.
   */
  public static final String GUESSES = "guesses";

  /**
   * An item.
   *
   * @param number the number of its question or thing as it is written now, from 1; null for what
   *     is not asked any more, and for guesses at the whole
   * @param label as plain text; empty for guesses at the whole
   * @param settled in how many of the games it was settled and not only given
   * @param right in how many of these it was right
   */
  public record GlanceColumn(
      String id, @Nullable Integer number, String label, int settled, int right) {}

  /**
   * A game.
   *
   * @param cells one for each column
   * @param points what the game brought, with bonuses and prices
   * @param possible what its questions are worth
   * @param waiting how many answers wait for the teacher's mark
   * @param won null until it is decided
   * @param why it was won or not, where its points don't show it; else null
   */
  public record GlanceRow(
      List<GlanceCell> cells,
      int points,
      @Nullable Integer possible,
      int waiting,
      @Nullable Boolean won,
      Outcome.@Nullable OutcomeReason why) {}

  /**
   * How an item came out in a game.
   *
   * @param points what it brought, less prices, with its bonus
   * @param worth what it could bring; 0 where it is none of the game's
   */
  public record GlanceCell(CellMark mark, int points, int worth) {

    private static final GlanceCell NONE = new GlanceCell(CellMark.NONE, 0, 0);
  }

  /** How an item came out. */
  public enum CellMark {
    /** Right. */
    @JsonProperty("right")
    RIGHT,
    /** Right in part. */
    @JsonProperty("partly")
    PARTLY,
    /** Not right. */
    @JsonProperty("wrong")
    WRONG,
    /** Never answered. */
    @JsonProperty("missed")
    MISSED,
    /** Answered, and marked by nobody. */
    @JsonProperty("given")
    GIVEN,
    /** It waits for the teacher's mark. */
    @JsonProperty("waits")
    WAITS,
    /** It was not reached, or not among those that were asked. */
    @JsonProperty("none")
    NONE
  }

  /**
   * The games of one activity at a glance.
   *
   * @param game the activity as it was given last: its items come first, then those that only
   *     earlier versions had
   * @param leftOut the places of games that are in no sum: their learners are excused
   */
  public static Glance of(Prepared game, List<Review> games, Set<Integer> leftOut) {
    Map<String, String> labels = new LinkedHashMap<>();
    if (game.playable()) {
      game.play().items().stream()
          .filter(item -> comes(game, item) || asked(item.id(), games))
          .forEach(item -> labels.put(item.id(), item.label().plain()));
    }
    for (Review review : games) {
      review
          .answers()
          .forEach(a -> labels.putIfAbsent(a.question().id(), a.question().text().plain()));
    }
    if (games.stream().anyMatch(review -> guesses(review) != null)) {
      labels.put(GUESSES, "");
    }
    List<GlanceRow> rows = games.stream().map(review -> row(review, labels.keySet())).toList();
    Map<String, Integer> numbers = game.playable() ? numbers(game) : Map.of();
    List<GlanceColumn> columns = new ArrayList<>();
    for (Map.Entry<String, String> label : labels.entrySet()) {
      int place = columns.size();
      List<CellMark> marks =
          IntStream.range(0, rows.size())
              .filter(row -> !leftOut.contains(row))
              .mapToObj(row -> rows.get(row).cells().get(place).mark())
              .toList();
      int right = (int) marks.stream().filter(mark -> mark == CellMark.RIGHT).count();
      int settled =
          (int)
              marks.stream()
                  .filter(m -> m == CellMark.PARTLY || m == CellMark.WRONG || m == CellMark.MISSED)
                  .count();
      columns.add(
          new GlanceColumn(
              label.getKey(),
              numbers.get(label.getKey()),
              label.getValue(),
              settled + right,
              right));
    }
    return new Glance(List.copyOf(columns), rows);
  }

  /** Whether an item can come in a game as it is written now. */
  private static boolean comes(Prepared game, Item item) {
    return isNumbered(game, item) && !item.label().plain().isEmpty();
  }

  private static boolean isNumbered(Prepared game, Item item) {
    return game.question(item.id()).map(Question::numbered).orElse(!item.label().plain().isEmpty());
  }

  /** The numbers of items: those that questions have on the sheet. */
  private static Map<String, Integer> numbers(Prepared game) {
    Map<String, Integer> numbers = new LinkedHashMap<>();
    for (Item item : game.play().items()) {
      if (isNumbered(game, item)) {
        numbers.put(item.id(), numbers.size() + 1);
      }
    }
    return numbers;
  }

  private static boolean asked(String item, List<Review> games) {
    return games.stream().anyMatch(review -> review.find(item).isPresent());
  }

  private static GlanceRow row(Review review, Iterable<String> items) {
    List<GlanceCell> cells = new ArrayList<>();
    for (String item : items) {
      GlanceCell guessed = item.equals(GUESSES) ? guesses(review) : null;
      cells.add(
          guessed != null ? guessed : review.find(item).map(Glance::cell).orElse(GlanceCell.NONE));
    }
    return new GlanceRow(
        List.copyOf(cells),
        review.score().points(),
        review.outcome() != null
            ? Integer.valueOf(review.outcome().possible())
            : review.passMark() == null ? null : Integer.valueOf(review.passMark().possible()),
        review.waiting(),
        review.outcome() == null || review.outcome().awaiting() > 0
            ? null
            : Boolean.valueOf(review.outcome().won()),
        review.outcome() == null ? null : review.outcome().why());
  }

  private static GlanceCell cell(Review.Reviewed answer) {
    int worth = answer.marking() == Marking.NONE ? 0 : answer.question().worth();
    return new GlanceCell(
        mark(answer.told().verdict(), answer.waits()), answer.told().points(), worth);
  }

  /** What came of the guesses at the whole; null where it is not settled. */
  private static @Nullable GlanceCell guesses(Review review) {
    return review.others().stream()
        .map(other -> new GlanceCell(mark(other.verdict(), false), other.points(), 0))
        .findFirst()
        .orElse(null);
  }

  private static CellMark mark(Verdict verdict, boolean waits) {
    return switch (verdict) {
      case RIGHT -> CellMark.RIGHT;
      case PARTLY -> CellMark.PARTLY;
      case WRONG -> CellMark.WRONG;
      case MISSED -> CellMark.MISSED;
      case GIVEN -> waits ? CellMark.WAITS : CellMark.GIVEN;
    };
  }
}
