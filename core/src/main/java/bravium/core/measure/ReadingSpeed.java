package bravium.core.measure;

import org.jspecify.annotations.Nullable;

/**
 * How many words a minute a year group reads: its slower quarter, its middle, its faster quarter.
 *
 * <p>Years 2 to 7 are US grades 1 to 6 of Hasbrouck &amp; Tindal, <i>An update to compiled ORF
 * norms</i> (Technical Report 1702, University of Oregon, 2017), spring, 25th, 50th and 75th
 * percentile. From there the speeds rise evenly to those of adults in Year 13: Brysbaert, <i>How
 * many words do we read per minute?</i> (Journal of Memory and Language 109, 2019): 238 words, most
 * adults between 175 and 300. Before Year 2 a class is read to, at the pace of a lecture: Tauroza
 * &amp; Allison, <i>Speech rates in British English</i> (Applied Linguistics 11:1, 1990), about 140
 * words a minute on average (from memory).
 *
 * @param slow words a minute of the 25th percentile
 * @param middle words a minute of the 50th percentile
 * @param fast words a minute of the 75th percentile
 */
public record ReadingSpeed(int slow, int middle, int fast) {

  /** The year group that reads as adults do. */
  public static final int ADULTS = 13;

  private static final int FIRST_READERS = 2;
  private static final int LAST_OF_NORMS = 7;

  /** Who reads a text out on the radio; Tauroza &amp; Allison (1990), from memory. */
  private static final int USUAL_SPEECH = 160;

  /** Who lectures, on average; as above. */
  private static final int LECTURE = 140;

  /** The slower end of what is usual for lectures; as above. */
  private static final int SLOWEST_SPEECH = 125;

  private static final ReadingSpeed READ_TO = new ReadingSpeed(LECTURE, LECTURE, LECTURE);

  private static final int[][] NORMS = {
    {34, 60, 91}, {72, 100, 124}, {91, 112, 139}, {105, 133, 160}, {119, 146, 169}, {122, 146, 173}
  };

  private static final ReadingSpeed ADULT = new ReadingSpeed(175, 238, 300);

  /**
   * The speeds of a year group.
   *
   * @param year 0 (reception) to 13; later years read as Year 13 does
   */
  public static ReadingSpeed ofYear(int year) {
    if (year < FIRST_READERS) {
      return READ_TO;
    }
    int place = Math.min(year, LAST_OF_NORMS) - FIRST_READERS;
    ReadingSpeed norm = new ReadingSpeed(NORMS[place][0], NORMS[place][1], NORMS[place][2]);
    return year <= LAST_OF_NORMS ? norm : norm.towards(ADULT, Math.min(year, ADULTS));
  }

  /** How long so many words take at a speed, in milliseconds, rounded down. */
  public static long millis(int words, int wordsPerMinute) {
    return words * 60_000L / wordsPerMinute;
  }

  /**
   * The pace at which something is read aloud to a year group, in words a minute: the pace of its
   * middle reader, who follows the words, but never slower than an unhurried lecture (125) and
   * never faster than a text read out on the radio (160): Tauroza &amp; Allison (1990), from
   * memory.
   *
   * @param year as for {@link #ofYear}; null for the usual pace
   */
  public static int aloud(@Nullable Integer year) {
    if (year == null) {
      return USUAL_SPEECH;
    }
    int reads = year < FIRST_READERS ? SLOWEST_SPEECH : ofYear(year).middle;
    return Math.max(SLOWEST_SPEECH, Math.min(USUAL_SPEECH, reads));
  }

  private ReadingSpeed towards(ReadingSpeed adult, int year) {
    int step = year - LAST_OF_NORMS;
    int steps = ADULTS - LAST_OF_NORMS;
    return new ReadingSpeed(
        slow + (adult.slow - slow) * step / steps,
        middle + (adult.middle - middle) * step / steps,
        fast + (adult.fast - fast) * step / steps);
  }
}
