package bemble.slip;

import bemble.number.Whole;
import bemble.paper.Role;
import bemble.procedure.Asked;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** Reads off a slot, and the entries that it is read from, the facts that changes need. */
final class Reads {
  private Reads() {}

  static boolean is(Asked asked, Rule.Kind... kinds) {
    for (Rule.Kind kind : kinds) {
      if (asked.rule().kind() == kind) {
        return true;
      }
    }
    return false;
  }

  static BigInteger value(Asked asked, int index) {
    return asked.reads().get(index).value();
  }

  /** The figure or tens of a column's total, whichever the slot asks for. */
  static boolean ofTotal(Asked asked) {
    boolean ones = asked.rule().equals(Rule.ONES_OF_TOTAL);
    return (ones || is(asked, Rule.Kind.TENS_OF_TOTAL)) && !asked.reads().isEmpty();
  }

  /** The figure or tens of products of pairs. */
  static boolean ofPairs(Asked asked) {
    return is(asked, Rule.Kind.FIGURE_OF_PAIRS, Rule.Kind.TENS_OF_PAIRS);
  }

  static boolean carried(Entry entry) {
    return entry.slot().role() == Role.CARRY;
  }

  static List<Entry> without(List<Entry> reads, Role role) {
    return reads.stream().filter(entry -> entry.slot().role() != role).toList();
  }

  static boolean has(Asked asked, Role role) {
    return asked.reads().stream().anyMatch(entry -> entry.slot().role() == role);
  }

  /** The rule of the slot applied to other entries. */
  static BigInteger applied(Asked asked, List<Entry> reads) {
    return asked.rule().applyTo(reads);
  }

  /** The rule of the slot applied to its entries and one more. */
  static BigInteger andAlso(Asked asked, Entry more) {
    List<Entry> reads = new ArrayList<>(asked.reads());
    reads.add(more);
    return applied(asked, reads);
  }

  /** The figure or the tens of a number, whichever the slot asks for. */
  static BigInteger part(Asked asked, BigInteger number) {
    boolean tens = is(asked, Rule.Kind.TENS_OF_PAIRS, Rule.Kind.TENS_OF_TOTAL);
    return tens ? Whole.tens(number) : Whole.ones(number);
  }
}
