package bemble.app.slate;

/** A stroke on the page of an attempt; {@code number} counts from 0. */
record StrokeRow(int number, long millis, String kind, int rowAt, int columnAt, String text) {}
