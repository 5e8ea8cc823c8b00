package bravium.server.accounts;

import org.jspecify.annotations.Nullable;

/**
 * What the front end has to know first.
 *
 * @param teacher the name of who is signed in; null for nobody
 * @param demo whether one click signs in
 */
public record SessionInfo(@Nullable String teacher, boolean demo) {}
