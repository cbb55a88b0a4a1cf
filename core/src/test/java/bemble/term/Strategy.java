package bemble.term;

import bemble.practice.Lesson;

/** A way to choose the lesson of a day. */
interface Strategy {
  /** The lesson of a day, within its minutes. */
  Chosen lesson(Room room, int day, int minutes);

  /**
   * A lesson.
   *
   * @param rung what it is about; -1 where nothing is new
   * @param against whether it is taught against the wrong rule that many have
   */
  record Chosen(int rung, boolean against, Lesson lesson) {}
}
