/**
 * Word hunt: a picture, a text or a sound with things in it, which are found by typing their names.
 * A play of its own: all things are open at once, and an entry says by itself which one it means.
 */
@NullMarked
package bravium.core.games.wordhunt;

import org.jspecify.annotations.NullMarked;
