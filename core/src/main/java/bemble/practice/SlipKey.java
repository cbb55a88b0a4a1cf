package bemble.practice;

import bemble.method.Method;
import bemble.method.Sum;
import bemble.procedure.Answer;
import bemble.procedure.Hand;
import bemble.slip.Slip;
import bemble.slip.SlippingHand;
import bemble.slip.SlippingHand.At;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The answers that known slips give to a sum.
 *
 * @param item the sum
 * @param right its answer
 * @param wrong every other answer, with the slips that give it in any of their forms, the likelier
 *     first
 */
public record SlipKey(Item item, Answer right, Map<Answer, List<Slip>> wrong) {
  /** The slips of a method that can be told from an answer; of the forms of one, the usual one. */
  public static List<Slip> slips(Method<?> method) {
    List<Slip> slips = method.slips();
    return slips.stream()
        .filter(slip -> !slip.isOfSettingOut())
        .filter(slip -> slip.named() == slip || !slips.contains(slip.named()))
        .toList();
  }

  /** The key of a sum: each slip is made wherever it can be. */
  public static SlipKey of(Item item, Style style) {
    Sum sum = item.sum(style);
    Answer right = sum.answer(Hand.TRUE);
    Map<Answer, List<Slip>> wrong = new LinkedHashMap<>();
    for (Slip slip : sum.method().slips()) {
      Answer answer = answer(sum, slip);
      if (!slip.isOfSettingOut() && !answer.looksLike(right)) {
        List<Slip> named = wrong.computeIfAbsent(answer, any -> new ArrayList<>());
        if (!named.contains(slip.named())) {
          named.add(slip.named());
        }
      }
    }
    return new SlipKey(item, right, wrong);
  }

  /** The answer to a sum with a slip made at every chance; the right answer where there is none. */
  static Answer answer(Sum sum, Slip slip) {
    return sum.answer(new SlippingHand(sum.problem(), List.of(At.everywhere(slip)), Map.of()));
  }
}
