package bravium.core.play;

import bravium.core.question.Response;
import org.jspecify.annotations.Nullable;

/**
 * A question that is settled in a play.
 *
 * @param response the best answer; null where there was none
 * @param points what it brought: its worth's share, less prices, with bonuses; below 0 where the
 *     prices are higher
 * @param bonus how many of them are for speed or a run
 * @param comment what the teacher wrote when she marked it; null where she did not
 */
public record Result(
    String question,
    @Nullable Response response,
    Verdict verdict,
    int points,
    int bonus,
    @Nullable String comment) {}
