package bravium.server.classes;

import java.util.List;

/**
 * What a learner sees of her class: what there is to do, and what came of what she did. Nothing of
 * anybody else.
 *
 * @param waiting whether she waits to be let in; then there is nothing to do yet
 * @param tasks what is open first, then what comes, then what is over; of each the newest first
 */
public record LearnersPage(
    String className, String name, boolean waiting, String zone, List<Task> tasks) {}
