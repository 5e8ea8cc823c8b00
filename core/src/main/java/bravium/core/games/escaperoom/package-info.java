/**
 * Escape rooms: rooms, locks and a way out that is proved to exist. What is written is {@link
 * bravium.core.games.escaperoom.EscapeRoom}; {@code Escape} looks it up, {@code Plan} says what
 * waits on what, {@code Found} what is there for who has opened some locks, {@code EscapePlay} how
 * it is played.
 */
@NullMarked
package bravium.core.games.escaperoom;

import org.jspecify.annotations.NullMarked;
