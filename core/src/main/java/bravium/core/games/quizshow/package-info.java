/** The quiz show: questions with markers, points and an outcome, on a board. */
@NullMarked
package bravium.core.games.quizshow;

import org.jspecify.annotations.NullMarked;
