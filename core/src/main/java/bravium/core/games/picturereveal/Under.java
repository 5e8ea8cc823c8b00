package bravium.core.games.picturereveal;

import bravium.core.json.Root;
import org.jspecify.annotations.Nullable;

/**
 * What lies under a piece of the picture.
 *
 * @param question the id of the question that lifts it; null for none
 * @param patch where it lies
 */
@Root
public record Under(@Nullable String question, Patch patch) {}
