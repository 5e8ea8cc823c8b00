/**
 * What goes wrong, said in words: every refusal is a problem detail (RFC 9457) a person can use.
 */
@NullMarked
package bravium.server.problems;

import org.jspecify.annotations.NullMarked;
