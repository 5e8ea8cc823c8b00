package bravium.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * The clocks of a play, by name.
 *
 * @param credited the milliseconds of outages that were made up for so far
 */
public record Clocks(List<Clocked> all, long credited) {

  /** The longest outage that is made up for in one play, in milliseconds: two minutes. */
  public static final long MOST_CREDITED = 120_000;

  /** How long after the end an answer is still on time: what a network takes, in milliseconds. */
  public static final long GRACE = 500;

  static final Clocks NONE = new Clocks(List.of(), 0);

  /** The clock of that name, if it was ever started. */
  public Optional<Clocked> find(String name) {
    for (Clocked clock : all) {
      if (clock.name().equals(name)) {
        return Optional.of(clock);
      }
    }
    return Optional.empty();
  }

  /** The clocks that run, held ones too. */
  public List<Clocked> running() {
    return all.stream().filter(Clocked::runs).toList();
  }

  /**
   * With a clock that begins anew.
   *
   * @param total in milliseconds
   */
  public Clocks started(String name, long total, long at) {
    return with(Clocked.started(name, total, at));
  }

  /**
   * With a clock that goes on where it stopped, or begins.
   *
   * @param total in milliseconds
   */
  public Clocks resumed(String name, long total, long at) {
    return with(
        find(name)
            .map(clock -> clock.resumed(at))
            .orElseGet(() -> Clocked.started(name, total, at)));
  }

  /** With that clock stopped; it can be resumed. */
  public Clocks stopped(String name, long at) {
    return changed(name, clock -> clock.stopped(at));
  }

  /** Without that clock. */
  public Clocks without(String name) {
    return find(name).isEmpty()
        ? this
        : new Clocks(all.stream().filter(clock -> !clock.name().equals(name)).toList(), credited);
  }

  /** With less time on a clock, in milliseconds. */
  public Clocks shortened(String name, long millis) {
    return changed(name, clock -> clock.later(-millis));
  }

  /** With a clock held; null for all that run. */
  public Clocks held(@Nullable String name, long at) {
    return changed(name, clock -> clock.heldSince(at));
  }

  /** With a clock running on; null for all that are held. */
  Clocks runningOn(@Nullable String name, long at) {
    return changed(name, clock -> clock.runningOn(at));
  }

  /** With more time on a clock, in milliseconds; null for all that run. */
  Clocks withMore(@Nullable String name, long millis) {
    return changed(name, clock -> clock.later(millis));
  }

  /** All that run begin to run now, but those that are held. */
  Clocks begunAt(long at) {
    return changed(null, c -> c.runs() && c.held() == null ? c.resumed(at) : c);
  }

  /** All as they were so many milliseconds ago. */
  Clocks shifted(long millis) {
    return changed(null, clock -> clock.shifted(millis));
  }

  /** A device could not reach anybody for so long: that is made up for, up to a bound. */
  Clocks credited(long millis) {
    long more = Math.max(0, Math.min(millis, MOST_CREDITED - credited));
    return new Clocks(withMore(null, more).all, credited + more);
  }

  private Clocks with(Clocked clock) {
    List<Clocked> others = new ArrayList<>(all);
    others.removeIf(other -> other.name().equals(clock.name()));
    others.add(clock);
    return new Clocks(List.copyOf(others), credited);
  }

  private Clocks changed(@Nullable String name, UnaryOperator<Clocked> change) {
    if (all.isEmpty()) {
      return this;
    }
    List<Clocked> changed = new ArrayList<>(all);
    changed.replaceAll(
        clock -> name == null || clock.name().equals(name) ? change.apply(clock) : clock);
    return new Clocks(List.copyOf(changed), credited);
  }
}
