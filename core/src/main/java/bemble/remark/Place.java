package bemble.remark;

/**
 * A place by its name.
 *
 * @param exponent the power of ten: 0 ones, 1 tens, −1 tenths
 */
public record Place(int exponent) implements Mention {}
