package bravium.server.results;

import bravium.core.play.Entry;
import bravium.core.play.Watched;
import bravium.core.play.showing.Review;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A game with all that was answered in it.
 *
 * @param hidden the ids of discussions whose contribution the class does not see any more
 * @param entries what was entered where an entry says by itself what it means, in that order
 * @param others what is settled besides what was drawn, such as a guess at the whole
 * @param watched what was watched; null where nothing is
 * @param markable the ids of the questions whose answers the teacher can mark or mark anew now
 */
public record GameAnswers(
    PlayedGame game,
    List<String> hidden,
    List<Review.Reviewed> answers,
    List<Entry> entries,
    List<Review.Other> others,
    @Nullable Watched watched,
    List<String> markable) {}
