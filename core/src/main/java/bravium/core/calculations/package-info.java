/** What the core works out by name, for who writes; each game and kind adds its lines. */
@NullMarked
package bravium.core.calculations;

import org.jspecify.annotations.NullMarked;
