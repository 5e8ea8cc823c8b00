/** The list of games; each has a package of its own below this one. */
@NullMarked
package bravium.core.games;

import org.jspecify.annotations.NullMarked;
