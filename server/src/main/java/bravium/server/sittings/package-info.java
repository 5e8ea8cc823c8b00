/**
 * Plays that count: opened, moved, shown. A sitting is stored as its moves and kept warm between
 * them. Learners come by a link with a code and get a token that opens only their own sittings.
 */
@NullMarked
package bravium.server.sittings;

import org.jspecify.annotations.NullMarked;
