package bravium.server.classes;

import bravium.formats.NameList;
import java.util.List;

/**
 * What was understood of a list of learners.
 *
 * @param order how names were read
 * @param headed whether heads of columns say which holds what
 * @param fresh who would be new in the class
 * @param there who is in it already
 * @param doubles names that stand in the list more than once
 * @param left rows without a name
 * @param passedOver columns that are not taken in
 * @param lines how each line was read
 * @param text what was read, to be taken in as it was looked at
 * @param more whether the list is longer than what is taken in at once
 */
public record NamesUnderstood(
    NameList.NameOrder order,
    boolean headed,
    List<String> fresh,
    List<String> there,
    List<String> doubles,
    List<String> left,
    List<String> passedOver,
    List<NameList.NameLine> lines,
    String text,
    boolean more) {}
