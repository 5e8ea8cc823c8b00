package bravium.server.sittings;

import bravium.core.play.Showing;
import org.jspecify.annotations.Nullable;

/**
 * A learner's play.
 *
 * @param token opens this learner's sittings; null where she has it already
 */
public record LearnerSitting(String sitting, @Nullable String token, Showing showing) {}
