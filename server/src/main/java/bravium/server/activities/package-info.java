/** A teacher's activities: listed, read, saved with every version kept. */
@NullMarked
package bravium.server.activities;

import org.jspecify.annotations.NullMarked;
