package bemble.method.subtraction;

import bemble.method.column.Questions;
import bemble.method.column.TopFigures;
import bemble.number.Whole;
import bemble.procedure.Entry;
import bemble.procedure.Move;
import bemble.procedure.Rule;
import bemble.procedure.Script;
import bemble.procedure.Section;
import bemble.remark.Place;
import bemble.remark.Quantity;
import bemble.remark.Remark;
import bemble.remark.RemarkKind;
import bemble.style.Choice;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** The top figures of a subtraction as they stand now, and the exchanges among them. */
final class Exchanges {
  /** How a page shows an exchange. */
  interface Page {
    /** Opens a step for the column of {@code place}. */
    void step(int place);

    /** Writes the new value of a place, which is rewritten for the {@code count}th time. */
    Entry rewrite(int place, int count, Rule rule, Entry old);

    /** The kind of remark for an exchange. */
    RemarkKind kind(Way way);
  }

  /** From where ten of a place are fetched. */
  enum Way {
    /** From the next place. */
    NEXT,
    /** From a place beyond empty ones, the first time. */
    AFAR,
    /** On from a place that has just got ten. */
    ON,
    /** From a place beyond empty ones, in one go. */
    ONE_GO
  }

  private final Script script;
  private final Page page;
  private final TopFigures top;
  private final int[] rewritten;
  private final int lowest;

  Exchanges(Script script, Page page, int highest, int lowest) {
    this.script = script;
    this.page = page;
    this.top = new TopFigures(highest, lowest);
    this.rewritten = new int[highest - lowest + 1];
    this.lowest = lowest;
  }

  void put(int place, Entry figure) {
    top.put(place, figure);
  }

  Entry at(int place) {
    return top.at(place);
  }

  /** Brings ten to {@code place} from the first place to its left that has any. */
  void bringTen(int place, BigInteger bottom) {
    if (!script.makes(Move.exchangeFor(top.at(place)), Section.column(place), place)) {
      return;
    }
    int payer = top.payerFor(place).orElse(place);
    for (int asked = place + 1; asked <= payer; asked++) {
      Questions.hasAnything(script, null, top.at(asked).value(), asked, place);
    }
    if (payer > place + 1 && script.style().has(Choice.AcrossZeros.IN_ONE_GO)) {
      inOneGo(payer, place, bottom);
      return;
    }
    for (int from = payer; from > place; from--) {
      page.step(place);
      Way way = from < payer ? Way.ON : payer > place + 1 ? Way.AFAR : Way.NEXT;
      say(way, place, bottom, from, from - 1);
      rewrite(from, Rule.of(Rule.Kind.ONE_LESS));
      rewrite(from - 1, Rule.of(Rule.Kind.TEN_MORE));
    }
  }

  private void inOneGo(int payer, int place, BigInteger bottom) {
    page.step(place);
    say(Way.ONE_GO, place, bottom, payer, place);
    rewrite(payer, Rule.of(Rule.Kind.ONE_LESS));
    for (int on = payer - 1; on > place; on--) {
      rewrite(on, Rule.of(Rule.Kind.NINE_MORE));
    }
    rewrite(place, Rule.of(Rule.Kind.TEN_MORE));
  }

  /**
   * The quantities that 1 of the payer's place makes: nines on the way, and ten at the place that
   * is paid.
   */
  private static List<Quantity> made(int payer, int paid) {
    List<Quantity> made = new ArrayList<>();
    for (int on = payer - 1; on > paid; on--) {
      made.add(new Quantity(BigInteger.valueOf(9), on));
    }
    made.add(new Quantity(BigInteger.TEN, paid));
    return made;
  }

  private void say(Way way, int place, BigInteger bottom, int payer, int paid) {
    Entry small = top.at(place);
    Entry pays = top.at(payer);
    Entry gets = top.at(paid);
    script.say(
        () -> {
          Quantity before = new Quantity(small.value(), place);
          Quantity taken = new Quantity(bottom, place);
          Quantity one = new Quantity(BigInteger.ONE, payer);
          // Of a payer that has nothing, on a page with a slip, nothing is left.
          Quantity left = new Quantity(Whole.left(pays.value(), BigInteger.ONE), payer);
          Quantity now = new Quantity(gets.value().add(BigInteger.TEN), paid);
          return Remark.of(page.kind(way))
              .with("top", before)
              .with("topPart", before.worth())
              .with("bottom", taken)
              .with("bottomPart", taken.worth())
              .with("one", one)
              .with("onePart", one.worth())
              .with("ten", made(payer, paid))
              .with("left", left)
              .with("leftPart", left.worth())
              .with("now", now)
              .with("nowPart", now.worth())
              .with("nowPlace", new Place(paid))
              .with("empty", Place.between(place, payer));
        });
  }

  private void rewrite(int place, Rule rule) {
    Entry old = top.at(place);
    int count = ++rewritten[place - lowest];
    script.strike(old);
    top.put(place, page.rewrite(place, count, rule, old));
  }
}
