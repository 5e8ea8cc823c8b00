/**
 * Two versions of one activity beside each other: what differs, part by part, and how one comes of
 * both. It works on the format's own properties, so that no game has to be known here.
 */
@NullMarked
package bravium.core.revision;

import org.jspecify.annotations.NullMarked;
