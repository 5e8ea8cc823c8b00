package bravium.core.play;

/**
 * What a game keeps of a play besides results, efforts and entries. It keeps no times: clocks are
 * the frame's.
 */
public interface State {}
