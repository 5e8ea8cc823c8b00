package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Terms;
import bravium.server.problems.Problem;
import org.jspecify.annotations.Nullable;

/**
 * An {@link Allowance} as the teacher sees and sets it.
 *
 * @param opens from when she can play, by the clock at the school; null for when all can
 * @param closes until when; null for when all can
 */
public record LocalAllowance(
    @Nullable String opens, @Nullable String closes, int moreGoes, boolean excused) {

  static LocalAllowance of(Allowance own, SchoolTime time) {
    return new LocalAllowance(
        time.local(own.opens()), time.local(own.closes()), own.moreGoes(), own.excused());
  }

  Allowance allowance(SchoolTime time) {
    Long from = time.opening(opens);
    Long until = time.closing(closes);
    if (from != null && until != null && until <= from) {
      throw Problem.badRequest(
          "closes-first",
          "It would close for her before it opens. Nothing was changed; choose a later time.");
    }
    if (moreGoes < 0 || moreGoes > Terms.MOST_GOES) {
      throw Problem.badRequest(
          "goes-range", "More goes are from 0 to " + Terms.MOST_GOES + ". Nothing was changed.");
    }
    return new Allowance(from, until, moreGoes, excused);
  }
}
