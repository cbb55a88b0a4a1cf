package bemble.app.slate;

/**
 * The decision of a check's writer, and whether it was right.
 *
 * @param cameBack whether the check, as it stands, comes to the number that it should come back to
 * @param said whether its writer said so
 * @param sentence the sentence about it
 */
public record DecisionView(boolean cameBack, boolean said, String sentence) {}
