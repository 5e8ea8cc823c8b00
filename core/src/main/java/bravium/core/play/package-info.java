/**
 * The engine: a play is a pure function from what the teacher wrote, an opening and the moves with
 * their times to a sitting, and from a sitting to what an audience may see. What only one game does
 * lives with that game.
 */
@NullMarked
package bravium.core.play;

import org.jspecify.annotations.NullMarked;
