package bravium.core.question;

import bravium.core.json.Extra;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Questions that differ in nothing but what is right, so that whoever has to find it out must not
 * be able to tell them apart. What is said to a wrong answer while another try is left is the same.
 */
public final class LookAlike {

  private static final String ELSE = "quite another word";

  private LookAlike() {}

  /** A question that must look like this one; empty where nothing in it is to be found out. */
  public static Optional<Question> of(Question question) {
    Feedback feedback = new Feedback("Quite other words", "And others here");
    return other(question).map(q -> q.with(q.basics().withFeedback(feedback)));
  }

  private static Optional<Question> other(Question question) {
    return switch (question) {
      case TrueFalse q -> Optional.of(new TrueFalse(q.basics(), !q.answer(), q.extra()));
      case PickOne q -> turned(q.options()).map(q::withOptions);
      case PickAll q -> turned(q.options()).map(q::withOptions);
      case TypedText q ->
          Optional.of(
              new TypedText(q.basics(), List.of(ELSE), q.mistakes(), q.comparing(), q.extra()));
      case Numeric q -> Optional.of(q.withValue("987654"));
      case Gaps q -> gaps(q);
      case Ordering q -> Optional.of(q.withCards(plain(q.cards().reversed())));
      case Matching q -> Optional.of(turned(q));
      case Sorting q -> sorted(q);
      // An area may be so thin that nobody can point at it: then there is nothing to find out.
      case PointAt q -> q.canBeRight() ? pointed(q) : Optional.empty();
      // What is right is in the figures that are shown, or in what is asked.
      case FractionTask q -> Optional.of(q);
      case FreeAnswer q -> Optional.of(new FreeAnswer(q.basics(), ELSE, q.extra()));
      case Discussion q -> Optional.empty();
      case Information q -> Optional.empty();
      case UnknownQuestion q -> Optional.empty();
    };
  }

  /** Another option is right, alone. */
  private static Optional<List<Option>> turned(List<Option> options) {
    int right = options.stream().map(Option::right).toList().indexOf(true);
    if (options.size() < 2) {
      return Optional.empty();
    }
    int next = (right + 1) % options.size();
    List<Option> turned = new ArrayList<>();
    for (Option option : options) {
      turned.add(option.withRight(turned.size() == next));
    }
    return turned.equals(options) ? Optional.empty() : Optional.of(List.copyOf(turned));
  }

  private static Matching turned(Matching matching) {
    List<Pair> pairs = matching.pairs();
    List<Pair> turned = new ArrayList<>();
    for (int i = 0; i < pairs.size(); i++) {
      turned.add(partnersOf(pairs.get((i + 1) % pairs.size()), pairs.get(i).left()));
    }
    return new Matching(matching.basics(), turned, matching.credit(), matching.extra());
  }

  /** Each card belongs where another belongs. */
  private static Optional<Question> sorted(Sorting sorting) {
    List<Set<String>> places = sorting.places();
    if (places.size() < 2) {
      return Optional.empty();
    }
    List<Sortable> cards = new ArrayList<>();
    for (Sortable card : sorting.cards()) {
      List<Set<String>> right = sorting.placesOf(card);
      cards.add(
          right.isEmpty()
              ? card
              : card.in(
                  List.copyOf(places.get((places.indexOf(right.getFirst()) + 1) % places.size()))));
    }
    return Optional.of(sorting.withCards(cards));
  }

  /** Each comes after all above it: where it was otherwise, that is to be found out, too. */
  private static List<Ranked> plain(List<Ranked> cards) {
    return cards.stream()
        .map(card -> new Ranked(card.id(), card.text(), false, List.of(), card.extra()))
        .toList();
  }

  private static Pair partnersOf(Pair pair, Card left) {
    return new Pair(left, pair.right(), pair.more(), pair.extra());
  }

  private static Optional<Question> pointed(PointAt point) {
    List<Area> areas = new ArrayList<>(point.areas());
    areas.removeIf(Area::right);
    areas.add(
        new Area(
            "elsewhere",
            "Else",
            Area.Form.RECTANGLE,
            List.of(new Spot(0, 0), new Spot(9, 9)),
            true,
            null,
            Extra.NONE));
    return Optional.of(
        new PointAt(point.basics(), point.picture(), point.alt(), areas, point.extra()));
  }

  private static Optional<Question> gaps(Gaps gaps) {
    List<GapText.Gap> written = gaps.sentence().gaps();
    List<GapText.Gap> others =
        switch (gaps.filling()) {
          case TYPED -> written.stream().map(gap -> gap(ELSE, gap.wrong())).toList();
          case CHOSEN -> written.stream().map(LookAlike::chosen).toList();
          case DRAGGED -> dragged(written);
        };
    if (others.equals(written)) {
      return Optional.empty();
    }
    StringBuilder text = new StringBuilder();
    int place = 0;
    for (GapText.Piece piece : gaps.sentence().pieces()) {
      text.append(
          piece instanceof GapText.Plain(String plain)
              ? plain.replace("[", "[[")
              : written(others.get(place++)));
    }
    return Optional.of(
        gaps.with(gaps.basics().withText(gaps.text().withSentence(text.toString()))));
  }

  /** What was wrong is right, and the other way round, where the gap has wrong words of its own. */
  private static GapText.Gap chosen(GapText.Gap gap) {
    if (gap.wrong().isEmpty() || gap.wrong().contains(gap.accepted().getFirst())) {
      return gap;
    }
    List<String> wrong = new ArrayList<>(gap.wrong());
    wrong.set(0, gap.accepted().getFirst());
    return gap(gap.wrong().getFirst(), wrong);
  }

  /** Each gap takes the word of the next. */
  private static List<GapText.Gap> dragged(List<GapText.Gap> gaps) {
    List<GapText.Gap> turned = new ArrayList<>();
    for (int i = 0; i < gaps.size(); i++) {
      String next = gaps.get((i + 1) % gaps.size()).accepted().getFirst();
      turned.add(gap(next, gaps.get(i).wrong()));
    }
    boolean same =
        new LinkedHashSet<>(gaps.stream().map(gap -> gap.accepted().getFirst()).toList()).size()
            < 2;
    return same ? gaps : turned;
  }

  private static GapText.Gap gap(String right, List<String> wrong) {
    return new GapText.Gap(List.of(right), wrong);
  }

  private static String written(GapText.Gap gap) {
    StringBuilder out = new StringBuilder("[");
    out.append(String.join("|", gap.accepted()));
    gap.wrong().forEach(word -> out.append("|!").append(word));
    return out.append("]").toString();
  }
}
