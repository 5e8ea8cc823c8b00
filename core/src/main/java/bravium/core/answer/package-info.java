/**
 * Comparing what a learner typed with what the teacher wrote, as a fair teacher would: texts and
 * numbers. Which question it belongs to and what it is worth is not known here.
 */
@NullMarked
package bravium.core.answer;

import org.jspecify.annotations.NullMarked;
