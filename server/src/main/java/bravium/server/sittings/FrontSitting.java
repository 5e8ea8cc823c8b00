package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import java.util.List;

/**
 * A play at the front of the class: all that the teacher's own engine needs to play it on.
 *
 * @param moves those applied so far
 * @param closed whether it can't be played on any more: Bravium's rules have changed since
 */
public record FrontSitting(
    String sitting, Activity activity, Opening opening, List<Played> moves, boolean closed) {}
