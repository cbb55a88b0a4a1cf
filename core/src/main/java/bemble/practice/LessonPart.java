package bemble.practice;

/** The purpose of a part of a lesson, and of each sum in it. */
public enum LessonPart {
  /** A few mixed sums to look at again. */
  OPENER,
  /** Shown by the teacher. */
  SHOW,
  /** Done together, the question first. */
  TOGETHER,
  /** A made-up page with a slip, gone through by the whole class. */
  MISTAKE,
  /** Worked alone. */
  PRACTISE,
  /** Worked alone and explained in words. */
  EXPLAIN,
  /** Worked at home. */
  HOMEWORK
}
