package bravium.server.media;

import java.util.List;

/**
 * A teacher's pictures and sounds, the newest first.
 *
 * @param total how many fit what was asked
 * @param removed how many she can still bring back
 * @param used the bytes that all of hers take
 * @param most the bytes that there are for her
 * @param largest the largest file that is taken, in bytes
 */
public record MediaList(
    List<MediumCard> media, int total, int removed, long used, long most, long largest) {}
