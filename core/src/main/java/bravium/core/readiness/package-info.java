/**
 * Reads an activity as a colleague would: what it takes to win, and what to look at before class.
 * Findings are keys and values; their sentences are the interface's.
 */
@NullMarked
package bravium.core.readiness;

import org.jspecify.annotations.NullMarked;
