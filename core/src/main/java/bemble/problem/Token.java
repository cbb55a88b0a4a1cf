package bemble.problem;

import bemble.number.Numeral;

/** A piece of a typed line, with its place in the text: {@code from} inclusive, {@code to} not. */
sealed interface Token {
  int from();

  int to();

  /** A number. */
  record Number(Numeral value, int from, int to) implements Token {}

  /** A sign between numbers, or the root sign before one. */
  record Sign(Operation operation, int from, int to) implements Token {}

  /** The request for decimal places, {@code to 3 places} or {@code → 3}. */
  record Places(int count, int from, int to) implements Token {}
}
