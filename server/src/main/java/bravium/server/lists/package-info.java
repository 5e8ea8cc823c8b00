/**
 * Lists that a teacher pastes, drops or opens, as {@code formats} reads them. What becomes of them
 * is decided where they belong: questions by the activities, names by the classes.
 */
@NullMarked
package bravium.server.lists;

import org.jspecify.annotations.NullMarked;
