package bemble.method.division;

import bemble.fact.Fact;
import bemble.method.Method;
import bemble.method.MethodHead;
import bemble.method.Misfit;
import bemble.method.PageForm;
import bemble.method.column.Layout;
import bemble.number.Numeral;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.paper.Shape;
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
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Style;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A small dividend dealt into rows of the divisor; the rows are counted, the rest is left over. */
public final class Groups implements Method<Division> {
  private static final BigInteger MOST = BigInteger.valueOf(100);
  private static final int TOP = 2;

  private static final MethodHead HEAD =
      MethodHead.of(Operation.DIVISION, "groups")
          .form(PageForm.COUNTED)
          .sampleLines(List.of("26 ÷ 6"));

  @Override
  public MethodHead head() {
    return HEAD;
  }

  @Override
  public Optional<Misfit> misfit(Division sum) {
    boolean small = sum.dividend().unscaled().compareTo(MOST) <= 0;
    return small ? Optional.empty() : Optional.of(Misfit.DIVIDEND_UP_TO_100);
  }

  @Override
  public Working work(Division sum, Script script) {
    Style style = script.style();
    script.step(Section.SET_OUT);
    Entry dividend = script.copy(head(0), sum.dividend().unscaled());
    script.draw(Role.NOTE, words(new Square(0, 1), "÷"));
    Entry divisor = script.copy(head(2), sum.divisor().unscaled());
    script.say(
        () ->
            Remark.of(RemarkKind.SET_OUT_GROUPS)
                .with("dividend", sum.dividend())
                .with("divisor", sum.divisor()));
    // A row as wide as the dividend holds whatever can be dealt.
    int width = sum.divisor().unscaled().min(sum.dividend().unscaled()).intValueExact();
    List<Entry> dealt = new ArrayList<>();
    BigInteger used = BigInteger.ZERO;
    while (used.add(divisor.value()).compareTo(dividend.value()) <= 0) {
      Entry soFar = deal(script, dealt, divisor, width);
      dealt.add(soFar);
      if (soFar.value().compareTo(used) <= 0) {
        break; // Only a page with a wrong count comes here.
      }
      used = soFar.value();
    }
    return finish(script, sum, dividend, dealt, width);
  }

  private static Entry deal(Script script, List<Entry> dealt, Entry divisor, int width) {
    int row = TOP + dealt.size();
    int number = dealt.size() + 1;
    Section section = Section.row(number);
    Area area = new Area(new Square(row, 0), new Square(row, width - 1));
    script.step(section, area);
    Entry before = dealt.isEmpty() ? null : dealt.get(dealt.size() - 1);
    List<Entry> reads = before == null ? List.of(divisor) : List.of(before, divisor);
    Slot slot = Slot.small(Role.MULTIPLE, 0, new Square(row, width + 1));
    dots(script, row, Math.min(width, divisor.value().intValue()));
    script.draw(Role.DRAWING, new Shape.Ring(area.from(), area.to()));
    Entry soFar = script.write(slot, Rule.TOTAL, reads);
    if (before != null) {
      script.use(() -> Fact.add(List.of(before.value(), divisor.value())));
    }
    script.say(
        () ->
            Remark.of(RemarkKind.DEAL_ROW)
                .with("divisor", divisor.value())
                .with("row", number)
                .with("used", soFar.value()));
    return soFar;
  }

  private static Working finish(
      Script script, Division sum, Entry dividend, List<Entry> dealt, int width) {
    int row = TOP + dealt.size();
    script.step(Section.TOTALS);
    List<Entry> reads = new ArrayList<>(List.of(dividend));
    if (!dealt.isEmpty()) {
      reads.add(dealt.get(dealt.size() - 1));
    }
    Slot over = Slot.small(Role.REMAINDER, 0, new Square(row, width + 1));
    Entry left = script.write(over, Rule.of(Rule.Kind.DIFFERENCE), reads);
    dots(script, row, Math.min(width, left.value().intValue()));
    script.say(() -> Remark.of(RemarkKind.LEFT_OUT).with("left", left.value()));

    script.step(Section.ANSWER);
    Slot slot = Slot.full(Role.ANSWER, 0, new Square(row + 1, 2));
    Entry count = script.write(slot, Rule.of(Rule.Kind.COUNT), dealt);
    Answer.Quotient answer =
        new Answer.Quotient(Numeral.of(count.value()), Numeral.of(left.value()));
    QuotientRead.say(script, sum, answer);
    return script.finish(
        sum, HEAD.id(), answer, Layout.upTo(row + 1, Math.max(3, width + 2)), null);
  }

  private static Slot head(int column) {
    return Slot.small(Role.PARTIAL, 0, new Square(0, column));
  }

  private static Shape words(Square at, String text) {
    return new Shape.Words(at, Shape.Side.CENTRED, text);
  }

  private static void dots(Script script, int row, int count) {
    IntStream.range(0, count)
        .mapToObj(column -> new Shape.Counter(new Square(row, column), Shape.Thing.DOT))
        .forEach(dot -> script.draw(Role.DRAWING, dot));
  }
}
