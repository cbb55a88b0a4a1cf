package bemble.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Addends in groups of one size each. Place by place from the ones, only the number of addends that
 * still go on is known of each group.
 */
final class Addends {
  private final List<Size> sizes = new ArrayList<>();
  private final List<List<Integer>> members = new ArrayList<>();

  Addends(List<Size> numbers) {
    Map<Size, List<Integer>> groups = new LinkedHashMap<>();
    for (int i = 0; i < numbers.size(); i++) {
      groups.computeIfAbsent(numbers.get(i), any -> new ArrayList<>()).add(i);
    }
    groups.forEach(
        (size, members) -> {
          sizes.add(size);
          this.members.add(members);
        });
  }

  /** How many addends of each group go on above the place worked last. */
  record Going(List<Integer> on) {
    boolean isOver() {
      return on.stream().allMatch(some -> some == 0);
    }
  }

  /** All addends, before the ones. */
  Going all() {
    return new Going(members.stream().map(List::size).toList());
  }

  /** Which addends may have their highest figure at a place: how many of each group end there. */
  List<Going> endings(Going going, int place) {
    List<Going> endings = new ArrayList<>();
    endings(going, place, new ArrayList<>(), endings);
    return endings;
  }

  private void endings(Going going, int place, List<Integer> begun, List<Going> endings) {
    int group = begun.size();
    if (group == sizes.size()) {
      endings.add(new Going(List.copyOf(begun)));
      return;
    }
    int on = going.on().get(group);
    int least = sizes.get(group).mayGoOn(place) ? 0 : on;
    int most = sizes.get(group).mayEnd(place) ? on : 0;
    for (int ending = least; ending <= most; ending++) {
      begun.add(ending);
      endings(going, place, begun, endings);
      begun.remove(group);
    }
  }

  /** The addends that still go on after some have ended. */
  Going after(Going going, Going ending) {
    List<Integer> on = new ArrayList<>();
    for (int group = 0; group < sizes.size(); group++) {
      on.add(going.on().get(group) - ending.on().get(group));
    }
    return new Going(on);
  }

  /** In how many ways the numbers of ending addends can be taken from each group. */
  long ways(Going going, Going ending) {
    long ways = 1;
    for (int group = 0; group < sizes.size(); group++) {
      ways *= Subsets.count(going.on().get(group), ending.on().get(group));
    }
    return ways;
  }

  /**
   * The figures allowed in each square of a place: of each group those that go on, then the last.
   */
  List<int[]> allowed(Going going, Going ending, int place) {
    List<int[]> allowed = new ArrayList<>();
    for (int group = 0; group < sizes.size(); group++) {
      int last = ending.on().get(group);
      for (int i = going.on().get(group); i > 0; i--) {
        allowed.add(sizes.get(group).at(place, i <= last));
      }
    }
    return allowed;
  }

  /** Writes numbers figure by figure from the ones, and knows which of them still go on. */
  final class Writing {
    private final List<List<Integer>> on = new ArrayList<>();
    private final StringBuilder[] numbers;

    Writing() {
      members.forEach(group -> on.add(new ArrayList<>(group)));
      int count = members.stream().mapToInt(List::size).sum();
      numbers = new StringBuilder[count];
      Arrays.setAll(numbers, i -> new StringBuilder());
    }

    /** Writes the figures of a place, in the order of {@link Addends#allowed}. */
    void write(Going ending, long way, int[] figures) {
      long left = way;
      int next = 0;
      for (int group = 0; group < sizes.size(); group++) {
        List<Integer> going = on.get(group);
        long ways = Subsets.count(going.size(), ending.on().get(group));
        List<Integer> last = Subsets.nth(going, ending.on().get(group), left % ways);
        left /= ways;
        going.removeAll(last);
        for (int number : going) {
          numbers[number].insert(0, figures[next++]);
        }
        for (int number : last) {
          numbers[number].insert(0, figures[next++]);
        }
      }
    }

    List<String> numbers() {
      return Arrays.stream(numbers).map(StringBuilder::toString).toList();
    }
  }
}
