/**
 * The whiteboard: pages for the front of the class, a task on each. Its tasks are questions like
 * any other, so that they stand in {@code bravium.core.question}; here lives what is the board's
 * alone. What is drawn over a page is no part of the game.
 */
@NullMarked
package bravium.core.games.whiteboard;

import org.jspecify.annotations.NullMarked;
