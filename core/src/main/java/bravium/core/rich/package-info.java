/**
 * What a teacher writes: plain text, or a small fixed tree of paragraphs, lists, pictures and
 * sounds; never HTML. And what can be said of plain text alike on the JVM and in the browser.
 */
@NullMarked
package bravium.core.rich;

import org.jspecify.annotations.NullMarked;
