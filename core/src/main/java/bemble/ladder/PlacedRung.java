package bemble.ladder;

/**
 * A rung at its place on the ladder of a class.
 *
 * @param rung the rung, as it is shipped or as the class has made it
 * @param hidden whether the class does without it
 */
public record PlacedRung(Rung rung, boolean hidden) {}
