package bravium.server.media;

import java.util.List;

/**
 * A clip of a video library.
 *
 * @param words what it shows
 * @param licence what may be done with it
 * @param millis how long it lasts, in milliseconds
 * @param captions whether what is said is written down
 * @param address where it can be watched
 */
public record LibraryClip(
    String name,
    String title,
    String words,
    List<String> tags,
    String licence,
    int millis,
    boolean captions,
    String address) {}
