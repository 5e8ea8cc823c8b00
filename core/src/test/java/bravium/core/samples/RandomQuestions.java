package bravium.core.samples;

import bravium.core.answer.Comparing;
import bravium.core.answer.Mistake;
import bravium.core.json.Extra;
import bravium.core.measure.PartsOfWhole;
import bravium.core.play.Action;
import bravium.core.play.Effort;
import bravium.core.play.Laid;
import bravium.core.question.Area;
import bravium.core.question.Arrangement;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Discussion;
import bravium.core.question.Feedback;
import bravium.core.question.Figure;
import bravium.core.question.FractionTask;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Gaps;
import bravium.core.question.Information;
import bravium.core.question.Matching;
import bravium.core.question.Misplaced;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.Pair;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Ranked;
import bravium.core.question.Response;
import bravium.core.question.Scoring;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.Spot;
import bravium.core.question.TrueFalse;
import bravium.core.question.TypedText;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Questions of every kind, and responses to them: right, wrong, partly, and of another sort. */
public final class RandomQuestions {

  /** How many kinds there are. */
  public static final int KINDS = 14;

  private final Random random;
  private final RandomWords words;

  public RandomQuestions(Random random) {
    this.random = random;
    this.words = new RandomWords(random);
  }

  /** A question of any kind; finished ones can be asked and can be right. */
  public Question any(String id, boolean finished) {
    int kind = random.nextInt(KINDS);
    Question question = ofKind(kind, id, finished);
    // An ellipse can be so thin that nobody can point at it.
    while (finished && !question.canBeRight()) {
      question = ofKind(kind, id, true);
    }
    return question;
  }

  /** A question of the kind of that number, from 0. */
  public Question ofKind(int kind, String id, boolean finished) {
    Basics basics = basics(id, finished);
    boolean half = !finished && random.nextInt(4) == 0;
    return switch (kind) {
      case 0 -> new PickOne(basics, options(id, finished, false), Extra.NONE);
      case 1 -> new PickAll(basics, options(id, finished, true), credit(), Extra.NONE);
      case 2 -> new TrueFalse(basics, half ? null : random.nextBoolean(), Extra.NONE);
      case 3 ->
          new TypedText(
              basics,
              texts(half ? 0 : 1 + random.nextInt(3), finished),
              List.of(new Mistake("Wasp", words.maybe(), Extra.NONE)),
              comparing(),
              Extra.NONE);
      case 4 ->
          new Numeric(
              basics,
              half ? null : List.of("12", "0,5", "3/4", "-1.5", "50 %").get(random.nextInt(5)),
              random.nextBoolean() ? null : "0.1",
              random.nextBoolean() ? List.of() : List.of("kg", "g"),
              random.nextBoolean(),
              half,
              random.nextBoolean(),
              random.nextBoolean(),
              random.nextInt(4) == 0,
              List.of(new Mistake("7", words.maybe(), Extra.NONE)),
              Extra.NONE);
      case 5 ->
          new Gaps(
              basics.id().isEmpty() || half ? basics : basics.withText(Words.of(gapText())),
              any(Gaps.Filling.values()),
              texts(random.nextInt(3), finished),
              comparing(),
              credit(),
              Extra.NONE);
      case 6 -> order(basics, cards(id, half));
      case 7 ->
          new Matching(
              basics,
              cards(id, half).stream()
                  .map(c -> new Pair(c, partner(c, "r", finished), more(c), Extra.NONE))
                  .toList(),
              credit(),
              Extra.NONE);
      case 8 -> sorting(id, basics, half);
      case 9 ->
          new PointAt(
              basics,
              half ? null : "hive",
              text(finished),
              List.of(
                  new Area("a1", "Door", any(FLAT), corners(2), true, words.maybe(), Extra.NONE),
                  new Area(
                      "a2",
                      "Roof",
                      Area.Form.POLYGON,
                      corners(4),
                      false,
                      words.maybe(),
                      Extra.NONE)),
              Extra.NONE);
      case 10 -> new FreeAnswer(basics, maybe(), Extra.NONE);
      case 11 -> new Discussion(basics, Extra.NONE);
      case 12 -> fraction(basics, finished);
      default -> new Information(basics, Extra.NONE);
    };
  }

  private Ordering order(Basics basics, List<Card> cards) {
    List<Ranked> ranked =
        cards.stream()
            .map(
                card ->
                    new Ranked(
                        card.id(),
                        card.text(),
                        random.nextInt(4) == 0,
                        random.nextInt(4) == 0 ? List.of(any(cards).id()) : List.of(),
                        Extra.NONE))
            .toList();
    return new Ordering(
        basics, ranked, credit(), random.nextBoolean() ? null : any(Scoring.values()), Extra.NONE);
  }

  private Card partner(Card card, String which, boolean finished) {
    return new Card(mixedId(card.id() + which), text(finished));
  }

  private List<Card> more(Card card) {
    return random.nextInt(5) == 0 ? List.of(partner(card, "m", true)) : List.of();
  }

  private Sorting sorting(String id, Basics basics, boolean half) {
    List<Card> groups =
        IntStream.rangeClosed(1, 2 + random.nextInt(5))
            .mapToObj(i -> new Card("g" + i, half && i == 2 ? "" : "Group " + i))
            .toList();
    List<Card> rows = List.of(new Card("r1", "Summer"), new Card("r2", "Winter"));
    Sorting empty =
        new Sorting(
            basics,
            groups,
            rows,
            List.of(),
            credit(),
            random.nextBoolean() ? null : any(Arrangement.values()),
            random.nextBoolean(),
            random.nextInt(3) == 0,
            random.nextBoolean() ? null : any(Misplaced.values()),
            Extra.NONE);
    List<Set<String>> places = empty.places();
    return empty.withCards(
        IntStream.range(0, 1 + random.nextInt(4))
            .mapToObj(
                i -> {
                  List<String> in = new ArrayList<>(any(places));
                  Collections.sort(in);
                  boolean nowhere = in.isEmpty();
                  return new Sortable(
                      id + "c" + i,
                      Words.of("Card " + i),
                      nowhere ? List.of("g1") : in,
                      random.nextInt(4) == 0,
                      nowhere,
                      Extra.NONE);
                })
            .toList());
  }

  private FractionTask fraction(Basics basics, boolean finished) {
    FractionTask task =
        new FractionTask(
            basics,
            any(FractionTask.FractionAsk.values()),
            figure(),
            random.nextBoolean() ? null : figure(),
            random.nextBoolean() ? null : any(FractionTask.FractionForm.values()),
            random.nextBoolean(),
            Extra.NONE);
    // Not every fraction can be shown by every cut.
    return finished && !task.complete() ? fraction(basics, true) : task;
  }

  private Figure figure() {
    int parts = 1 + random.nextInt(PartsOfWhole.MOST);
    Integer wholes = random.nextBoolean() ? null : Integer.valueOf(1 + random.nextInt(3));
    List<Integer> shaded =
        IntStream.range(0, parts * (wholes == null ? 1 : wholes))
            .boxed()
            .filter(place -> random.nextBoolean())
            .toList();
    return new Figure(
        any(Figure.FigureShape.values()), parts, wholes, random.nextBoolean() ? null : 2, shaded);
  }

  private <T> T any(List<T> values) {
    return values.get(random.nextInt(values.size()));
  }

  private static final Area.Form[] FLAT = {Area.Form.RECTANGLE, Area.Form.ELLIPSE};

  /** A response that the question takes; where it takes none, a text. */
  public Response response(Question question) {
    List<Response> known = new ArrayList<>();
    question.rightResponse().ifPresent(known::add);
    question.wrongResponse().ifPresent(known::add);
    known.add(made(question));
    Response response = known.get(random.nextInt(known.size()));
    return question.takes(response) ? response : known.getFirst();
  }

  /** One card, laid anywhere: one that still can be, or any. */
  public Action lay(Sorting sorting, Effort effort) {
    List<String> laid = effort.laid().stream().filter(Laid::right).map(Laid::card).toList();
    List<String> left = sorting.items().stream().filter(id -> !laid.contains(id)).toList();
    String card = any(left.isEmpty() || random.nextInt(9) == 0 ? sorting.items() : left);
    return new Action.Lay(
        sorting.id(), effort.tries() + 1, Sorting.placings(card, any(sorting.places())));
  }

  private Response made(Question question) {
    List<String> items = new ArrayList<>(question.items());
    Collections.shuffle(items, random);
    List<String> some = items.subList(0, random.nextInt(items.size() + 1));
    return switch (question) {
      case PickAll q -> new Response.PickedAll(List.copyOf(some));
      case PickOne q -> new Response.Picked(items.isEmpty() ? "none" : items.getFirst());
      case Ordering q -> new Response.Ordered(List.copyOf(items));
      case Matching q ->
          new Response.Placed(
              IntStream.range(0, some.size())
                  .mapToObj(
                      i ->
                          new Response.Placing(
                              some.get(i), q.written().get(i % q.written().size()).left().id()))
                  .toList());
      case Sorting q ->
          new Response.Placed(
              some.stream().flatMap(c -> Sorting.placings(c, any(q.places())).stream()).toList());
      case FractionTask q when q.task() == FractionTask.FractionAsk.NAME ->
          new Response.Typed(random.nextInt(9) + "/" + (1 + random.nextInt(24)));
      case FractionTask q when q.task() == FractionTask.FractionAsk.COMPARE ->
          new Response.Picked(
              any(List.of(FractionTask.LESS, FractionTask.SAME, FractionTask.MORE)));
      case FractionTask q -> {
        Figure shading = q.shown().getLast();
        int parts = q.ownCut() ? 1 + random.nextInt(PartsOfWhole.MOST) : shading.parts();
        yield new Response.Shaded(
            parts,
            IntStream.range(0, parts * shading.count())
                .boxed()
                .filter(place -> random.nextBoolean())
                .toList());
      }
      case Gaps q ->
          new Response.Filled(
              q.choices().stream()
                  .map(
                      choices ->
                          random.nextInt(3) == 0 ? "" : choices.get(random.nextInt(choices.size())))
                  .toList());
      case PointAt q -> new Response.Pointed(random.nextInt(1_001), random.nextInt(1_001));
      default -> new Response.Typed(text(true));
    };
  }

  private Basics basics(String id, boolean finished) {
    return new Basics(
        id,
        words.any(finished),
        new Feedback(words.maybe(), words.maybe(), Extra.NONE),
        false,
        random.nextInt(4) == 0 ? random.nextInt(30) : null,
        random.nextInt(6) == 0 ? 1 + random.nextInt(40) : null,
        List.of(
                List.<Words>of(),
                List.of(words.any(false)),
                List.of(words.any(false), Words.of("Look again")))
            .get(random.nextInt(3)));
  }

  private String gapText() {
    return List.of(
            "A queen needs [16|sixteen|!20] days",
            "[Bees] make [[wax]] and [honey|!sugar] and [wax]",
            "Open [ and [drone|!a]")
        .get(random.nextInt(3));
  }

  private List<Option> options(String id, boolean finished, boolean several) {
    int count = finished ? 2 + random.nextInt(4) : random.nextInt(5);
    int right = finished ? random.nextInt(count) : random.nextInt(6);
    return IntStream.range(0, count)
        .mapToObj(
            i ->
                new Option(
                    id + "o" + i,
                    words.any(finished),
                    i == right || (several || !finished) && random.nextInt(4) == 0,
                    random.nextInt(6) == 0,
                    random.nextInt(4) == 0 ? words.maybe() : null,
                    Extra.NONE))
        .toList();
  }

  private List<Card> cards(String id, boolean half) {
    return IntStream.range(0, half ? random.nextInt(2) : 2 + random.nextInt(4))
        .mapToObj(i -> new Card(mixedId(id + i), "Card " + random.nextInt(9)))
        .toList();
  }

  /** An id whose alphabetical order has nothing to do with its place. */
  private static String mixedId(String id) {
    return Integer.toHexString((id + "~").hashCode()) + id;
  }

  private List<Spot> corners(int count) {
    return IntStream.range(0, count)
        .mapToObj(i -> new Spot(random.nextInt(1_001), random.nextInt(1_001)))
        .toList();
  }

  private Comparing comparing() {
    return new Comparing(
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextBoolean(),
        random.nextBoolean(),
        Extra.NONE);
  }

  private Credit credit() {
    return any(Credit.values());
  }

  private <T> T any(T[] values) {
    return values[random.nextInt(values.length)];
  }

  private List<String> texts(int count, boolean finished) {
    return IntStream.range(0, count).mapToObj(i -> text(finished)).toList();
  }

  private String text(boolean finished) {
    return RandomActivities.text(random, finished);
  }

  private String maybe() {
    return random.nextBoolean() ? null : text(false);
  }
}
