package bravium.server.activities;

import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * What the list shows of an activity.
 *
 * @param kind the game's kind, as in the format
 * @param questions how many can be asked
 * @param findings how many things readiness has to say
 * @param playable whether nothing stands against playing it
 */
public record ActivityCard(
    String id,
    String title,
    String kind,
    @Nullable String subject,
    @Nullable Integer year,
    int questions,
    int findings,
    boolean playable,
    Instant changedAt) {}
