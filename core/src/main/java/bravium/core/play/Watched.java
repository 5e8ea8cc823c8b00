package bravium.core.play;

import bravium.core.json.Root;
import bravium.core.measure.Stretch;
import java.util.List;

/**
 * What was watched of something that takes time to watch.
 *
 * @param whole all of it, in milliseconds from the beginning of its file
 * @param stretches what was watched, in that order; one that begins before the last one ended went
 *     back
 * @param share how much of it was watched, in per cent
 * @param needed how much must be, in per cent
 * @param place where it stood in the end, in milliseconds from the beginning of its file
 */
@Root
public record Watched(Stretch whole, List<Stretch> stretches, int share, int needed, int place) {}
