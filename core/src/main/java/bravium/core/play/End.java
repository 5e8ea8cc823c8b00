package bravium.core.play;

import org.jspecify.annotations.Nullable;

/**
 * How a play has ended.
 *
 * @param won whether it is won; null where the pass mark decides
 */
public record End(Outcome.Ended how, @Nullable Boolean won) {}
