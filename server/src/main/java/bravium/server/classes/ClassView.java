package bravium.server.classes;

import java.util.List;

/**
 * A class with all that stands on its page.
 *
 * @param code with which learners come in
 * @param addresses where devices of the same network find this server
 * @param zone the time zone in which days and hours are said
 * @param learners its register; those that were taken out come last
 * @param given the newest first
 * @param removed what was given and was removed, the last first
 */
public record ClassView(
    ClassCard card,
    String code,
    Door door,
    List<String> addresses,
    String zone,
    List<LearnerLine> learners,
    List<Given> given,
    List<RemovedAssignment> removed) {}
