package bravium.server.results;

import bravium.core.play.ClassWatch;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came back from an activity.
 *
 * @param total how many games are looked at
 * @param sources where all of them were played
 * @param waiting how many answers wait for the teacher's mark
 * @param games a page of them, the newest first
 * @param watched what was watched in the games of this page; null where nothing is
 */
public record ActivityResults(
    String title,
    int total,
    List<GameSource> sources,
    int waiting,
    List<PlayedGame> games,
    @Nullable ClassWatch watched) {}
