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
 * @param medium the picture that stands for it; null where none does
 * @param ground the colour of its look that it stands on; null for Bravium's own
 * @param accent the colour of its look that acts; null for Bravium's own
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
    Instant changedAt,
    @Nullable String medium,
    @Nullable String ground,
    @Nullable String accent) {}
