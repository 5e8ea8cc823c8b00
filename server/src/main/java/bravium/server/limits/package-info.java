/** Slowing down whoever guesses: at names and passwords, at codes. */
@NullMarked
package bravium.server.limits;

import org.jspecify.annotations.NullMarked;
