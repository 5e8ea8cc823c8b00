package bravium.server.media;

/**
 * A large file that comes in parts.
 *
 * @param bytes how long it will be
 * @param received how much of it is there: the next part begins with that byte
 * @param part the most bytes that are taken at once
 */
public record UploadCard(String id, String title, long bytes, long received, int part) {}
