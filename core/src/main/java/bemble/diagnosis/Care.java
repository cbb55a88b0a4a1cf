package bemble.diagnosis;

/**
 * The care with which a pupil writes.
 *
 * @param share how many write so, of 1
 * @param figure how often a figure of an answer goes wrong
 * @param fact how often a number fact is missed in a sum
 */
record Care(double share, double figure, double fact) {}
