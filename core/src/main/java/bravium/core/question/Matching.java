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
 * Pairs to bring together.
 *
 * @param pairs what belongs together; those with a blank side are left out
 */
public record Matching(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = Cards.MOST) List<Pair> pairs,
    Credit credit,
    @JsonIgnore Extra extra)
    implements Question {

  /** Checks the cards' number and ids. */
  public Matching {
    Cards.require(pairs.stream().map(pair -> pair.left().id()).toList());
    Cards.require(pairs.stream().flatMap(Pair::partners).map(Card::id).toList());
  }

  @Override
  public Matching with(Basics changed) {
    return new Matching(changed, pairs, credit, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Matching withCredit(Credit changed) {
    return new Matching(basics, pairs, changed, extra);
  }

  /** Whether some card has several partners: then any number can be put beside each. */
  public boolean oneToMany() {
    return written().stream().anyMatch(pair -> pair.written().count() > 1);
  }

  /** The partners of all cards, in the order in which they are written. */
  public List<Card> partners() {
    return written().stream().flatMap(Pair::written).toList();
  }

  /** Beside how many cards a partner is right: all that have one which reads the same. */
  public int besides(Card partner) {
    String key = partner.text().key();
    return (int)
        written().stream()
            .filter(pair -> pair.written().anyMatch(card -> card.text().key().equals(key)))
            .count();
  }

  /** The pairs with both sides written. */
  public List<Pair> written() {
    return pairs.stream().filter(Pair::complete).toList();
  }

  @Override
  public boolean complete() {
    return written().size() > 1;
  }

  @Override
  public List<String> items() {
    return partners().stream().map(Card::id).toList();
  }

  @Override
  public boolean orderIsTheAnswer() {
    return true;
  }

  @Override
  public List<String> read() {
    List<String> texts = new ArrayList<>();
    for (Pair pair : written()) {
      texts.add(pair.left().text().plain());
      pair.written().forEach(card -> texts.add(card.text().plain()));
    }
    return texts;
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Placed(List<Response.Placing> placings)
        && !placings.isEmpty()
        && Ids.distinct(placings.stream().map(Response.Placing::card).toList())
        && (oneToMany() || Ids.distinct(placings.stream().map(Response.Placing::target).toList()))
        && placings.stream()
            .allMatch(p -> items().contains(p.card()) && left(p.target()).isPresent());
  }

  private Optional<Pair> left(String id) {
    return written().stream().filter(pair -> pair.left().id().equals(id)).findFirst();
  }

  /**
   * A partner is right beside every card that has one which reads the same. Where a card has one
   * partner it is the place that is right or not, else the partner.
   */
  @Override
  public Mark mark(Response response) {
    List<Mark.Part> parts = new ArrayList<>();
    boolean many = oneToMany();
    for (Response.Placing placing : ((Response.Placed) response).placings()) {
      String given = key(placing.card());
      boolean right =
          left(placing.target())
              .orElseThrow()
              .written()
              .anyMatch(c -> c.text().key().equals(given));
      parts.add(new Mark.Part(many ? placing.card() : placing.target(), right));
    }
    return Mark.ofParts(credit, parts, items().size());
  }

  private String key(String partner) {
    return partners().stream()
        .filter(card -> card.id().equals(partner))
        .map(card -> card.text().key())
        .findFirst()
        .orElseThrow();
  }

  @Override
  public Optional<Response> rightResponse() {
    return complete() ? Optional.of(shifted(0)) : Optional.empty();
  }

  @Override
  public Optional<Response> wrongResponse() {
    return complete() && !mark(shifted(1)).full() ? Optional.of(shifted(1)) : Optional.empty();
  }

  private Response shifted(int by) {
    List<Pair> all = written();
    List<Response.Placing> placings = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      String left = all.get(i).left().id();
      all.get((i + by) % all.size())
          .written()
          .forEach(card -> placings.add(new Response.Placing(card.id(), left)));
    }
    return new Response.Placed(List.copyOf(placings));
  }
}
