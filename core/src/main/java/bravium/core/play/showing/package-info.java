/**
 * What an audience may see of a play, and what its teacher looks back at. Nothing else leaves a
 * play.
 */
@NullMarked
package bravium.core.play.showing;

import org.jspecify.annotations.NullMarked;
