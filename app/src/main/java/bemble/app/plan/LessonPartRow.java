package bemble.app.plan;

import com.fasterxml.jackson.databind.JsonNode;
import org.jspecify.annotations.Nullable;

/**
 * A part of a lesson.
 *
 * @param number its place, from 0
 * @param lines its sums in JSON
 * @param pupils the ids of those whom it is for in JSON; none where it is for all
 * @param setId the set that was made for it; null before
 */
public record LessonPartRow(
    long lessonId,
    int number,
    String kind,
    JsonNode lines,
    int minutes,
    JsonNode pupils,
    @Nullable Long setId) {}
