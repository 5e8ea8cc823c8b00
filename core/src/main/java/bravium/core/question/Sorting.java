package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import bravium.core.measure.Rings;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Cards to sort into groups. A card lies at a <i>place</i>: the groups that it is in at once. In
 * columns that is one group, in rings one or those that overlap there, in a table a row and a
 * column; no group at all where cards may belong nowhere.
 *
 * @param groups at most {@value #MOST_GROUPS}; those without a name are left out. In a table, its
 *     columns
 * @param rows the rows of a table, at most {@value #MOST_GROUPS}; passed over in all else
 * @param cards those without text, or that belong nowhere without saying so, are left out
 * @param arrangement how the groups are laid out; null for columns. More than {@value Rings#MOST}
 *     are no rings but columns
 * @param outside whether cards may belong nowhere; with rings they always may
 * @param atOnce whether each card is marked as soon as it lies somewhere; then the first place
 *     counts. Otherwise all are marked together, on demand
 * @param misplaced what becomes of what lies wrong; null where it is not said before it is settled
 */
public record Sorting(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = MOST_GROUPS) List<Card> groups,
    @Range(max = MOST_GROUPS) List<Card> rows,
    @Range(max = Cards.MOST) List<Sortable> cards,
    Credit credit,
    @Nullable Arrangement arrangement,
    boolean outside,
    boolean atOnce,
    @Nullable Misplaced misplaced,
    @JsonIgnore Extra extra)
    implements Question {

  /** More fit on no screen. */
  public static final int MOST_GROUPS = 8;

  /** What a response names where a card lies in no group. */
  public static final String NOWHERE = "";

  /** Checks the numbers and ids. */
  public Sorting {
    if (groups.size() > MOST_GROUPS || rows.size() > MOST_GROUPS) {
      throw new IllegalArgumentException("a question has at most " + MOST_GROUPS + " groups");
    }
    List<String> ids = new ArrayList<>(groups.stream().map(Card::id).toList());
    ids.addAll(rows.stream().map(Card::id).toList());
    Ids.requireDistinct("group", ids);
    Cards.require(cards.stream().map(Sortable::id).toList());
  }

  /** Cards to sort into columns, marked on demand. */
  public Sorting(
      Basics basics, List<Card> groups, List<Sortable> cards, Credit credit, Extra extra) {
    this(basics, groups, List.of(), cards, credit, null, false, false, null, extra);
  }

  @Override
  public Sorting with(Basics changed) {
    return new Sorting(
        changed, groups, rows, cards, credit, arrangement, outside, atOnce, misplaced, extra);
  }

  /** The same question with another rule for partly right answers. */
  public Sorting withCredit(Credit changed) {
    return new Sorting(
        basics, groups, rows, cards, changed, arrangement, outside, atOnce, misplaced, extra);
  }

  /** The same question with other cards. */
  public Sorting withCards(List<Sortable> changed) {
    return new Sorting(
        basics, groups, rows, changed, credit, arrangement, outside, atOnce, misplaced, extra);
  }

  /** How the groups are laid out. */
  public Arrangement laidOut() {
    boolean many = arrangement == Arrangement.RINGS && named().size() > Rings.MOST;
    return arrangement == null || many ? Arrangement.COLUMNS : arrangement;
  }

  /** The groups with a name; of a table its columns. */
  public List<Card> named() {
    return groups.stream().filter(Card::written).toList();
  }

  /** The rows of a table that have a name; none in all else. */
  public List<Card> namedRows() {
    return laidOut() == Arrangement.TABLE
        ? rows.stream().filter(Card::written).toList()
        : List.of();
  }

  /** What a card can be put to: the groups, and after them the rows of a table. */
  public List<Card> targets() {
    List<Card> all = new ArrayList<>(named());
    all.addAll(namedRows());
    return all;
  }

  /** Whether a card may lie in no group. */
  public boolean mayBeOutside() {
    return outside || laidOut() == Arrangement.RINGS;
  }

  /** Every place where a card can lie, as the ids of the groups that it is in there. */
  public List<Set<String>> places() {
    List<String> ids = named().stream().map(Card::id).toList();
    List<Set<String>> places = new ArrayList<>();
    switch (laidOut()) {
      case COLUMNS -> ids.forEach(id -> places.add(Set.of(id)));
      case RINGS -> {
        for (Rings.Region region : Rings.of(ids.size()).regions()) {
          Set<String> in = new LinkedHashSet<>();
          region.rings().forEach(ring -> in.add(ids.get(ring)));
          places.add(in);
        }
      }
      case TABLE -> {
        for (Card row : namedRows()) {
          for (String column : ids) {
            Set<String> cell = new LinkedHashSet<>();
            cell.add(column);
            cell.add(row.id());
            places.add(cell);
          }
        }
      }
    }
    if (mayBeOutside()) {
      places.add(Set.of());
    }
    return places;
  }

  /** Whether a card belongs to a place. */
  public boolean belongs(Sortable card, Set<String> place) {
    if (card.nowhere() || place.isEmpty()) {
      return card.nowhere() && place.isEmpty();
    }
    boolean all = laidOut() == Arrangement.RINGS && !card.either();
    if (!all) {
      // In a table it is its row and its column that have to be among the right ones.
      return card.groups().containsAll(place)
          && (laidOut() != Arrangement.RINGS || place.size() == 1);
    }
    Set<String> there = new LinkedHashSet<>(card.groups());
    there.retainAll(named().stream().map(Card::id).toList());
    return there.equals(place);
  }

  /** The places to which a card belongs. */
  public List<Set<String>> placesOf(Sortable card) {
    return places().stream().filter(place -> belongs(card, place)).toList();
  }

  /** The cards that have a text and belong to some place. */
  public List<Sortable> written() {
    List<Set<String>> places = places();
    return cards.stream()
        .filter(c -> !c.text().blank() && places.stream().anyMatch(place -> belongs(c, place)))
        .toList();
  }

  @Override
  public boolean complete() {
    return named().size() > 1
        && (laidOut() != Arrangement.TABLE || namedRows().size() > 1)
        && !written().isEmpty();
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
    targets().forEach(group -> texts.add(group.text().plain()));
    written().forEach(card -> texts.add(card.text().plain()));
    return texts;
  }

  /** Where the cards of a response lie, in its order. */
  public static Map<String, Set<String>> lying(Response response) {
    Map<String, Set<String>> lying = new LinkedHashMap<>();
    for (Response.Placing placing : ((Response.Placed) response).placings()) {
      Set<String> place = lying.computeIfAbsent(placing.card(), card -> new LinkedHashSet<>());
      if (!placing.target().equals(NOWHERE)) {
        place.add(placing.target());
      }
    }
    return lying;
  }

  /** The response in which these cards lie so: what {@link #lying} takes apart. */
  public static Response.Placed placed(Map<String, Set<String>> lying) {
    List<Response.Placing> placings = new ArrayList<>();
    lying.forEach((card, place) -> placings.addAll(placings(card, place)));
    return new Response.Placed(List.copyOf(placings));
  }

  /** The placings of a card that lies at a place. */
  public static List<Response.Placing> placings(String card, Set<String> place) {
    return place.isEmpty()
        ? List.of(new Response.Placing(card, NOWHERE))
        : place.stream().map(group -> new Response.Placing(card, group)).toList();
  }

  @Override
  public boolean takes(Response response) {
    if (!(response instanceof Response.Placed(List<Response.Placing> placings))
        || placings.isEmpty()
        || new LinkedHashSet<>(placings).size() < placings.size()) {
      return false;
    }
    List<Set<String>> places = places();
    List<String> there = items();
    Map<String, Set<String>> lying = lying(response);
    int meant = lying.values().stream().mapToInt(place -> Math.max(1, place.size())).sum();
    return meant == placings.size()
        && lying.entrySet().stream()
            .allMatch(e -> there.contains(e.getKey()) && places.contains(e.getValue()));
  }

  @Override
  public Mark mark(Response response) {
    Map<String, Sortable> byId = new LinkedHashMap<>();
    cards.forEach(card -> byId.put(card.id(), card));
    List<Mark.Part> parts = new ArrayList<>();
    lying(response)
        .forEach((card, place) -> parts.add(new Mark.Part(card, belongs(byId.get(card), place))));
    return Mark.ofParts(credit, parts, written().size());
  }

  /** What became of a first sorting by the last; both are such that this question takes them. */
  public Moved moved(Response first, Response last) {
    Map<String, Set<String>> before = lying(first);
    Map<String, Set<String>> after = lying(last);
    int moved = 0;
    int home = 0;
    int astray = 0;
    for (Sortable card : written()) {
      Set<String> was = before.get(card.id());
      Set<String> is = after.get(card.id());
      boolean same = was == null ? is == null : was.equals(is);
      if (!same) {
        boolean wasHome = was != null && belongs(card, was);
        boolean isHome = is != null && belongs(card, is);
        moved++;
        home += isHome && !wasHome ? 1 : 0;
        astray += wasHome && !isHome ? 1 : 0;
      }
    }
    return new Moved(moved, home, astray);
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
    List<Set<String>> places = places();
    List<Response.Placing> placings = new ArrayList<>();
    for (Sortable card : written()) {
      places.stream()
          .filter(place -> belongs(card, place) == right)
          .findFirst()
          .ifPresent(place -> placings.addAll(placings(card.id(), place)));
    }
    return placings.isEmpty()
        ? Optional.empty()
        : Optional.of(new Response.Placed(List.copyOf(placings)));
  }
}
