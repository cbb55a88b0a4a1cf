package bemble.paper;

import org.jspecify.annotations.Nullable;

/**
 * A mark on paper.
 *
 * @param id its number on its paper, from 0, in order of writing; thousands marks come last
 * @param role its purpose
 * @param place the power of ten that one of it is worth; null where it has no value
 * @param step the step that wrote it, from 0
 * @param struck the step that struck it; null while it stands
 * @param gone the step from which on it is no longer to be seen; null where it stays
 * @param shape its form on paper
 */
public record Mark(
    int id,
    Role role,
    @Nullable Integer place,
    int step,
    @Nullable Integer struck,
    @Nullable Integer gone,
    Shape shape) {
  /** A mark that stands. */
  public Mark(int id, Role role, @Nullable Integer place, int step, Shape shape) {
    this(id, role, place, step, null, null, shape);
  }

  /** This mark, struck by a later step; a link, an arrow or a ring is taken away by it. */
  public Mark struckBy(int by) {
    return new Mark(id, role, place, step, by, shape.passes() ? Integer.valueOf(by) : gone, shape);
  }

  /** This mark, given way to another by a later step. */
  Mark goneBy(int by) {
    return new Mark(id, role, place, step, struck, by, shape);
  }

  /** Whether it is to be seen once a step is done. */
  public boolean isSeenAt(int done) {
    return step <= done && (gone == null || gone > done);
  }

  /** This mark with another role. */
  public Mark as(Role other) {
    return new Mark(id, other, place, step, struck, gone, shape);
  }

  /** This mark as a mark of another paper, on which its steps begin at {@code firstStep}. */
  public Mark renumbered(int newId, int firstStep) {
    return new Mark(
        newId,
        role,
        place,
        step + firstStep,
        later(struck, firstStep),
        later(gone, firstStep),
        shape);
  }

  /** This mark as a mark of another paper, on which its whole history is one step. */
  public Mark inOneStep(int newId, int only) {
    return new Mark(
        newId,
        role,
        place,
        only,
        struck == null ? null : Integer.valueOf(only),
        gone == null ? null : Integer.valueOf(only),
        shape);
  }

  private static @Nullable Integer later(@Nullable Integer at, int steps) {
    return at == null ? null : Integer.valueOf(at + steps);
  }

  /** This mark that many rows down and columns right. */
  public Mark moved(int rows, int columns) {
    return new Mark(id, role, place, step, struck, gone, shape.moved(rows, columns));
  }
}
