package bemble.remark;

/**
 * An amount that was carried into a column.
 *
 * @param quantity how much
 */
public record Carried(Quantity quantity) implements Mention {}
