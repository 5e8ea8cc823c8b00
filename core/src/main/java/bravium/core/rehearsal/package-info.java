/**
 * A game tried out by the teacher: the live game beside the sheet, which keeps its place while she
 * writes, and the aids that answer for her. Nothing here is within a learner's reach.
 */
@NullMarked
package bravium.core.rehearsal;

import org.jspecify.annotations.NullMarked;
