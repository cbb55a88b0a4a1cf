package bemble.wording;

import java.math.BigInteger;

/**
 * So many of a place, as in 8 tens.
 *
 * @param count how many
 * @param place the power of ten: 0 ones, 1 tens, −1 tenths
 */
public record Quantity(BigInteger count, int place) {}
