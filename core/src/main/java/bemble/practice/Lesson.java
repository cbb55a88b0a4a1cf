package bemble.practice;

import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A lesson.
 *
 * @param parts its parts in the order in which they are done
 */
public record Lesson(List<Part> parts) {
  /**
   * A part.
   *
   * @param lines its sums
   * @param minutes how long a class takes, 1 or more
   * @param pupils those whom it is for, while the others do the part before it; empty where it is
   *     for all
   */
  public record Part(LessonPart kind, List<SetLine> lines, int minutes, List<Long> pupils) {
    /** Keeps a copy of the lines and the pupils. */
    public Part {
      lines = List.copyOf(lines);
      pupils = List.copyOf(pupils);
    }

    /** A part for all. */
    public Part(LessonPart kind, List<SetLine> lines, int minutes) {
      this(kind, lines, minutes, List.of());
    }
  }

  /** Keeps a copy of the parts. */
  public Lesson {
    parts = List.copyOf(parts);
  }

  /**
   * The sums of each part of a lesson of one line, however long it takes: two to show, two to do
   * together, some to practise and one to explain.
   *
   * @param line the rung and its sums; its count is that of the sums to practise
   */
  public static SortedMap<LessonPart, SetLine> about(SetLine line) {
    return new TreeMap<>(
        Map.of(
            LessonPart.SHOW, line.times(2),
            LessonPart.TOGETHER, line.times(2),
            LessonPart.PRACTISE, line,
            LessonPart.EXPLAIN, line.times(1)));
  }

  /** The minutes that it takes at school, without homework and parallel parts. */
  public int minutes() {
    return parts.stream()
        .filter(part -> part.kind() != LessonPart.HOMEWORK && part.pupils().isEmpty())
        .mapToInt(Part::minutes)
        .sum();
  }
}
