package bravium.server.results;

import bravium.core.play.showing.Review;

/**
 * An answer that waits for the teacher's mark.
 *
 * @param learner the number by which the learner is known; 0 for a game at the front of the class
 */
public record ToMark(String sitting, int learner, Review.Reviewed answer) {}
