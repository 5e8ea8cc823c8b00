/**
 * What a teacher writes, apart from the questions and the game itself: title page, rules, endings.
 * Values only; how they are played lives in {@code bravium.core.play}.
 */
@NullMarked
package bravium.core.activity;

import org.jspecify.annotations.NullMarked;
