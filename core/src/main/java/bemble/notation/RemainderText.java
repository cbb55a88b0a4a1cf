package bemble.notation;

import bemble.number.Numeral;
import bemble.style.Choice;
import bemble.style.Style;

/** The text of a remainder behind a quotient, as the class writes it: {@code r 4}. */
public final class RemainderText {
  private RemainderText() {}

  /** The text behind the quotient. */
  public static String of(Numeral remainder, Numeral divisor, Style style) {
    Choice.RemainderForm form = style.choice(Choice.RemainderForm.class);
    return form == Choice.RemainderForm.FRACTION
        ? remainder + "/" + divisor
        : Notation.of(style).text("remainder." + Notation.key(form)) + " " + remainder;
  }
}
