/**
 * The kinds of questions, one record each, and what counts as right in it. Points, tries and the
 * order of play are the referee's and the draw's, in {@code bravium.core.play}.
 */
@NullMarked
package bravium.core.question;

import org.jspecify.annotations.NullMarked;
