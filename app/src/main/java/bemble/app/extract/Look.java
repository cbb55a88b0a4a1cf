package bemble.app.extract;

import java.util.Map;
import java.util.function.LongConsumer;

/** Reads inserted rows as some screen does. */
@FunctionalInterface
interface Look {
  /** Looks at the rows that were inserted: for each table, their numbers as values. */
  void at(Map<String, Map<Long, Long>> numbers);

  /** Looks at each row of a table. */
  static Look each(String table, LongConsumer look) {
    return numbers -> numbers.getOrDefault(table, Map.of()).values().forEach(look::accept);
  }
}
