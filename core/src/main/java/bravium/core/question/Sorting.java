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
 * Cards to sort into groups.
 *
 * @param groups at most {@value #MOST_GROUPS}; those without a name are left out
 * @param cards those without text or without a right group are left out
 */
public record Sorting(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = MOST_GROUPS) List<Card> groups,
    @Range(max = Cards.MOST) List<Sortable> cards,
    Credit credit,
    @JsonIgnore Extra extra)
    implements Question {

  /** More fit on no screen. */
  public static final int MOST_GROUPS = 8;

  /** Checks the numbers and ids. */
  public Sorting {
    if (groups.size() > MOST_GROUPS) {
      throw new IllegalArgumentException("a question has at most " + MOST_GROUPS + " groups");
    }
    Ids.requireDistinct("group", groups.stream().map(Card::id).toList());
    Cards.require(cards.stream().map(Sortable::id).toList());
  }

  @Override
  public Sorting with(Basics changed) {
    return new Sorting(changed, groups, cards, credit, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Sorting withCredit(Credit changed) {
    return new Sorting(basics, groups, cards, changed, extra);
  }

  /** The groups with a name. */
  public List<Card> named() {
    return groups.stream().filter(Card::written).toList();
  }

  /** The cards that have a text and belong somewhere. */
  public List<Sortable> written() {
    List<String> there = named().stream().map(Card::id).toList();
    return cards.stream()
        .filter(c -> !c.text().blank() && c.groups().stream().anyMatch(there::contains))
        .toList();
  }

  @Override
  public boolean complete() {
    return named().size() > 1 && !written().isEmpty();
  }

  @Override
  public List<String> items() {
    return written().stream().map(Sortable::id).toList();
  }

  /** A teacher writes group after group: the order tells which belong together. */
  @Override
  public boolean orderIsTheAnswer() {
    return true;
  }

  @Override
  public List<String> read() {
    List<String> texts = new ArrayList<>();
    named().forEach(group -> texts.add(group.text().plain()));
    written().forEach(card -> texts.add(card.text().plain()));
    return texts;
  }

  @Override
  public boolean takes(Response response) {
    List<String> there = named().stream().map(Card::id).toList();
    return response instanceof Response.Placed(List<Response.Placing> placings)
        && !placings.isEmpty()
        && Ids.distinct(placings.stream().map(Response.Placing::card).toList())
        && placings.stream()
            .allMatch(p -> items().contains(p.card()) && there.contains(p.target()));
  }

  @Override
  public Mark mark(Response response) {
    List<Mark.Part> parts = new ArrayList<>();
    for (Response.Placing placing : ((Response.Placed) response).placings()) {
      boolean right =
          cards.stream()
              .anyMatch(
                  c -> c.id().equals(placing.card()) && c.groups().contains(placing.target()));
      parts.add(new Mark.Part(placing.card(), right));
    }
    return Mark.ofParts(credit, parts, written().size());
  }

  @Override
  public Optional<Response> rightResponse() {
    return complete() ? placing(true) : Optional.empty();
  }

  @Override
  public Optional<Response> wrongResponse() {
    return placing(false);
  }

  /** All cards that can be put right, or wrong. */
  private Optional<Response> placing(boolean right) {
    List<Response.Placing> placings = new ArrayList<>();
    for (Sortable card : written()) {
      named().stream()
          .filter(group -> card.groups().contains(group.id()) == right)
          .findFirst()
          .ifPresent(group -> placings.add(new Response.Placing(card.id(), group.id())));
    }
    return placings.isEmpty()
        ? Optional.empty()
        : Optional.of(new Response.Placed(List.copyOf(placings)));
  }
}
