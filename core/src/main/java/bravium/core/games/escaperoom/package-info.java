/**
 * Escape rooms. So far what can be said of a plan of locks alone: whether there is a way out, and
 * which.
 */
@NullMarked
package bravium.core.games.escaperoom;

import org.jspecify.annotations.NullMarked;
