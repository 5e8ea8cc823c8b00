/**
 * What the written codec stands on: reading JSON with the path of whatever is wrong, and writing it
 * the same on the JVM and in the browser. No property of any record is named here.
 */
@NullMarked
package bravium.core.json;

import org.jspecify.annotations.NullMarked;
