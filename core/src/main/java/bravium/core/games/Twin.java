package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.play.Opening;

/**
 * An activity, and an opening for it, that must look like another to whoever plays until something
 * is given away.
 *
 * @param item the id of the item in which they differ: once it is settled, or was tried with
 *     another verdict here and there, they may look different
 */
public record Twin(Activity activity, Opening opening, String item) {}
