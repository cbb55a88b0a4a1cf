package bemble.app.store;

/**
 * A part of a lesson.
 *
 * @param number its place, from 0
 * @param lines its sums in JSON
 * @param setId the set that was made for it; null before
 */
public record LessonPartRow(
    long lessonId, int number, String kind, String lines, int minutes, Long setId) {}
