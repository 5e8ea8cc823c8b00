package bravium.server.classes;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A learner in the register of her class.
 *
 * @param waiting whether she waits to be let in
 * @param time how much of the usual time she has, in per cent; null for the usual
 * @param help what else helps her, by the names that games give to it
 * @param words whether she has two words of her own to come back with
 * @param joined whether she has ever come in, on this device or that
 * @param removedAt when she was taken out of the register; null while she is in it
 */
public record LearnerLine(
    String id,
    String name,
    boolean waiting,
    @Nullable Integer time,
    List<String> help,
    boolean words,
    boolean joined,
    @Nullable Instant removedAt) {}
