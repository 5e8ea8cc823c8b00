package bravium.server.results;

import bravium.core.play.Entry;
import bravium.core.play.showing.Review;
import java.util.List;

/**
 * A game with all that was answered in it.
 *
 * @param hidden the ids of discussions whose contribution the class does not see any more
 * @param entries what was entered where an entry says by itself what it means, in that order
 * @param others what is settled besides what was drawn, such as a guess at the whole
 */
public record GameAnswers(
    PlayedGame game,
    List<String> hidden,
    List<Review.Reviewed> answers,
    List<Entry> entries,
    List<Review.Other> others) {}
