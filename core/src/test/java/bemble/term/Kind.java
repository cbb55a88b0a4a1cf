package bemble.term;

/**
 * A kind of class.
 *
 * @param ability the mean of the ability that makes answers right, and how far pupils differ
 * @param rate the mean of how much practice adds
 * @param known how many rungs of each operation most have had before the term
 */
record Kind(String name, double ability, double spread, double rate, int known) {
  static final Kind QUICK = new Kind("quick", 0.25, 0.2, 1.2, 3);
  static final Kind AVERAGE = new Kind("average", 0, 0.25, 1, 2);
  static final Kind WEAK = new Kind("weak", -0.3, 0.25, 0.85, 1);
}
