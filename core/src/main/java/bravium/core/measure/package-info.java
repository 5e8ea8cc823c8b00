/** Measures with a published source: how fast a class reads. No game is known here. */
@NullMarked
package bravium.core.measure;

import org.jspecify.annotations.NullMarked;
