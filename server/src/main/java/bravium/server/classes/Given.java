package bravium.server.classes;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something that was given to a class.
 *
 * @param activity the id of the activity
 * @param learners the ids of those it is for; null for all
 * @param toldAt when learners were last shown the marks, where the teacher says when; null for
 *     never
 * @param open whether it can be played now, by those who have no dates of their own
 * @param takenBack whether nobody can play it any more
 * @param newer whether the activity was changed since
 * @param gone whether the activity was removed; what was given stays
 * @param forHowMany for how many learners it is, the excused ones left out
 * @param begun how many of them have begun it
 * @param through how many of them have played it to an end
 * @param waiting how many answers wait for the teacher's mark
 */
public record Given(
    String id,
    String activity,
    String title,
    LocalTerms terms,
    @Nullable List<String> learners,
    List<GivenToOne> own,
    Instant givenAt,
    @Nullable Instant toldAt,
    boolean open,
    boolean takenBack,
    boolean newer,
    boolean gone,
    int forHowMany,
    int begun,
    int through,
    int waiting) {}
