package bravium.server.results;

import bravium.core.play.Review;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A game that was begun.
 *
 * @param learner the number by which the learner is known; 0 for a game at the front of the class
 * @param time how much of the usual time there was, in per cent; null for the usual
 * @param hidden the ids of discussions whose contribution the class does not see any more
 */
public record PlayedGame(
    String sitting, int learner, @Nullable Integer time, List<String> hidden, Review review) {}
