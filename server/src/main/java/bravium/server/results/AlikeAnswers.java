package bravium.server.results;

import java.util.List;

/**
 * Who gave the same answer in the games that were given with one.
 *
 * @param answers of games that have ended
 * @param running how many more stand in games that are still being played
 */
public record AlikeAnswers(List<AlikeAnswer> answers, int running) {}
