package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.play.Opening;

/**
 * An activity, and an opening for it, that must look like another until something is given away.
 */
public record Twin(Activity activity, Opening opening) {}
