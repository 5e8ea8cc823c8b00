package bravium.server.classes;

import java.util.List;

/**
 * What was understood of a list of learners.
 *
 * @param fresh who would be new in the class
 * @param there who is in it already
 * @param doubles names that stand in the list more than once
 * @param left rows without a name
 * @param passedOver columns that are not taken in
 * @param text what was read, to be taken in as it was looked at
 * @param more whether the list is longer than what is taken in at once
 */
public record NamesUnderstood(
    List<String> fresh,
    List<String> there,
    List<String> doubles,
    List<String> left,
    List<String> passedOver,
    String text,
    boolean more) {}
