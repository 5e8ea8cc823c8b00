package bravium.server.media;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What Media shows of a picture, a sound or a video.
 *
 * @param medium its name in activities
 * @param type as in the header {@code Content-Type}
 * @param words what a picture shows, what is heard in a sound
 * @param width in pixels; null for a sound
 * @param height in pixels; null for a sound
 * @param millis how long a sound or a video is, in milliseconds; null for a picture or where it is
 *     not known
 * @param rate how many frames a video has in 1,000 seconds; null for all else or where it is not
 *     known
 * @param uses the activities that use it, by name
 */
public record MediumCard(
    String medium,
    MediaKind kind,
    String type,
    String title,
    String words,
    @Nullable Integer width,
    @Nullable Integer height,
    @Nullable Integer millis,
    @Nullable Integer rate,
    long bytes,
    Instant addedAt,
    List<Use> uses) {

  /** An activity that uses it. */
  public record Use(String id, String title) {}
}
