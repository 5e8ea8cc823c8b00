package bravium.server.activities;

import java.util.List;

/**
 * The answer to a file that was taken in.
 *
 * @param notUnderstood the JSON paths of what comes from a newer version; it is kept as it came
 * @param left why pictures and sounds were left out, one reason for each
 */
public record Imported(String id, String title, List<String> notUnderstood, List<String> left) {}
