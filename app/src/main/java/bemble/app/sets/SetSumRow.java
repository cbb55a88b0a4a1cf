package bemble.app.sets;

/**
 * A sum of a version of a set.
 *
 * @param version A, B, C or D
 * @param number its place, from 0
 */
public record SetSumRow(
    String version, int number, String plain, String method, String rung, String part) {}
