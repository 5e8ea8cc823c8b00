/** What the teacher does with a question before the whole class, in whichever game asks it. */
@NullMarked
package bravium.core.play.front;

import org.jspecify.annotations.NullMarked;
