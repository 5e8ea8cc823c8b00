package bravium.core.play;

/** What is seen of a play besides its markers and the question that is asked. */
public interface Scene {}
