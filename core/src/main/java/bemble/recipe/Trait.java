package bemble.recipe;

import bemble.problem.Operation;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The difficulties that can be counted on a sum by place arithmetic, whatever the method. */
public enum Trait {
  /**
   * Columns of ten and more, including their carry, that have a column of the addends to their
   * left.
   */
  CARRIES(Operation.ADDITION),
  /** The longest run of neighbouring columns that carry. */
  CHAIN(Operation.ADDITION),
  /** 1 where the sum has more figures than the longest addend, otherwise 0. */
  NEW_COLUMN(Operation.ADDITION),
  /** The largest total of a column, including its carry. */
  LARGEST_TOTAL(Operation.ADDITION),
  /** 1 where the ones carry, otherwise 0. */
  ONES_CARRY(Operation.ADDITION),
  /** Columns whose figures make 9, so that a carry makes ten or more. */
  NINES_TURNED(Operation.ADDITION),
  /** Columns whose top figure, less the one that it lent, is below the bottom one. */
  EXCHANGES(Operation.SUBTRACTION),
  /** The longest run of neighbouring zeros on top that lent. */
  ZEROS_CROSSED(Operation.SUBTRACTION),
  /** 1 where the ones need an exchange, otherwise 0. */
  ONES_EXCHANGE(Operation.SUBTRACTION),
  /** Zeros at the end of the minuend; of a minuend 0, its figure. */
  TAIL_ZEROS(Operation.SUBTRACTION),
  /** Zeros among the figures of the subtrahend. */
  ZEROS_IN_SUBTRAHEND(Operation.SUBTRACTION),
  /** Zeros among the figures of all numbers. */
  ZEROS_GIVEN(Operation.ADDITION, Operation.SUBTRACTION),
  /** Zeros among the figures of the answer; an answer of 0 has one. */
  ZEROS_IN_ANSWER(Operation.ADDITION, Operation.SUBTRACTION),
  /** Figures of the answer. */
  ANSWER_FIGURES(Operation.ADDITION, Operation.SUBTRACTION, Operation.MULTIPLICATION),
  /**
   * In the rows of the multiplier's figures other than 0: products, with the carry, of 10 or more
   * that have a figure of the multiplicand to their left.
   */
  ROW_CARRIES(Operation.MULTIPLICATION),
  /** In those rows: zeros of the multiplicand to which a carry is added. */
  CARRIES_ONTO_ZERO(Operation.MULTIPLICATION),
  /** {@link #CARRIES} in the addition of those rows, each with its zeros; 0 for one row. */
  ADD_CARRIES(Operation.MULTIPLICATION),
  /** Zeros among the figures of the multiplicand. */
  ZEROS_IN_MULTIPLICAND(Operation.MULTIPLICATION),
  /** Zeros among the figures of the multiplier. */
  ZEROS_IN_MULTIPLIER(Operation.MULTIPLICATION),
  /** Figures of the whole quotient. */
  QUOTIENT_FIGURES(Operation.DIVISION),
  /** Zeros among them; none in a quotient of 0. */
  ZEROS_IN_QUOTIENT(Operation.DIVISION),
  /** A remainder. */
  REMAINDER(Operation.DIVISION),
  /**
   * 1 where the dividend's first figures, as many as the divisor has, are below the divisor,
   * otherwise 0.
   */
  FIRST_TOO_SMALL(Operation.DIVISION),
  /** How often a figure is joined to a remainder, once the quotient has begun. */
  JOINS(Operation.DIVISION),
  /** 1 where the quotient ends in 0 and is not 0, otherwise 0. */
  ZERO_AT_END(Operation.DIVISION),
  /** 1 where the divisor has two figures and ends in 0, otherwise 0. */
  ROUND_DIVISOR(Operation.DIVISION),
  /**
   * Figures of the quotient that are smaller than the first trial: the number to be divided without
   * its ones by the first figure of a divisor of two figures, 9 at most; 0 for a divisor of one
   * figure.
   */
  TRIALS_LOWERED(Operation.DIVISION),
  /** 1 for the root of a square number, otherwise 0. */
  EXACT(Operation.ROOT),
  /** Zeros among the figures of the root, from its first to the last place asked for. */
  ZEROS_IN_ROOT(Operation.ROOT),
  /** Figures of the root before the point. */
  ROOT_FIGURES(Operation.ROOT);

  private final Set<Operation> operations;

  Trait(Operation first, Operation... more) {
    operations = EnumSet.of(first, more);
  }

  /** Whether sums of an operation have the trait. */
  public boolean isOf(Operation operation) {
    return operations.contains(operation);
  }

  /** The traits of an operation. */
  public static List<Trait> of(Operation operation) {
    return Arrays.stream(values()).filter(trait -> trait.isOf(operation)).toList();
  }
}
