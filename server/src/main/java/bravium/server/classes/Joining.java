package bravium.server.classes;

import org.jspecify.annotations.Nullable;

/**
 * How a learner comes in.
 *
 * @param words the two that she has, if she was here before; null for who is new
 */
public record Joining(@Nullable String name, @Nullable String words) {}
