/**
 * The question video: a film that halts at chosen moments for a question, something to talk about,
 * or a card to read. A course of questions with a move of its own: what was watched. How long the
 * film lasts is known here, and what it shows is not.
 */
@NullMarked
package bravium.core.games.questionvideo;

import org.jspecify.annotations.NullMarked;
