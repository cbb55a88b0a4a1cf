package bemble.method.multiplication;

import bemble.fact.Fact;
import bemble.method.column.PlaceColumns;
import bemble.method.column.WritingOrder;
import bemble.method.column.WrittenRow;
import bemble.number.Whole;
import bemble.paper.Area;
import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.procedure.Slot;
import bemble.remark.Mention;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;

/**
 * One row of products: the multiplicand times one figure of the multiplier.
 *
 * @param written the row on the page
 * @param index which row, from 0
 * @param held how many places its end is held
 * @param role the role of its figures: partial products, or the answer if there is only one row
 * @param figure the figure of the multiplier
 */
record ProductRow(WrittenRow written, int index, int held, Role role, Entry figure) {
  private static final int HEADS = 1;

  Section section() {
    return Section.row(index + 1);
  }

  /** Writes the products of all figures of the multiplicand, ones first. */
  void multiply(Script script, PlaceColumns columns, WrittenRow multiplicand, RowCarries carries) {
    boolean room = hasRoomForWholeProducts(columns, multiplicand);
    Optional<Entry> carry = Optional.empty();
    int wide = 0;
    for (int place = 0; place <= multiplicand.highest(); place++) {
      if (wide > 0 || (room && isWrittenWhole(script, multiplicand, place))) {
        wide += whole(script, columns, multiplicand, place, wide);
        carry = Optional.empty();
      } else {
        carry = product(script, columns, multiplicand, place, carry, carries);
      }
    }
  }

  /** One row in which each figure is multiplied by the one that stands under it. */
  static WrittenRow ofLikePlaces(
      Script script, PlaceColumns columns, int row, WrittenRow above, WrittenRow below) {
    WrittenRow written = new WrittenRow(row);
    int wide = 0;
    for (int place = 0; place <= Math.min(above.highest(), below.highest()); place++) {
      Entry figure = below.at(place).orElseThrow();
      ProductRow like = new ProductRow(written, 0, 0, Role.ANSWER, figure);
      wide += like.whole(script, columns, above, place, wide);
    }
    return written;
  }

  private boolean hasRoomForWholeProducts(PlaceColumns columns, WrittenRow multiplicand) {
    int figures = held;
    for (int place = 0; place <= multiplicand.highest(); place++) {
      figures += times(multiplicand, place).compareTo(BigInteger.TEN) < 0 ? 1 : 2;
    }
    return columns.of(figures - 1) >= 0;
  }

  /** Whether a product is written out whole although others follow. */
  private boolean isWrittenWhole(Script script, WrittenRow multiplicand, int place) {
    return place < multiplicand.highest()
        && times(multiplicand, place).compareTo(BigInteger.TEN) >= 0
        && !script.makes(Move.CARRY_FROM_PRODUCT, section(), place);
  }

  /** The place that the figure of the multiplier counts. */
  private int worth() {
    return figure.slot().place();
  }

  /** A figure by its place, but for plain ones. */
  private static Mention named(BigInteger value, int place) {
    return place == 0 ? Mention.of(value) : new Quantity(value, place);
  }

  private BigInteger times(WrittenRow multiplicand, int place) {
    return Whole.product(multiplicand.at(place).orElseThrow().value(), figure.value());
  }

  /** Writes a product {@code wide} places further left; gives by how many more the next stands. */
  private int whole(
      Script script, PlaceColumns columns, WrittenRow multiplicand, int place, int wide) {
    Entry top = multiplicand.at(place).orElseThrow();
    List<Entry> reads = List.of(top, figure);
    script.step(section(), new Area(columns.at(HEADS, place), columns.at(written.row(), place)));
    put(script, columns, place + wide, Rule.Kind.FIGURE_OF_PAIRS, reads);
    script.use(() -> Fact.multiply(figure.value(), top.value()));
    BigInteger product = times(multiplicand, place);
    script.say(
        () ->
            Remark.of(RemarkKind.MULTIPLY)
                .with("figure", named(figure.value(), worth()))
                .with("top", named(top.value(), place))
                .with("times", new Quantity(product, place + worth()))
                .with("tens", BigInteger.ZERO)
                .with("moved", new Quantity(BigInteger.ZERO, place + worth() + 1))
                .with("ten", new Quantity(BigInteger.ZERO, place + worth()))
                .with("order", WritingOrder.of(script))
                .with("write", new Quantity(product, place + worth())));
    if (product.compareTo(BigInteger.TEN) < 0) {
      return 0;
    }
    put(script, columns, place + wide + 1, Rule.Kind.TENS_OF_PAIRS, reads);
    return 1;
  }

  /** Writes the zeros that a zero of the multiplier makes. */
  void zeros(Script script, PlaceColumns columns, WrittenRow multiplicand) {
    for (int place = 0; place <= multiplicand.highest(); place++) {
      Entry top = multiplicand.at(place).orElseThrow();
      put(script, columns, place, Rule.Kind.FIGURE_OF_PAIRS, List.of(top, figure));
    }
  }

  /** Holds the places at its end with zeros. */
  void holdPlaces(Script script, PlaceColumns columns) {
    for (int place = 0; place < held; place++) {
      Slot slot = Slot.full(Role.PLACEHOLDER, place, columns.at(written.row(), place));
      written.put(place, script.write(slot, Rule.ZERO, List.of()));
    }
  }

  /** Writes the figure that stands for a place of the multiplicand. */
  private void put(
      Script script, PlaceColumns columns, int place, Rule.Kind rule, List<Entry> reads) {
    int at = place + held;
    Slot slot = Slot.full(role, at, columns.at(written.row(), at));
    written.put(at, script.write(slot, Rule.of(rule), reads));
  }

  /** Writes the figure for one place; gives the carry into the next. */
  private Optional<Entry> product(
      Script script,
      PlaceColumns columns,
      WrittenRow multiplicand,
      int place,
      Optional<Entry> carry,
      RowCarries carries) {
    Entry top = multiplicand.at(place).orElseThrow();
    List<Entry> reads =
        carry.map(added -> List.of(top, figure, added)).orElseGet(() -> List.of(top, figure));
    BigInteger times = Whole.product(top.value(), figure.value());
    BigInteger carried = carry.map(Entry::value).orElse(BigInteger.ZERO);
    BigInteger total = Whole.sum(times, carried);
    boolean last = place == multiplicand.highest();
    BigInteger moved = last ? BigInteger.ZERO : Whole.tens(total);

    script.step(section(), new Area(columns.at(HEADS, place), columns.at(written.row(), place)));
    script.use(() -> Fact.multiply(figure.value(), top.value()));
    if (carry.isPresent() && times.signum() > 0) {
      script.use(() -> Fact.add(List.of(times, carried)));
    }
    script.say(
        () ->
            Remark.of(carry.isPresent() ? RemarkKind.MULTIPLY_AND_ADD : RemarkKind.MULTIPLY)
                .with("figure", named(figure.value(), worth()))
                .with("top", named(top.value(), place))
                .with("times", new Quantity(times, place + worth()))
                .with("carried", carried)
                .with("total", new Quantity(total, place + worth()))
                .with("tens", new Quantity(moved, place + worth() + 1))
                .with("moved", new Quantity(moved, place + worth() + 1))
                .with("ten", new Quantity(Whole.product(moved, BigInteger.TEN), place + worth()))
                .with("order", WritingOrder.of(script))
                .with("write", new Quantity(last ? total : Whole.ones(total), place + worth())));
    Runnable stays = () -> put(script, columns, place, Rule.Kind.FIGURE_OF_PAIRS, reads);
    return WritingOrder.write(
        script,
        stays,
        () -> last ? front(script, columns, place, reads) : carries.write(this, place + 1, reads));
  }

  /** Writes the tens of the last product in front; nothing moves on from there. */
  private Optional<Entry> front(Script script, PlaceColumns columns, int place, List<Entry> reads) {
    int at = place + 1 + held;
    Slot front = Slot.full(role, at, columns.at(written.row(), at));
    script
        .meant(front, Rule.of(Rule.Kind.TENS_OF_PAIRS), reads)
        .ifPresent(tens -> written.put(at, tens.write()));
    return Optional.empty();
  }
}
