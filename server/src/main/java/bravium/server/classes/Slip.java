package bravium.server.classes;

import java.util.List;

/**
 * What a learner comes back with on any device. It is told once, when it is made: of her words only
 * a hash is kept.
 *
 * @param words two short ones
 */
public record Slip(String learner, String name, List<String> words) {}
