package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/**
 * What a learner sees who came by a link.
 *
 * @param playable false while there is nothing to ask yet
 */
public record Invitation(
    String code,
    String title,
    @Nullable String subject,
    @Nullable Integer year,
    boolean playable) {}
