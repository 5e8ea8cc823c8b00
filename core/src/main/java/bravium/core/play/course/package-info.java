/**
 * Plays that ask one question after another: what comes next, how one leaves, goes to another, and
 * how the teacher's own try follows her edits.
 */
@NullMarked
package bravium.core.play.course;

import org.jspecify.annotations.NullMarked;
