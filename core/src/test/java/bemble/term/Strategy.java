package bemble.term;

import bemble.practice.Lesson;

/** A way to choose the lesson of a day. */
interface Strategy {
  /** The lesson of a day, within its minutes. */
  Chosen lesson(Room room, int day, int minutes);

  /**
   * A lesson.
   *
   * @param rung the rung of the lesson; -1 without a new one
   * @param against whether it is taught against the wrong rule that many have
   */
  record Chosen(int rung, boolean against, Lesson lesson) {}
}
