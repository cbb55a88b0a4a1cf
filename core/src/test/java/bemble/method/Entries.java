package bemble.method;

import bemble.procedure.Entry;
import bemble.procedure.Working;
import java.util.stream.Stream;

/** All entries of a page, in order. */
final class Entries {
  private Entries() {}

  static Stream<Entry> of(Working working) {
    return working.steps().stream().flatMap(step -> step.entries().stream());
  }
}
