package bemble.paper;

/**
 * Something written on paper.
 *
 * @param id its number on its paper, from 0, in order of writing
 * @param role what it is for
 * @param place the power of ten that one of it is worth; null where it has no value
 * @param step the step that wrote it, from 0
 * @param struck the step that struck it; null while it stands
 * @param shape what is seen
 */
public record Mark(int id, Role role, Integer place, int step, Integer struck, Shape shape) {
  /** This mark, struck by a later step. */
  public Mark struckBy(int by) {
    return new Mark(id, role, place, step, by, shape);
  }

  /** This mark with another role. */
  public Mark as(Role other) {
    return new Mark(id, other, place, step, struck, shape);
  }

  /** This mark as a mark of another paper, on which its steps begin at {@code firstStep}. */
  public Mark renumbered(int newId, int firstStep) {
    Integer struckThen = struck == null ? null : Integer.valueOf(struck + firstStep);
    return new Mark(newId, role, place, step + firstStep, struckThen, shape);
  }

  /** This mark that many rows down and columns right. */
  public Mark moved(int rows, int columns) {
    return new Mark(id, role, place, step, struck, shape.moved(rows, columns));
  }
}
