package bravium.server.activities;

import org.jspecify.annotations.Nullable;

/**
 * What is looked for in the list; null wherever it doesn't matter.
 *
 * @param search words that all occur in title, subject, tags or objective
 * @param sort {@code title}, {@code year}, or anything else for what was changed last
 * @param removed whether what was removed is listed, instead of what is there
 * @param page from 0, also where it is null; a page holds {@value #PAGE}
 */
record ActivityQuery(
    @Nullable String search,
    @Nullable String kind,
    @Nullable String subject,
    @Nullable Integer year,
    @Nullable String tag,
    @Nullable String sort,
    @Nullable Boolean removed,
    @Nullable Integer page) {

  static final int PAGE = 48;
  private static final int MOST_PAGES = 1_000_000;

  int offset() {
    return page == null ? 0 : Math.clamp(page, 0, MOST_PAGES) * PAGE;
  }

  boolean listsRemoved() {
    return Boolean.TRUE.equals(removed);
  }

  Sort sorting() {
    return switch (sort) {
      case "title" -> Sort.TITLE;
      case "year" -> Sort.YEAR;
      case null, default -> Sort.CHANGED;
    };
  }

  /** By what the list is sorted. */
  enum Sort {
    /** What was changed last comes first. */
    CHANGED,
    /** From A to Z. */
    TITLE,
    /** The youngest year group first, those without one last. */
    YEAR
  }
}
