package bemble.judge;

import bemble.judge.Prediction.Expected;
import bemble.judge.Prediction.Seen;
import bemble.method.Method;
import bemble.method.Methods;
import bemble.method.Sum;
import bemble.paper.Role;
import bemble.plan.Rule;
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
final class OtherAids {
  private final Map<Integer, Set<String>> byColumn = new HashMap<>();

  private OtherAids() {}

  /** The texts that are accepted besides those of the page itself, column by column. */
  static Map<Integer, Set<String>> of(Sum sum) {
    OtherAids aids = new OtherAids();
    List<Method<?>> methods = new ArrayList<>(List.of(sum.method()));
    for (String id : sum.method().sharesAidsWith()) {
      Methods.find(sum.problem().operation(), id).ifPresent(methods::add);
    }
    for (Method<?> method : methods) {
      aids.add(new Prediction(new Sum(sum.problem(), method, sum.style()).work()));
    }
    return aids.byColumn;
  }

  private void add(Prediction page) {
    Map<Integer, List<Integer>> given = new HashMap<>();
    for (Seen seen : page.seen()) {
      int column = seen.entry().slot().square().column();
      if (seen.isSetOut()) {
        int figure = seen.entry().value().intValue();
        given.computeIfAbsent(column, any -> new ArrayList<>()).add(figure);
      } else if (seen.isAid()) {
        seen.expected().stream().map(Expected::text).forEach(text -> accept(column, text));
        addWays(seen, column, given.getOrDefault(column, List.of()));
      }
    }
  }

  private void addWays(Seen seen, int column, List<Integer> given) {
    Role role = seen.entry().slot().role();
    if (role == Role.TEN_MORE || seen.entry().rule().kind() == Rule.Kind.TEN_MORE) {
      accept(column, "1");
      accept(column, "10");
      given.forEach(figure -> accept(column, String.valueOf(figure + 10)));
    } else if (role == Role.ONE_MORE) {
      given.forEach(figure -> accept(column, String.valueOf(figure + 1)));
    }
  }

  private void accept(int column, String text) {
    byColumn.computeIfAbsent(column, any -> new HashSet<>()).add(text);
  }
}
