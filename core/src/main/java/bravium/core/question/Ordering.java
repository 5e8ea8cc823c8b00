package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Cards to put in order. Where some may come in any order, every order is right that keeps to what
 * has to come before what.
 *
 * @param cards in a right order; blank ones are left out
 * @param scoring what is counted in what is right in part; null for the places
 */
public record Ordering(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = Cards.MOST) List<Ranked> cards,
    Credit credit,
    @Nullable Scoring scoring,
    @JsonIgnore Extra extra)
    implements Question {

  /** Checks the cards' number and ids. */
  public Ordering {
    Cards.require(cards.stream().map(Ranked::id).toList());
  }

  /** Cards of which only one order is right, counted by their places. */
  public Ordering(Basics basics, List<Card> cards, Credit credit, Extra extra) {
    this(
        basics,
        cards.stream().map(c -> new Ranked(c.id(), c.text(), false, List.of(), c.extra())).toList(),
        credit,
        null,
        extra);
  }

  @Override
  public Ordering with(Basics changed) {
    return new Ordering(changed, cards, credit, scoring, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Ordering withCredit(Credit changed) {
    return new Ordering(basics, cards, changed, scoring, extra);
  }

  /** The same question with other cards. */
  public Ordering withCards(List<Ranked> changed) {
    return new Ordering(basics, changed, credit, scoring, extra);
  }

  /** The cards with something written on them, in a right order. */
  public List<Ranked> written() {
    return cards.stream().filter(Ranked::written).toList();
  }

  /** What is counted in what is right in part. */
  public Scoring counts() {
    return scoring == null ? Scoring.PLACES : scoring;
  }

  /** Which of the cards have to come before which. */
  private Precedence precedence() {
    return Precedence.of(written());
  }

  /** For each place whether each card, by its place as written, can stand there. */
  public boolean[][] standing() {
    Precedence precedence = precedence();
    int cards = written().size();
    boolean[][] standing = new boolean[cards][cards];
    for (int place = 0; place < cards; place++) {
      for (int card = 0; card < cards; card++) {
        standing[place][card] = precedence.canStand(card, place);
      }
    }
    return standing;
  }

  /**
   * How many cards after each other may come in any order, where that and nothing else is what the
   * order leaves open.
   *
   * @return empty where it leaves something else open
   */
  public List<Integer> bands() {
    return precedence().bands();
  }

  /** Whether there is an order at all: some card has to come before another. */
  private boolean ordered() {
    List<Ranked> written = written();
    List<String> above = new ArrayList<>();
    for (Ranked card : written) {
      boolean comesAfter =
          card.after().isEmpty() || card.after().stream().anyMatch(above::contains);
      if (!above.isEmpty() && !card.level() && comesAfter) {
        return true;
      }
      above.add(card.id());
    }
    return false;
  }

  @Override
  public boolean complete() {
    return written().size() > 1 && ordered();
  }

  @Override
  public List<String> items() {
    return written().stream().map(Ranked::id).toList();
  }

  @Override
  public boolean orderIsTheAnswer() {
    return true;
  }

  @Override
  public List<String> read() {
    return written().stream().map(card -> card.text().plain()).toList();
  }

  @Override
  public boolean takes(Response response) {
    List<String> ids = items();
    return response instanceof Response.Ordered(List<String> given)
        && given.size() == ids.size()
        && Ids.distinct(given)
        && ids.containsAll(given);
  }

  /** A card is right at a place where it, or one that reads the same, can stand. */
  @Override
  public Mark mark(Response response) {
    List<String> given = ((Response.Ordered) response).cards();
    Precedence precedence = precedence();
    int[] places = precedence.places(given);
    List<Mark.Part> parts = new ArrayList<>();
    for (int i = 0; i < places.length; i++) {
      parts.add(new Mark.Part(given.get(i), precedence.canStand(places[i], i)));
    }
    int of = precedence.counted(counts());
    boolean full = precedence.holds(places);
    // Each by itself may be right though all together are not.
    int right = Math.min(precedence.right(counts(), places), full ? of : of - 1);
    return Mark.of(credit, right, of - right, of).with(parts, null);
  }

  /**
   * How many of what is counted are right.
   *
   * @return the right ones, and how many there are
   */
  public Counted counted(Response response) {
    Precedence precedence = precedence();
    int[] places = precedence.places(((Response.Ordered) response).cards());
    return new Counted(counts(), precedence.right(counts(), places), precedence.counted(counts()));
  }

  /**
   * What was counted in an order.
   *
   * @param right 0 to {@code of}
   */
  public record Counted(Scoring scoring, int right, int of) {}

  @Override
  public Optional<Response> rightResponse() {
    return complete() ? Optional.of(new Response.Ordered(items())) : Optional.empty();
  }

  /** The other way round, or each card one place further. */
  @Override
  public Optional<Response> wrongResponse() {
    List<String> ids = new ArrayList<>(items());
    if (ids.size() < 2) {
      return Optional.empty();
    }
    Response turnedRound = new Response.Ordered(List.copyOf(ids.reversed()));
    ids.add(ids.removeFirst());
    Response further = new Response.Ordered(List.copyOf(ids));
    return Stream.of(further, turnedRound)
        .filter(response -> !mark(response).full())
        .min(Comparator.comparingInt(response -> mark(response).earned()));
  }
}
