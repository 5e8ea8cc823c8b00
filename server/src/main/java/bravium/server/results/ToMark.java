package bravium.server.results;

import bravium.core.play.showing.Review;
import org.jspecify.annotations.Nullable;

/**
 * An answer that waits for the teacher's mark.
 *
 * @param learner the number by which the learner is known; 0 for a game at the front of the class
 * @param name of a learner of a class; null where nobody has one
 */
public record ToMark(String sitting, int learner, @Nullable String name, Review.Reviewed answer) {}
