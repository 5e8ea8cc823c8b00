/**
 * The picture reveal: a picture under pieces, each with a question, and a guess at the whole at any
 * time. It is a course of questions ({@link bravium.core.play.course}) with a move of its own.
 */
@NullMarked
package bravium.core.games.picturereveal;

import org.jspecify.annotations.NullMarked;
