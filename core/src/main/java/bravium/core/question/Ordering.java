package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Cards to put in order.
 *
 * @param cards in the right order; blank ones are left out
 */
public record Ordering(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = Cards.MOST) List<Card> cards,
    Credit credit,
    @JsonIgnore Extra extra)
    implements Question {

  /** Checks the cards' number and ids. */
  public Ordering {
    Cards.require(cards.stream().map(Card::id).toList());
  }

  @Override
  public Ordering with(Basics changed) {
    return new Ordering(changed, cards, credit, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Ordering withCredit(Credit changed) {
    return new Ordering(basics, cards, changed, extra);
  }

  /** The cards with something written on them, in the right order. */
  public List<Card> written() {
    return cards.stream().filter(Card::written).toList();
  }

  @Override
  public boolean complete() {
    return written().size() > 1;
  }

  @Override
  public List<String> items() {
    return written().stream().map(Card::id).toList();
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

  /** A card is right where one that reads the same belongs. */
  @Override
  public Mark mark(Response response) {
    List<String> given = ((Response.Ordered) response).cards();
    List<Card> order = written();
    List<String> ids = items();
    List<Mark.Part> parts = new ArrayList<>();
    for (int i = 0; i < given.size(); i++) {
      String text = order.get(ids.indexOf(given.get(i))).text().key();
      parts.add(new Mark.Part(given.get(i), text.equals(order.get(i).text().key())));
    }
    return Mark.ofParts(credit, parts, order.size());
  }

  @Override
  public Optional<Response> rightResponse() {
    return complete() ? Optional.of(new Response.Ordered(items())) : Optional.empty();
  }

  /** Each card one place further: none is where it belongs. */
  @Override
  public Optional<Response> wrongResponse() {
    List<String> ids = new ArrayList<>(items());
    if (ids.size() < 2) {
      return Optional.empty();
    }
    ids.add(ids.removeFirst());
    Response turned = new Response.Ordered(List.copyOf(ids));
    return mark(turned).full() ? Optional.empty() : Optional.of(turned);
  }
}
