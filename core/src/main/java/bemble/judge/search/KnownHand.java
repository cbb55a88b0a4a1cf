package bemble.judge.search;

import bemble.judge.reading.Prediction;
import bemble.judge.report.Finding;
import bemble.paper.Square;
import bemble.procedure.Slot;
import bemble.slip.SlippingHand.At;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The hand that wrote a page, as far as it is known.
 *
 * @param slips its slips
 * @param forced the values that no slip explains, and those that its writer was free to choose
 * @param settled the slots that need not be looked at again
 * @param chosen the writer's free choices before anything was wrong
 * @param findings the findings so far
 * @param lefts how many places too far left it copies each number of the sum; none where it does
 *     not
 * @param truth the true page of this writer's choices
 * @param meant the page that this hand writes
 */
record KnownHand(
    List<At> slips,
    Map<Slot, BigInteger> forced,
    Set<Slot> settled,
    Map<Slot, BigInteger> chosen,
    List<Finding> findings,
    List<Integer> lefts,
    Prediction truth,
    Prediction meant) {
  KnownHand {
    slips = List.copyOf(slips);
    forced = Map.copyOf(forced);
    settled = Set.copyOf(settled);
    chosen = Map.copyOf(chosen);
    findings = List.copyOf(findings);
    lefts = List.copyOf(lefts);
  }

  static KnownHand nothing(Prediction truth) {
    return new KnownHand(
        List.of(), Map.of(), Set.of(), Map.of(), List.of(), List.of(), truth, truth);
  }

  /** The same with one more finding. A square is named once, for the first finding there. */
  KnownHand found(Finding finding) {
    List<Square> squares = new ArrayList<>(finding.squares());
    findings.forEach(before -> squares.removeAll(before.squares()));
    if (squares.isEmpty()) {
      return this;
    }
    List<Finding> more = plus(findings, finding.moved(squares, finding.due()));
    return new KnownHand(slips, forced, settled, chosen, more, lefts, truth, meant);
  }

  KnownHand slipping(At slip, Prediction then) {
    return new KnownHand(plus(slips, slip), forced, settled, chosen, findings, lefts, truth, then);
  }

  /** The same where the numbers of the sum stand too far left, so that other figures meet. */
  KnownHand copying(List<Integer> places, Prediction then) {
    return new KnownHand(slips, forced, settled, chosen, findings, places, truth, then);
  }

  KnownHand settling(Slot slot) {
    Set<Slot> more = new HashSet<>(settled);
    more.add(slot);
    return new KnownHand(slips, forced, more, chosen, findings, lefts, truth, meant);
  }

  KnownHand writing(Slot slot, BigInteger value, Prediction then) {
    return writing(Map.of(slot, value), then);
  }

  KnownHand writing(Map<Slot, BigInteger> values, Prediction then) {
    Map<Slot, BigInteger> more = plus(forced, values);
    return new KnownHand(slips, more, settled, chosen, findings, lefts, truth, then);
  }

  KnownHand choosing(Slot slot, BigInteger value, Prediction asChosen) {
    return new KnownHand(
        slips, forced, settled, plus(chosen, slot, value), findings, lefts, asChosen, meant);
  }

  static <T> List<T> plus(List<T> list, T one) {
    return Stream.concat(list.stream(), Stream.of(one)).toList();
  }

  static <K, V> Map<K, V> plus(Map<K, V> map, Map<K, V> others) {
    Map<K, V> more = new HashMap<>(map);
    more.putAll(others);
    return more;
  }

  static <K, V> Map<K, V> plus(Map<K, V> map, K key, V value) {
    Map<K, V> more = new HashMap<>(map);
    more.put(key, value);
    return more;
  }
}
