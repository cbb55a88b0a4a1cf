package bemble.judge.reading;

import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.paper.Role;
import bemble.procedure.Rule;
import bemble.style.Choice;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Small figures that say the same in another way: ten more as a small 1, as 10, or as the whole
 * number that stands there then; and those of a method that shares its page with this one.
 */
public final class OtherAids {
  private final Map<Integer, Set<String>> byColumn = new HashMap<>();
  private final Map<Integer, Set<String>> paid = new HashMap<>();
  private final Map<Integer, Set<String>> tens = new HashMap<>();

  /** The aids of a sum on its true page. */
  public OtherAids(Sum sum) {
    List<Method<?>> methods = new ArrayList<>(List.of(sum.method()));
    for (String id : sum.method().sharesAidsWith()) {
      Methods.find(sum.problem().operation(), id).ifPresent(methods::add);
    }
    for (Method<?> method : methods) {
      for (Choice.CarryPosition position : Choice.CarryPosition.values()) {
        if (position != Choice.CarryPosition.KEPT_IN_MIND) {
          Style style = sum.style().with(position);
          add(new Prediction(new Sum(sum.problem(), method, style).work()));
        }
      }
    }
  }

  /** Whether a text is accepted in a column, besides the texts of the page itself. */
  public boolean accepts(int column, String text) {
    return has(byColumn, column, text);
  }

  /** Whether a text can only say that ten more elsewhere were paid for in a column. */
  public boolean isPaid(int column, String text) {
    return has(paid, column, text) && !has(tens, column, text);
  }

  private static boolean has(Map<Integer, Set<String>> texts, int column, String text) {
    return texts.getOrDefault(column, Set.of()).contains(text);
  }

  private void add(Prediction page) {
    Map<Integer, List<Integer>> given = new HashMap<>();
    for (Seen seen : page.seen()) {
      int column = seen.entry().slot().square().column();
      if (seen.isSetOut()) {
        int figure = seen.entry().value().intValue();
        given.computeIfAbsent(column, any -> new ArrayList<>()).add(figure);
      } else if (seen.entry().rule().equals(Rule.ONES_OF_TOTAL)) {
        put(byColumn, column, Rule.TOTAL.applyTo(seen.entry().reads()).toString());
      } else if (seen.isAid()) {
        seen.expected().stream()
            .map(Expected::text)
            .forEach(
                text -> {
                  put(byColumn, column, text);
                  if (seen.entry().rule().kind() == Rule.Kind.ONE_LESS) {
                    put(paid, column, text);
                  }
                });
        addWays(seen, column, given.getOrDefault(column, List.of()));
      }
    }
  }

  private void addWays(Seen seen, int column, List<Integer> given) {
    Role role = seen.entry().slot().role();
    if (role == Role.TEN_MORE || seen.entry().rule().kind() == Rule.Kind.TEN_MORE) {
      accept(tens, column, "1");
      accept(tens, column, "10");
      given.forEach(
          figure -> {
            accept(tens, column, String.valueOf(figure + 10));
            // Two tens at once, and the rest of ten.
            accept(tens, column, String.valueOf(figure + 20));
            accept(tens, column, String.valueOf(10 - figure));
          });
    } else if (role == Role.CARRY) {
      accept(tens, column, seen.entry().value() + "0");
    } else if (seen.entry().rule().kind() == Rule.Kind.ONE_LESS) {
      accept(paid, column, seen.entry().value().subtract(BigInteger.ONE).toString());
    } else if (role == Role.ONE_MORE) {
      accept(paid, column, "1");
      given.forEach(figure -> accept(paid, column, String.valueOf(figure + 1)));
    }
  }

  private void accept(Map<Integer, Set<String>> as, int column, String text) {
    put(as, column, text);
    put(byColumn, column, text);
  }

  private static void put(Map<Integer, Set<String>> texts, int column, String text) {
    texts.computeIfAbsent(column, any -> new HashSet<>()).add(text);
  }
}
