package bemble.practice;

import bemble.number.Require;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The state of a run. In its first round every sum comes once, and only that round counts towards
 * the pass mark; wrong sums come again behind it, once each.
 *
 * @param mark when it is passed
 * @param sums how many sums the first round has; 0 for one without an end, whose first round is
 *     over when it is passed
 * @param comesAgain whether wrong sums come again; not in a run whose results are told at its end,
 *     where the second round would give them away
 * @param results the results of the sums so far, in the order in which they were worked
 */
public record Run(PassMark mark, int sums, boolean comesAgain, List<Result> results) {
  /** In how many sums a slip is looked for that is made time and again. */
  private static final int LATEST = 5;

  private static final int TIME_AND_AGAIN = 3;

  /**
   * The result of a sum.
   *
   * @param right whether everything on its page was right
   * @param slip the id of its first slip; empty where none is known
   */
  public record Result(boolean right, String slip) {}

  /** Keeps a copy of the results. */
  public Run {
    Require.that(sums >= 0, "sums", sums, "must be 0 or more");
    results = List.copyOf(results);
  }

  /** The next thing to be worked. */
  public sealed interface Next {
    /** A sum of the first round, by its place from 0. */
    record First(int place) implements Next {}

    /** A sum that went wrong in the first round, by its place there. */
    record Again(int place) implements Next {}

    /** Nothing: the run is over. */
    record Over() implements Next {}
  }

  /** How many sums of the first round are worked. */
  public int worked() {
    if (sums > 0) {
      return Math.min(sums, results.size());
    }
    for (int count = 1; count <= results.size(); count++) {
      if (isPassed(results.subList(0, count))) {
        return count;
      }
    }
    return results.size();
  }

  private List<Result> firstRound() {
    return results.subList(0, worked());
  }

  /** How many sums of the first round are right. */
  public int right() {
    return (int) firstRound().stream().filter(Result::right).count();
  }

  /** How many sums of the first round are right one after the other, counted from its last one. */
  public int streak() {
    int streak = 0;
    for (Result result : firstRound()) {
      streak = result.right() ? streak + 1 : 0;
    }
    return streak;
  }

  /** Whether the first round has reached the pass mark. */
  public boolean isPassed() {
    return isPassed(firstRound());
  }

  private boolean isPassed(List<Result> round) {
    int longest = 0;
    int streak = 0;
    int right = 0;
    for (Result result : round) {
      right += result.right() ? 1 : 0;
      streak = result.right() ? streak + 1 : 0;
      longest = Math.max(longest, streak);
    }
    return (mark.inARow() ? longest : right) >= mark.right();
  }

  /** Whether the first round is behind. */
  public boolean isFirstRoundOver() {
    return sums > 0 ? results.size() >= sums : isPassed();
  }

  /** The places of the sums that went wrong in the first round, from 0. */
  public List<Integer> wrong() {
    List<Result> round = firstRound();
    return IntStream.range(0, round.size()).filter(i -> !round.get(i).right()).boxed().toList();
  }

  /** The next thing to be worked. */
  public Next next() {
    if (!isFirstRoundOver()) {
      return new Next.First(results.size());
    }
    List<Integer> again = comesAgain ? wrong() : List.of();
    int done = results.size() - worked();
    return done < again.size() ? new Next.Again(again.get(done)) : new Next.Over();
  }

  /**
   * The slip that the last sum showed, where it was made three times within the last five sums:
   * more of the same sums would only practise it.
   */
  public Optional<String> madeTimeAndAgain() {
    if (results.isEmpty()) {
      return Optional.empty();
    }
    List<Result> latest = results.subList(Math.max(0, results.size() - LATEST), results.size());
    String slip = latest.get(latest.size() - 1).slip();
    long times = latest.stream().filter(result -> result.slip().equals(slip)).count();
    return slip.isEmpty() || times < TIME_AND_AGAIN ? Optional.empty() : Optional.of(slip);
  }
}
