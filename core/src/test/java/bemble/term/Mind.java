package bemble.term;

/**
 * How simulated pupils learn and forget. Sources: activation as the logarithm of summed power
 * functions of age (J. R. Anderson, L. J. Schooler, Psychological Science 2, 1991); a decay that
 * grows with the activation at the time of practice, which is the spacing effect (P. I. Pavlik, J.
 * R. Anderson, Cognitive Science 29, 2005); wrong rules that are stable for some and come and go
 * for others (K. VanLehn, Mind Bugs, 1990). The numbers are chosen so that an average class keeps
 * about four rungs in ten over a term; none of them is a rule of the register.
 *
 * @param scale how much the decay grows with the activation
 * @param least the decay of knowledge that is practised when it is all but forgotten
 * @param noise how flat the chance of a right answer rises with the activation
 * @param threshold the activation at which half the answers are right, for a rung of middle
 *     difficulty
 * @param harder how much higher that is for the hardest rung of an operation than for the easiest
 * @param effort how fast a day's practice stops to add: the share of the rest that each sum adds
 * @param alone the gain of practice, untaught, to a pupil who knows nothing
 * @param rehearsal the share of practice that goes to the rungs that a rung needs
 * @param catches how likely a new rung brings a wrong rule along
 * @param lets how likely a lesson on the rung ends it
 * @param cured how likely a lesson against it ends it
 * @param returns how likely an ended one is back after a week
 * @param made the share of chances at which it is made
 */
record Mind(
    double scale,
    double least,
    double noise,
    double threshold,
    double harder,
    double effort,
    double alone,
    double rehearsal,
    double catches,
    double lets,
    double cured,
    double returns,
    double made) {
  /** The model that rules may be tuned on. */
  static final Mind USUAL =
      new Mind(0.2, 0.17, 0.35, -1.0, 0.5, 0.16, 0.25, 0.3, 0.15, 0.25, 0.6, 0.02, 0.75);

  /** A mind whose right answers tell less of its knowledge. */
  static final Mind FLAT =
      new Mind(0.2, 0.17, 0.7, -1.3, 0.5, 0.16, 0.25, 0.3, 0.15, 0.25, 0.6, 0.02, 0.75);

  /** Wrong rules are caught more often, and stay. */
  static final Mind STUBBORN =
      new Mind(0.2, 0.17, 0.35, -1.0, 0.5, 0.16, 0.25, 0.3, 0.3, 0.1, 0.35, 0.05, 0.75);

  /** Harder sums are no practice for easier ones. */
  static final Mind APART =
      new Mind(0.2, 0.17, 0.35, -1.0, 0.5, 0.16, 0.25, 0, 0.15, 0.25, 0.6, 0.02, 0.75);

  /** A mind that forgets fast. */
  static final Mind FORGETFUL =
      new Mind(0.26, 0.24, 0.35, -1.0, 0.5, 0.16, 0.25, 0.3, 0.15, 0.25, 0.6, 0.02, 0.75);
}
