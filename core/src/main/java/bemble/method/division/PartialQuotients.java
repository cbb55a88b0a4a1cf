package bemble.method.division;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.PageForm;
import bemble.method.column.Layout;
import bemble.method.column.PlaceColumns;
import bemble.method.column.Remaining;
import bemble.method.column.WrittenRow;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Square;
import bemble.problem.Division;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Entry;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.procedure.Working;
import bemble.remark.Adding;
import bemble.remark.Mention;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.slip.DividingSlips;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * Easy multiples of the divisor are taken off the dividend, its times noted at the side: the
 * largest of 1, 2, 5, 10, 20, 50, … times that fits, though any that fits is as good. When less
 * than the divisor is left, the counts are added.
 */
public final class PartialQuotients implements Method<Division> {
  private static final int DIVIDEND_ROW = 1;

  /** Three easy counts make up every figure of a quotient: 9 is 5 and 2 and 2. */
  private static final int ROUNDS_A_FIGURE = 3;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.DIVISION, "partial-quotients")
          .form(PageForm.FRAMED)
          .slips(
              List.of(
                  DividingSlips.COUNT_NOT_ADDED,
                  DividingSlips.ZEROS_OF_COUNT_LOST,
                  DividingSlips.SUBTRACTION_SLIP))
          .sampleLines(List.of("876 ÷ 24"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Working work(Division sum, Script script) {
    return new Page(sum, script).work();
  }

  private final class Page {
    private final Division sum;
    private final Script script;
    private final Bracket bracket;
    private final PlaceColumns columns;
    private final int countColumn;
    private final Remaining remaining;
    private final List<Entry> counts = new ArrayList<>();
    private Entry divisor;

    @SuppressWarnings("NullAway.Init")
    Page(Division sum, Script script) {
      this.sum = sum;
      this.script = script;
      this.bracket = new Bracket(sum, script, DIVIDEND_ROW);
      this.columns = bracket.columns();
      int most = sum.dividend().length() - sum.divisor().length() + 1;
      this.countColumn = columns.ones() + 1 + Math.max(1, most);
      this.remaining = new Remaining(script, columns, DIVIDEND_ROW);
    }

    Working work() {
      bracket.setOut(RemarkKind.SET_OUT_CHUNKS);
      divisor = bracket.divisor();
      for (int place = bracket.highest(); place >= 0; place--) {
        remaining.take(bracket.figure(place));
      }
      int most = ROUNDS_A_FIGURE * (sum.dividend().length() + 1);
      while (goesIn() && counts.size() < most) {
        takeOff();
      }
      return addCounts();
    }

    private boolean goesIn() {
      return divisor.value().signum() > 0 && remaining.value().compareTo(divisor.value()) >= 0;
    }

    private void takeOff() {
      Section section = Section.round(counts.size() + 1);
      int row = remaining.row() + 1;
      Square at = new Square(row, countColumn);
      BigInteger stood = remaining.value();
      script.step(section, new Area(at, at));
      Slot slot = Slot.full(Role.COUNT, 0, at);
      Entry count = script.write(slot, Rule.of(Rule.Kind.EASY_COUNT), remaining.behind(divisor));
      Layout.sign(script, at.moved(0, 1), "×");
      counts.add(count);
      script.say(
          () ->
              Remark.of(RemarkKind.CHOOSE_COUNT)
                  .with("divisor", divisor.value())
                  .with("standing", stood)
                  .with("count", count.value()));

      Area line = new Area(columns.at(row, sum.dividend().highestPlace()), columns.at(row, 0));
      script.step(section, line);
      Entry product =
          remaining.writeProduct(0, Rule.of(Rule.Kind.PRODUCT), List.of(count, divisor));
      script.use(() -> Fact.multiply(count.value(), divisor.value()));
      script.say(
          () ->
              Remark.of(RemarkKind.MULTIPLY_BACK)
                  .with("times", count.value())
                  .with("divisor", divisor.value())
                  .with("product", product.value()));

      script.step(section, line);
      Remaining.Taken taken = remaining.subtract(product);
      script.say(
          () ->
              Remark.of(RemarkKind.TAKE_OFF)
                  .with("standing", taken.before())
                  .with("product", product.value())
                  .with("left", taken.left().value())
                  .with("divisor", divisor.value()));
    }

    private static Mention counted(List<BigInteger> counts, Numeral total) {
      return Adding.of(counts.stream().map(Mention::of).toList(), Mention.of(total));
    }

    private Working addCounts() {
      int row = counts.isEmpty() ? DIVIDEND_ROW + 1 : remaining.row();
      PlaceColumns answerColumns = new PlaceColumns(countColumn);
      script.step(Section.TOTALS, new Area(answerColumns.at(row, 0), answerColumns.at(row, 0)));
      Layout.rule(script, row, columns.ones() + 2, countColumn);
      WrittenRow answerRow = new WrittenRow(row);
      int highest = Rule.TOTAL.applyTo(counts).toString().length() - 1;
      for (int place = highest; place >= 0; place--) {
        Slot slot = Slot.full(Role.ANSWER, place, answerColumns.at(row, place));
        answerRow.put(place, script.write(slot, Rule.figureOfTotal(place), counts));
      }
      Numeral total = answerRow.read();
      List<BigInteger> values = counts.stream().map(Entry::value).toList();
      if (values.size() > 1) {
        script.use(() -> Fact.add(values));
      }
      script.say(
          () ->
              Remark.of(RemarkKind.ADD_COUNTS)
                  .with("counts", values.size())
                  .with("counted", values.isEmpty() ? Mention.of("") : counted(values, total))
                  .with("divisor", divisor.value())
                  .with("left", remaining.value())
                  .with("total", total));

      script.step(Section.ANSWER);
      Answer.Quotient answer = new Answer.Quotient(total, Numeral.of(remaining.value()));
      QuotientRead.say(script, sum, answer);
      Area extent = Layout.upTo(row + 1, countColumn + 1);
      return script.finish(sum, id(), answer, extent, null);
    }
  }
}
