package bemble.recipe;

import bemble.problem.Problem;
import java.math.BigInteger;

/** The sums of a recipe for one operation, each with a number. */
interface Counted {
  /** How many there are. */
  BigInteger count();

  /** The one with a number from 0 to below {@link #count}. */
  Problem sum(BigInteger number);
}
