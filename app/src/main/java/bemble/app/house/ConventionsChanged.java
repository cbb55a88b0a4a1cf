package bemble.app.house;

/**
 * Says that a class works by other conventions from now on.
 *
 * @param classId its number
 */
public record ConventionsChanged(long classId) {}
