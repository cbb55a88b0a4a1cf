package bemble.progress;

import bemble.practice.SetLine;
import java.util.List;

/**
 * A lesson.
 *
 * @param parts its parts in the order in which they are done
 */
public record Lesson(List<Part> parts) {
  /** What a part is for. */
  public enum Kind {
    /** A few mixed sums to look at again. */
    OPENER,
    /** Shown by the teacher. */
    SHOW,
    /** Done together, the question first. */
    TOGETHER,
    /** Worked alone. */
    PRACTISE,
    /** Worked at home. */
    HOMEWORK
  }

  /**
   * A part.
   *
   * @param lines its sums
   * @param minutes how long a class takes, 1 or more
   * @param pupils those whom it is for, while the others do the part before it; empty where it is
   *     for all
   */
  public record Part(Kind kind, List<SetLine> lines, int minutes, List<Long> pupils) {
    /** Keeps a copy of the lines and the pupils. */
    public Part {
      lines = List.copyOf(lines);
      pupils = List.copyOf(pupils);
    }

    /** A part for all. */
    public Part(Kind kind, List<SetLine> lines, int minutes) {
      this(kind, lines, minutes, List.of());
    }
  }

  /** Keeps a copy of the parts. */
  public Lesson {
    parts = List.copyOf(parts);
  }

  /** How long it takes at school, in minutes, without homework and without what runs beside it. */
  public int minutes() {
    return parts.stream()
        .filter(part -> part.kind() != Kind.HOMEWORK && part.pupils().isEmpty())
        .mapToInt(Part::minutes)
        .sum();
  }
}
