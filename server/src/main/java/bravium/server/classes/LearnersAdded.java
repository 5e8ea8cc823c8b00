package bravium.server.classes;

import java.util.List;

/**
 * Who was added to a class.
 *
 * @param slips one for each who is new
 * @param there who was in it already
 */
public record LearnersAdded(List<Slip> slips, List<String> there) {}
