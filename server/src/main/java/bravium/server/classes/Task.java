package bravium.server.classes;

import bravium.core.assignment.Standing;
import bravium.core.play.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * Something that a learner was given.
 *
 * @param opens from when, by the clock at the school; null for since it was given
 * @param closes until when; null for no end
 * @param begins whether she can begin a game
 * @param goes how many games she has begun
 * @param outcome of the game that counts; null where none has come to its end
 * @param sitting the id of that game, to be looked back at
 * @param excused whether she need not do it
 */
public record Task(
    String id,
    String title,
    @Nullable String subject,
    Standing standing,
    @Nullable String opens,
    @Nullable String closes,
    boolean begins,
    int goes,
    @Nullable Outcome outcome,
    @Nullable String sitting,
    boolean excused) {}
