package bemble.problem;

import bemble.number.Numeral;
import java.util.List;

/** A sum that can be worked. Methods take only this type and so have no error path of their own. */
public sealed interface Problem permits Addition, Subtraction, Multiplication, Division, Root {
  /** The operation that joins the numbers. */
  Operation operation();

  /** The numbers in the order in which they are written. */
  List<Numeral> numbers();
}
