package bravium.server.classes;

import bravium.core.assignment.Terms;
import bravium.server.problems.Problem;
import org.jspecify.annotations.Nullable;

/**
 * {@link Terms} as the teacher sees and sets them.
 *
 * @param opens from when, by the clock at the school: {@code 2026-12-01T08:00}; null for from now
 *     on
 * @param closes until when; null for no end
 * @param goes how many games each learner has; null for any number
 */
public record LocalTerms(
    @Nullable String opens,
    @Nullable String closes,
    @Nullable Integer goes,
    Terms.Counts counts,
    Terms.WhenTold told,
    Terms.AtClosing atClosing,
    Terms.WhenMarked marks) {

  /** What is not said is what is usual. */
  public LocalTerms {
    counts = counts == null ? Terms.usual().counts() : counts;
    told = told == null ? Terms.usual().told() : told;
    atClosing = atClosing == null ? Terms.usual().atClosing() : atClosing;
    marks = marks == null ? Terms.usual().marks() : marks;
  }

  static LocalTerms of(Terms terms, SchoolTime time) {
    return new LocalTerms(
        time.local(terms.opens()),
        time.local(terms.closes()),
        terms.goes(),
        terms.counts(),
        terms.told(),
        terms.atClosing(),
        terms.marks());
  }

  Terms terms(SchoolTime time) {
    Long from = time.opening(opens);
    Long until = time.closing(closes);
    if (from != null && until != null && until <= from) {
      throw Problem.badRequest(
          "closes-first",
          "It would close before it opens. Nothing was changed; choose a later time to close.");
    }
    if (told == Terms.WhenTold.AFTER_CLOSING && until == null) {
      throw Problem.badRequest(
          "no-closing",
          "What is right can only be shown after closing if there is a time to close. Nothing was"
              + " changed; choose one, or show it at once.");
    }
    if (goes != null && (goes < 1 || goes > Terms.MOST_GOES)) {
      throw Problem.badRequest(
          "goes-range", "Goes are from 1 to " + Terms.MOST_GOES + ". Nothing was changed.");
    }
    return new Terms(from, until, goes, counts, told, atClosing, marks);
  }
}
