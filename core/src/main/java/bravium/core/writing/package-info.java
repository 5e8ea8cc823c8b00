/** What a teacher writes or pastes as plain text, turned into questions. */
@NullMarked
package bravium.core.writing;

import org.jspecify.annotations.NullMarked;
