package bravium.core.readiness;

/**
 * How long thinking over one kind of question is reckoned to take.
 *
 * @param kind the question's kind, as in the format
 * @param seconds what is reckoned with: the teacher's own, or else the usual
 * @param usual what is usual (common practice)
 */
public record ThinkingTime(String kind, int seconds, int usual) {}
