package bravium.server.accounts;

import org.jspecify.annotations.Nullable;

/**
 * The code of a cover as it was typed.
 *
 * @param code null where none was sent
 */
record CoverCode(@Nullable String code) {}
