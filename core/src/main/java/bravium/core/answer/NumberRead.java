package bravium.core.answer;

import bravium.core.json.Root;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a teacher's number is read, in plain decimal numbers or fractions.
 *
 * @param value the number
 * @param other what it could be read as, too; null where there is one way only
 * @param from the least that is right; null where nothing else is
 * @param to the most that is right; null where nothing else is
 * @param unit the unit it is in; null for none
 * @param equal the same in the other units that are listed
 * @param toleranceUnread whether a tolerance is written that is no number, so that there is none
 */
@Root
public record NumberRead(
    String value,
    @Nullable String other,
    @Nullable String from,
    @Nullable String to,
    @Nullable String unit,
    List<String> equal,
    boolean toleranceUnread) {}
