/** What a teacher writes or pastes as plain text, turned into questions. */
@NullMarked
package bravium.formats.writing;

import org.jspecify.annotations.NullMarked;
