package bemble.app.marking;

/** A sum of a handout, by its number from 0. */
public record HandoutSumRow(int number, String plain, String method, String rung) {}
