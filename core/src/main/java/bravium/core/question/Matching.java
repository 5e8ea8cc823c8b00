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
    Cards.require(pairs.stream().map(pair -> pair.right().id()).toList());
  }

  @Override
  public Matching with(Basics changed) {
    return new Matching(changed, pairs, credit, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Matching withCredit(Credit changed) {
    return new Matching(basics, pairs, changed, extra);
  }

  /** The pairs with both sides written. */
  public List<Pair> written() {
    return pairs.stream().filter(Pair::written).toList();
  }

  @Override
  public boolean complete() {
    return written().size() > 1;
  }

  @Override
  public List<String> items() {
    return written().stream().map(pair -> pair.right().id()).toList();
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
      texts.add(pair.right().text().plain());
    }
    return texts;
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Placed(List<Response.Placing> placings)
        && !placings.isEmpty()
        && Ids.distinct(placings.stream().map(Response.Placing::card).toList())
        && Ids.distinct(placings.stream().map(Response.Placing::target).toList())
        && placings.stream()
            .allMatch(p -> right(p.card()).isPresent() && left(p.target()).isPresent());
  }

  private Optional<Pair> right(String id) {
    return written().stream().filter(pair -> pair.right().id().equals(id)).findFirst();
  }

  private Optional<Pair> left(String id) {
    return written().stream().filter(pair -> pair.left().id().equals(id)).findFirst();
  }

  /** A partner is right beside every card whose own partner reads the same. */
  @Override
  public Mark mark(Response response) {
    List<Mark.Part> parts = new ArrayList<>();
    for (Response.Placing placing : ((Response.Placed) response).placings()) {
      String given = right(placing.card()).orElseThrow().right().text().key();
      String meant = left(placing.target()).orElseThrow().right().text().key();
      parts.add(new Mark.Part(placing.target(), given.equals(meant)));
    }
    return Mark.ofParts(credit, parts, written().size());
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
      String card = all.get((i + by) % all.size()).right().id();
      placings.add(new Response.Placing(card, all.get(i).left().id()));
    }
    return new Response.Placed(List.copyOf(placings));
  }
}
