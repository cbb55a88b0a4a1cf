package bemble.practice;

import java.util.List;

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
   * A lesson of so many sums of one line, however long it takes: two to show, two to do together,
   * some to practise and one to explain.
   *
   * @param line what it is about; its count is that of the sums to practise
   */
  public static Lesson about(SetLine line) {
    return new Lesson(
        List.of(
            part(LessonPart.SHOW, line, 2),
            part(LessonPart.TOGETHER, line, 2),
            part(LessonPart.PRACTISE, line, line.count()),
            part(LessonPart.EXPLAIN, line, 1)));
  }

  private static Part part(LessonPart kind, SetLine line, int count) {
    return new Part(kind, List.of(new SetLine(line.rung(), line.method(), count)), 1);
  }

  /** How long it takes at school, in minutes, without homework and without what runs beside it. */
  public int minutes() {
    return parts.stream()
        .filter(part -> part.kind() != LessonPart.HOMEWORK && part.pupils().isEmpty())
        .mapToInt(Part::minutes)
        .sum();
  }
}
