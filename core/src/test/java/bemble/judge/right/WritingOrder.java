package bemble.judge.right;

import bemble.judge.report.Written;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/** An order in which a page may be written. */
enum WritingOrder {
  AS_WORKED,
  EACH_ROW_FROM_THE_LEFT,
  SMALL_FIGURES_FIRST,
  SMALL_FIGURES_LAST,
  FROM_THE_LAST_ROW;

  List<Written> of(List<Written> page) {
    List<Written> ordered = new ArrayList<>(page);
    switch (this) {
      case EACH_ROW_FROM_THE_LEFT ->
          ordered.sort(
              Comparator.comparing((Written one) -> one.at().row())
                  .thenComparing(one -> one.at().column()));
      case SMALL_FIGURES_FIRST -> ordered.sort(Comparator.comparing(Written::isFull));
      case SMALL_FIGURES_LAST -> ordered.sort(Comparator.comparing(one -> !one.isFull()));
      case FROM_THE_LAST_ROW ->
          ordered.sort(
              Comparator.comparing((Written one) -> -one.at().row())
                  .thenComparing(one -> -one.at().column()));
      default -> {
        return Collections.unmodifiableList(ordered);
      }
    }
    return ordered;
  }
}
