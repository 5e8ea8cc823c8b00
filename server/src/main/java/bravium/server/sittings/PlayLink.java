package bravium.server.sittings;

import java.util.List;

/**
 * The code by which learners come to an activity.
 *
 * @param addresses where devices of the same network find this server; for a teacher whose own
 *     address for it is one that only her computer knows
 * @param open whether learners can begin by it; who has begun goes on in any case
 */
public record PlayLink(String code, List<String> addresses, boolean open) {}
