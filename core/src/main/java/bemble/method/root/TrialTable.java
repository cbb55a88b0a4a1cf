package bemble.method.root;

import bemble.fact.Fact;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Slot;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;
import java.util.List;

/** The margin in which every try of a trial figure is kept. */
final class TrialTable {
  private static final BigInteger NINE = BigInteger.valueOf(9);

  private final Script script;
  private final int column;
  private final int productColumn;
  private int row = 1;

  /**
   * A table that begins in {@code column}.
   *
   * @param leadFigures the most figures of a trial divisor
   */
  TrialTable(Script script, int column, int leadFigures) {
    this.script = script;
    this.column = column;
    this.productColumn = column + Shape.Small.squares(leadFigures) + 2;
  }

  int lastRow() {
    return row;
  }

  int lastColumn() {
    return productColumn + 1;
  }

  /**
   * Tries from the first guess down to the figure that fits; each try is a step. The guess, the
   * remaining number without its last figure divided by the lead, is never too small, because x (10
   * lead + x) ≤ remaining gives x ≤ remaining / (10 lead); above 9 it is 9, since only one figure
   * is sought.
   */
  void run(Entry lead, BigInteger remaining, BigInteger fits, Runnable openStep) {
    BigInteger guess =
        lead.value().signum() == 0 ? remaining.sqrt() : Whole.tens(remaining).divide(lead.value());
    guess = guess.min(NINE).max(fits).max(BigInteger.ONE);
    for (int tried = guess.intValue(); tried >= Math.max(1, fits.intValue()); tried--) {
      openStep.run();
      int x = tried;
      Square at = new Square(row, column);
      String trialDivisor = Whole.joined(lead.value(), BigInteger.valueOf(x)).toString();
      script.draw(Role.NOTE, new Shape.Words(at, Shape.Side.FROM_LEFT, trialDivisor + " × " + x));
      Slot slot = Slot.small(Role.TRY, 0, new Square(row, productColumn));
      Entry product = script.write(slot, Rule.tryOut(x), List.of(lead));
      row++;
      boolean tooMuch = product.value().compareTo(remaining) > 0;
      script.use(() -> Fact.multiply(new BigInteger(trialDivisor), BigInteger.valueOf(x)));
      script.say(
          () ->
              next(lead, x, Remark.of(tooMuch ? RemarkKind.TRY_TOO_MUCH : RemarkKind.TRY_FITS))
                  .with("figure", x)
                  .with("divisor", new BigInteger(trialDivisor))
                  .with("product", product.value())
                  .with("standing", remaining));
    }
  }

  /** Notes the number that the next larger figure would need; 0 behind a nine. */
  private static Remark next(Entry lead, int tried, Remark remark) {
    BigInteger next = BigInteger.valueOf(tried + 1L);
    BigInteger divisor = Whole.joined(lead.value(), next.min(NINE));
    return remark
        .with("next", next)
        .with("nextDivisor", divisor)
        .with("nextProduct", tried < 9 ? Whole.product(divisor, next) : BigInteger.ZERO);
  }
}
