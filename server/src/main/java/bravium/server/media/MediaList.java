package bravium.server.media;

import java.util.List;

/**
 * A teacher's media, the newest first.
 *
 * @param total how many fit what was asked
 * @param removed how many she can still bring back
 * @param used the bytes that her pictures and sounds take
 * @param most the bytes that there are for them
 * @param usedByVideos the bytes that her videos take
 * @param mostForVideos the bytes that there are for them
 * @param largest the largest file that is taken at once, in bytes
 * @param largestInParts the largest that is taken in parts, in bytes
 */
public record MediaList(
    List<MediumCard> media,
    int total,
    int removed,
    long used,
    long most,
    long usedByVideos,
    long mostForVideos,
    long largest,
    long largestInParts) {}
