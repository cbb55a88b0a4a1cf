package bemble.slip;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Every slip that is known by name. */
public final class Slips {
  private static final List<Slip> ALL =
      Stream.of(
              AddingSlips.ALL,
              TakingSlips.ALL,
              MultiplyingSlips.ALL,
              DividingSlips.ALL,
              OperationSlips.ALL,
              FactSlips.ALL)
          .flatMap(List::stream)
          .toList();
  private static final Map<String, Slip> BY_ID =
      ALL.stream().collect(Collectors.toUnmodifiableMap(Slip::id, Function.identity()));

  private Slips() {}

  /** All slips, by kind of mistake. */
  public static List<Slip> all() {
    return ALL;
  }

  /** The slip of that id, if there is one. */
  public static Optional<Slip> find(String id) {
    return Optional.ofNullable(BY_ID.get(id));
  }
}
