/**
 * Pictures and sounds: taken in by what is in them, made safe and as small as they can be, kept
 * once each in the data folder, and given to their owner and to the players of what uses them.
 */
@NullMarked
package bravium.server.media;

import org.jspecify.annotations.NullMarked;
