package bravium.core.play;

import org.jspecify.annotations.Nullable;

/**
 * A question that is settled in a play.
 *
 * @param response what was answered; null where it was passed over
 * @param points what it brought
 */
public record Result(String question, @Nullable Response response, Verdict verdict, int points) {}
