package bravium.server.classes;

import bravium.core.play.Clocks;
import bravium.server.BraviumSettings;
import bravium.server.problems.Problem;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.zone.ZoneOffsetTransition;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Days and hours as they are at the school, whatever zone a device is in. When clocks are put back
 * an hour comes twice: something opens when it comes first and closes when it comes last. An hour
 * that clocks skip is none.
 */
@Component
class SchoolTime {

  private static final DateTimeFormatter SAID =
      DateTimeFormatter.ofPattern("H:mm 'on' d MMMM uuuu", Locale.UK);
  private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("H:mm", Locale.UK);

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE, d MMMM", Locale.UK);

  private final ZoneId zone;

  SchoolTime(BraviumSettings settings) {
    this.zone = settings.zone() == null ? ZoneId.systemDefault() : ZoneId.of(settings.zone());
  }

  String zone() {
    return zone.getId();
  }

  /** A moment as the clock on the school's wall shows it: {@code 2026-12-01T08:00}. */
  @Nullable String local(@Nullable Long millis) {
    return millis == null
        ? null
        : LocalDateTime.ofInstant(Instant.ofEpochMilli(millis), zone).toString();
  }

  /** When that is from which on something can be played, in milliseconds since 1970. */
  @Nullable Long opening(@Nullable String local) {
    return moment(local, true);
  }

  /** When that is until which something can be played, in milliseconds since 1970. */
  @Nullable Long closing(@Nullable String local) {
    return moment(local, false);
  }

  /** Which day it is at the school. */
  LocalDate today(Instant now) {
    return LocalDate.ofInstant(now, zone);
  }

  /** A day as it was sent: {@code 2026-12-01}. */
  LocalDate day(@Nullable String sent) {
    try {
      return LocalDate.parse(String.valueOf(sent).strip());
    } catch (DateTimeParseException e) {
      throw Problem.badRequest(
          "day-unreadable", "A day looks like 2026-12-01. Nothing was changed; choose it again.");
    }
  }

  /** When a day begins; where clocks skip midnight, with the hour after it. */
  Instant start(LocalDate day) {
    return day.atStartOfDay(zone).toInstant();
  }

  /** A day in words: {@code Tuesday, 1 December}. */
  String said(String day) {
    return DAY.format(LocalDate.parse(day));
  }

  private @Nullable Long moment(@Nullable String local, boolean first) {
    if (local == null || local.isBlank()) {
      return null;
    }
    LocalDateTime time = parsed(local);
    var rules = zone.getRules();
    var offsets = rules.getValidOffsets(time);
    if (offsets.isEmpty()) {
      ZoneOffsetTransition gap = rules.getTransition(time);
      throw Problem.badRequest(
          "no-such-hour",
          "There is no %s: clocks go from %s to %s then. Nothing was changed; choose another time."
              .formatted(
                  SAID.format(time),
                  HOUR.format(gap.getDateTimeBefore()),
                  HOUR.format(gap.getDateTimeAfter())));
    }
    return time.toInstant(first ? offsets.getFirst() : offsets.getLast()).toEpochMilli();
  }

  private static LocalDateTime parsed(String local) {
    try {
      return LocalDateTime.parse(local.strip());
    } catch (DateTimeParseException e) {
      throw Problem.badRequest(
          "time-unreadable",
          "A day and an hour look like 2026-12-01T08:00. Nothing was changed; choose both again.");
    }
  }

  /**
   * When something opens or closes next, or a game ends that had to when it closed; in milliseconds
   * since 1970, {@link Long#MAX_VALUE} for never.
   *
   * @param hours of opening and closing; null for none
   */
  static long next(Stream<@Nullable Long> hours, long now) {
    return hours
        .filter(Objects::nonNull)
        .flatMap(hour -> Stream.of(hour, hour + Clocks.GRACE + 1))
        .mapToLong(Long::longValue)
        .filter(moment -> moment > now)
        .min()
        .orElse(Long.MAX_VALUE);
  }
}
