package bravium.core.games.quizshow;

/** One question after another. */
public record Line() implements Board {}
