package bravium.server.classes;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * A class in the list of classes.
 *
 * @param year the year group, 0 to 13; null where none is said
 * @param learners how many are in its register
 * @param waiting how many newcomers wait to be let in
 * @param open how many assignments can be played now
 * @param archivedAt when it was archived; null while it is in use
 * @param removedAt when it was removed from the archive; null while it is there
 */
public record ClassCard(
    String id,
    String name,
    @Nullable Integer year,
    int learners,
    int waiting,
    int open,
    @Nullable Instant archivedAt,
    @Nullable Instant removedAt) {}
