package unbo.core.evidence;

/**
 * An answer that was given, by numbers.
 *
 * @param question its number
 * @param answer the number of the answer among those of the question
 */
public record Finding(int question, int answer) {}
