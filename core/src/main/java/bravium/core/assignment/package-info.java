/**
 * An activity that is given to a class: from when to when it can be played, how often, which game
 * counts, and what came back at a glance. Knows games that were played, and no class, no name and
 * no clock.
 */
@NullMarked
package bravium.core.assignment;

import org.jspecify.annotations.NullMarked;
