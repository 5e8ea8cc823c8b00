package bravium.formats.writing;

import bravium.core.answer.Comparing;
import bravium.core.answer.Mistake;
import bravium.core.json.Extra;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Discussion;
import bravium.core.question.Feedback;
import bravium.core.question.FractionTask;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Gaps;
import bravium.core.question.Information;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.Pair;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.TrueFalse;
import bravium.core.question.TypedText;
import bravium.core.question.UnknownQuestion;
import bravium.core.rich.Inline;
import bravium.core.rich.Media;
import bravium.core.rich.Paragraph;
import bravium.core.rich.Run;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A question as a row of plain texts, as tables and lists hold it. All texts are trimmed, and blank
 * ones are left out.
 *
 * @param kind the kind's name in the activity format; null where it follows from the answers
 * @param right what is right: options; texts that are accepted; cards in their order; partners and
 *     cards with their group as {@code this = that}
 * @param wrong what is wrong: options; texts that are expected; words that fit no gap
 * @param worth in points; null for what the rules say
 */
public record QuestionRow(
    @Nullable String kind,
    String question,
    List<String> right,
    List<String> wrong,
    List<String> hints,
    @Nullable String ifRight,
    @Nullable String ifWrong,
    @Nullable Integer worth) {

  private static final char EQUALS = '=';

  /** Trims the texts and leaves blank ones out. */
  public QuestionRow {
    question = Texts.trimmed(question);
    right = written(right);
    wrong = written(wrong);
    hints = written(hints);
    ifRight = written(ifRight);
    ifWrong = written(ifWrong);
  }

  private static List<String> written(List<String> texts) {
    return texts.stream().filter(text -> !Texts.blank(text)).map(Texts::trimmed).toList();
  }

  private static @Nullable String written(@Nullable String text) {
    return text == null || Texts.blank(text) ? null : Texts.trimmed(text);
  }

  /**
   * The question of this row. Its id, and those of what is in it, are only numbers.
   *
   * @throws IllegalArgumentException where the row can't be a question of its kind, with the reason
   *     in words
   */
  public Question question(String id) {
    Basics basics =
        new Basics(
            id,
            PictureMarks.words(question),
            new Feedback(words(ifRight), words(ifWrong), Extra.NONE),
            false,
            worth,
            null,
            hints.stream().map(PictureMarks::words).toList());
    return switch (kind == null ? guessed() : kind) {
      case "pick-one" -> new PickOne(basics, options(), Extra.NONE);
      case "pick-all" -> new PickAll(basics, options(), Credit.ALL_OR_NOTHING, Extra.NONE);
      case "true-false" -> new TrueFalse(basics, truth(), Extra.NONE);
      case "typed-text" ->
          new TypedText(basics, right, mistakes(), Comparing.FAIR.forgivingSlips(), Extra.NONE);
      case "number" -> number(basics);
      case "gaps" ->
          new Gaps(
              basics,
              Gaps.Filling.DRAGGED,
              wrong,
              Comparing.FAIR.forgivingSlips(),
              Credit.EACH_RIGHT_COUNTS,
              Extra.NONE);
      case "order" -> new Ordering(basics, cards(right), Credit.EACH_RIGHT_COUNTS, Extra.NONE);
      case "pairs" -> new Matching(basics, pairs(), Credit.EACH_RIGHT_COUNTS, Extra.NONE);
      case "groups" -> groups(basics);
      case "free-answer" ->
          new FreeAnswer(basics, right.isEmpty() ? null : right.getFirst(), Extra.NONE);
      case "discussion" -> new Discussion(basics, Extra.NONE);
      case "information" -> new Information(basics, Extra.NONE);
      default -> throw new IllegalArgumentException("there is no kind “" + kind + "”");
    };
  }

  /** Whether plain text holds all that is in some words; pictures and sounds are marked in it. */
  public static boolean holds(Words words) {
    return words.blocks().stream()
        .allMatch(
            block ->
                block instanceof Media
                    || block instanceof Paragraph paragraph
                        && paragraph.content().stream().allMatch(QuestionRow::isPlain));
  }

  private static boolean isPlain(Inline piece) {
    return piece instanceof Run run && run.styles().isEmpty() && run.link() == null;
  }

  /** Whether the kind need not be said. */
  public boolean kindFollows() {
    return kind == null || kind.equals(guessed());
  }

  /** The kind that follows from the answers. */
  private String guessed() {
    if (right.size() == 1 && wrong.size() <= 1 && truth(right.getFirst()) != null) {
      boolean whole = wrong.isEmpty() || truth(wrong.getFirst()) != null;
      if (whole) {
        return "true-false";
      }
    }
    if (!wrong.isEmpty()) {
      return right.size() > 1 ? "pick-all" : "pick-one";
    }
    return right.isEmpty() ? "pick-one" : "typed-text";
  }

  private static @Nullable Boolean truth(String text) {
    return switch (text.toLowerCase(Locale.ROOT)) {
      case "true" -> true;
      case "false" -> false;
      default -> null;
    };
  }

  private @Nullable Boolean truth() {
    Boolean answer = right.isEmpty() ? null : truth(right.getFirst());
    if (!right.isEmpty() && answer == null) {
      throw new IllegalArgumentException("the right answer is neither true nor false");
    }
    return answer;
  }

  private List<Option> options() {
    List<Option> options = new ArrayList<>();
    right.forEach(text -> options.add(option("o" + options.size(), text, true)));
    wrong.forEach(text -> options.add(option("o" + options.size(), text, false)));
    return options;
  }

  private static Option option(String id, String text, boolean right) {
    return new Option(id, PictureMarks.words(text), right, false, null, Extra.NONE);
  }

  private static @Nullable Words words(@Nullable String text) {
    return text == null ? null : PictureMarks.words(text);
  }

  private List<Mistake> mistakes() {
    return wrong.stream().map(text -> new Mistake(text, null)).toList();
  }

  private Numeric number(Basics basics) {
    if (right.size() > 1) {
      throw new IllegalArgumentException("a number has one right answer");
    }
    String value = right.isEmpty() ? null : right.getFirst();
    return new Numeric(
        basics, value, null, List.of(), false, false, false, false, false, mistakes(), Extra.NONE);
  }

  private static Card card(String id, String text) {
    return new Card(id, PictureMarks.words(text), Extra.NONE);
  }

  private static List<Card> cards(List<String> texts) {
    List<Card> cards = new ArrayList<>();
    texts.forEach(text -> cards.add(card("c" + cards.size(), text)));
    return cards;
  }

  private List<Pair> pairs() {
    List<Pair> pairs = new ArrayList<>();
    for (String text : right) {
      int place = equals(text);
      pairs.add(
          new Pair(
              card("l" + pairs.size(), Texts.trimmed(text.substring(0, place))),
              card("r" + pairs.size(), Texts.trimmed(text.substring(place + 1)))));
    }
    return pairs;
  }

  private Sorting groups(Basics basics) {
    Map<String, Card> groups = new LinkedHashMap<>();
    List<Sortable> cards = new ArrayList<>();
    for (String text : right) {
      int place = equals(text);
      String name = Texts.trimmed(text.substring(place + 1));
      Card group = groups.computeIfAbsent(name, n -> card("g" + groups.size(), n));
      String card = Texts.trimmed(text.substring(0, place));
      cards.add(new Sortable("c" + cards.size(), PictureMarks.words(card), List.of(group.id())));
    }
    return new Sorting(
        basics, List.copyOf(groups.values()), cards, Credit.EACH_RIGHT_COUNTS, Extra.NONE);
  }

  private static int equals(String text) {
    int place = text.lastIndexOf(EQUALS);
    if (place < 0) {
      throw new IllegalArgumentException("“" + text + "” has no = between what belongs together");
    }
    return place;
  }

  /** A question as a row; empty where it is of a kind that plain texts can't hold. */
  public static Optional<QuestionRow> of(Question question) {
    return switch (question) {
      case PickOne one -> Optional.of(row("pick-one", one, picked(one.options())));
      case PickAll all -> Optional.of(row("pick-all", all, picked(all.options())));
      case TrueFalse truth ->
          Optional.of(
              row(
                  "true-false",
                  truth,
                  new Answers(
                      truth.answer() == null ? List.of() : List.of(truth.answer().toString()),
                      List.of())));
      case TypedText typed ->
          Optional.of(
              row("typed-text", typed, new Answers(typed.accepted(), texts(typed.mistakes()))));
      case Numeric number ->
          Optional.of(
              row(
                  "number",
                  number,
                  new Answers(
                      number.value() == null ? List.of() : List.of(number.value()),
                      texts(number.mistakes()))));
      case Gaps gaps -> Optional.of(row("gaps", gaps, new Answers(List.of(), gaps.decoys())));
      case Ordering order ->
          Optional.of(
              row(
                  "order",
                  order,
                  new Answers(
                      order.cards().stream().map(card -> PictureMarks.text(card.text())).toList(),
                      List.of())));
      case Matching pairs ->
          Optional.of(
              row(
                  "pairs",
                  pairs,
                  new Answers(
                      pairs.pairs().stream()
                          .flatMap(
                              pair ->
                                  pair.partners()
                                      .map(
                                          card ->
                                              PictureMarks.text(pair.left().text())
                                                  + " = "
                                                  + PictureMarks.text(card.text())))
                          .toList(),
                      List.of())));
      case Sorting groups -> Optional.of(row("groups", groups, sorted(groups)));
      case FreeAnswer free ->
          Optional.of(
              row(
                  "free-answer",
                  free,
                  new Answers(
                      free.model() == null ? List.of() : List.of(free.model()), List.of())));
      case Discussion talk -> Optional.of(row("discussion", talk, Answers.NONE));
      case Information card -> Optional.of(row("information", card, Answers.NONE));
      case PointAt point -> Optional.empty();
      case FractionTask fraction -> Optional.empty();
      case UnknownQuestion unknown -> Optional.empty();
    };
  }

  private record Answers(List<String> right, List<String> wrong) {

    static final Answers NONE = new Answers(List.of(), List.of());
  }

  private static QuestionRow row(String kind, Question question, Answers answers) {
    Basics basics = question.basics();
    return new QuestionRow(
        kind,
        PictureMarks.text(basics.text()),
        answers.right(),
        answers.wrong(),
        basics.hints().stream().map(PictureMarks::text).toList(),
        plain(basics.feedback().right()),
        plain(basics.feedback().wrong()),
        basics.worth());
  }

  private static @Nullable String plain(@Nullable Words words) {
    return words == null ? null : PictureMarks.text(words);
  }

  private static Answers picked(List<Option> options) {
    return new Answers(
        options.stream()
            .filter(Option::right)
            .map(option -> PictureMarks.text(option.text()))
            .toList(),
        options.stream()
            .filter(option -> !option.right())
            .map(option -> PictureMarks.text(option.text()))
            .toList());
  }

  private static Answers sorted(Sorting sorting) {
    Map<String, String> names = new LinkedHashMap<>();
    sorting.groups().forEach(group -> names.put(group.id(), PictureMarks.text(group.text())));
    return new Answers(
        sorting.cards().stream()
            .filter(card -> card.groups().stream().anyMatch(names::containsKey))
            .map(
                card ->
                    PictureMarks.text(card.text())
                        + " = "
                        + card.groups().stream()
                            .filter(names::containsKey)
                            .map(names::get)
                            .findFirst()
                            .orElseThrow())
            .toList(),
        List.of());
  }

  private static List<String> texts(List<Mistake> mistakes) {
    return mistakes.stream().map(Mistake::text).toList();
  }
}
