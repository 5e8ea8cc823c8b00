package bravium.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What belongs to a play at the front of the class alone: teams, and questions talked through.
 *
 * @param turn the place of the team whose turn it is, from 0; null where there are no teams, or
 *     where the teacher has not yet given it
 * @param taking the place of the team that takes the open question over; null where none does
 * @param deciding the places of the teams that are tied and have a deciding question; empty before
 * @param awards what the teams were given, in that order
 * @param talks the questions that were talked through or voted on
 */
public record Front(
    @Nullable Integer turn,
    @Nullable Integer taking,
    List<Integer> deciding,
    List<Award> awards,
    List<Talk> talks) {

  /** Nothing of it. */
  public static final Front NONE = new Front(null, null, List.of(), List.of(), List.of());

  /** The team that answers now; null where there are no teams, or where none has the turn. */
  public @Nullable Integer answering() {
    return taking == null ? turn : taking;
  }

  /** The points of a team. */
  public int points(int team) {
    return awards.stream().filter(a -> a.team() == team).mapToInt(Award::points).sum();
  }

  /** What a question has brought so far, to whichever team. */
  public int broughtBy(String question) {
    return awards.stream()
        .filter(award -> question.equals(award.question()))
        .mapToInt(Award::points)
        .sum();
  }

  /** The ids of the options of a question that were struck out, in that order. */
  public List<String> struck(String question) {
    return talk(question).map(Talk::struck).orElse(List.of());
  }

  /** How a question was talked through, if it was. */
  public Optional<Talk> talk(String question) {
    for (Talk talk : talks) {
      if (talk.question().equals(question)) {
        return Optional.of(talk);
      }
    }
    return Optional.empty();
  }

  /** The same with a team's turn, and nobody taking over; null for none. */
  public Front withTurn(@Nullable Integer team) {
    return new Front(team, null, deciding, awards, talks);
  }

  public Front takenOverBy(int team) {
    return new Front(turn, team, deciding, awards, talks);
  }

  public Front deciding(List<Integer> tied) {
    return new Front(tied.getFirst(), null, tied, awards, talks);
  }

  /** The same with no tie to decide. */
  public Front undecided() {
    return new Front(turn, null, List.of(), awards, talks);
  }

  /** The same with points given to a team; nothing where they are 0. */
  public Front awarding(Award award) {
    if (award.points() == 0) {
      return this;
    }
    List<Award> more = new ArrayList<>(awards);
    more.add(award);
    return new Front(turn, taking, deciding, List.copyOf(more), talks);
  }

  /** Without what a question brought and how it was talked through. */
  Front without(String question) {
    return new Front(
        turn,
        null,
        deciding,
        awards.stream().filter(award -> !question.equals(award.question())).toList(),
        talks.stream().filter(talk -> !talk.question().equals(question)).toList());
  }

  public Front with(Talk talk) {
    List<Talk> changed = new ArrayList<>(talks);
    changed.removeIf(t -> t.question().equals(talk.question()));
    changed.add(talk);
    return new Front(turn, taking, deciding, awards, List.copyOf(changed));
  }
}
