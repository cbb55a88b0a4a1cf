package bemble.app.store;

/** A stroke on the page of an attempt; {@code number} counts from 0. */
public record StrokeRow(
    int number, long millis, String kind, int rowAt, int columnAt, String text) {}
