package bemble.ink;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.ink.RowReading.Granted;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class GrantingTest {
  private static final Granting GRANTING = new Granting(thresholds(3));

  private static final Set<Integer> ALL = Set.of(0, 1, 2, 3, 4, 5, 6, 7, 8, 9);

  private static Thresholds thresholds(double least) {
    List<double[]> pairs =
        Stream.generate(() -> new double[10]).limit(10).map(row -> filled(row, least)).toList();
    return new Thresholds(pairs, 2, 2);
  }

  private static double[] filled(double[] row, double value) {
    Arrays.fill(row, value);
    return row;
  }

  /** A square whose likeliest class is ahead by so much. */
  private static Likelihoods square(int thing, double ahead, Doubt doubt) {
    double[] of = new double[Likelihoods.ALL];
    Arrays.fill(of, -ahead);
    of[thing] = 0;
    return new Likelihoods(of, doubt);
  }

  private static List<Likelihoods> plain(String figures) {
    return figures
        .chars()
        .mapToObj(sign -> sign == ' ' ? Likelihoods.blank() : square(sign - '0', 9, Doubt.NONE))
        .toList();
  }

  private static List<Expectation> due(String figures) {
    return figures
        .chars()
        .mapToObj(sign -> sign == ' ' ? Optional.<Integer>empty() : Optional.of(sign - '0'))
        .map(figure -> new Expectation(figure, Set.of()))
        .toList();
  }

  /** Any row of squares, some of them doubtful, and any answer that may be due there. */
  private record Any(List<Likelihoods> squares, List<Expectation> expected) {
    static Any of(Random random) {
      List<Likelihoods> squares = new ArrayList<>();
      List<Expectation> expected = new ArrayList<>();
      for (int i = 0; i < 1 + random.nextInt(5); i++) {
        double[] of = new double[Likelihoods.ALL];
        for (int thing = 0; thing < of.length; thing++) {
          of[thing] = -2 - 12 * random.nextDouble();
        }
        if (random.nextInt(5) == 0) {
          of[random.nextInt(10)] = 0;
        }
        int likely = random.nextInt(4) == 0 ? Likelihoods.BLANK : random.nextInt(11);
        of[likely] = 2 * random.nextDouble();
        Doubt doubt =
            random.nextInt(6) == 0
                ? Doubt.values()[random.nextInt(Doubt.values().length)]
                : Doubt.NONE;
        squares.add(new Likelihoods(of, doubt));
        int due = random.nextInt(3) > 0 && likely < 10 ? likely : random.nextInt(10);
        expected.add(
            new Expectation(
                random.nextInt(6) == 0 ? Optional.empty() : Optional.of(due),
                random.nextInt(6) == 0 ? Set.of(random.nextInt(10)) : Set.of()));
      }
      return new Any(squares, expected);
    }

    RowReading read(Granting granting) {
      return granting.grant(squares, expected);
    }
  }

  @Test
  void saysWhatStandsThere() {
    assertEquals(Granted.RIGHT, GRANTING.grant(plain("  416"), due("  416")).granted());
    assertEquals(Granted.WRONG, GRANTING.grant(plain("  476"), due("  416")).granted());
    assertEquals(Granted.BLANK, GRANTING.grant(plain("     "), due("  416")).granted());
    assertEquals("476", GRANTING.grant(plain("  476"), due("  416")).number());
  }

  @Test
  void asksWhereTheRightFiguresAreMovedOrHaveAGap() {
    for (String written : List.of("416  ", " 0416", " 4 16", "4 16 ")) {
      assertEquals(Granted.ASK, GRANTING.grant(plain(written), due("  416")).granted(), written);
    }
  }

  /**
   * The reading is made of ink alone: another expectation changes the outcome, never the figures.
   */
  @Test
  void readsTheSameWhateverIsExpected() {
    Random random = new Random(1);
    for (int i = 0; i < 5_000; i++) {
      Any any = Any.of(random);
      List<Expectation> other = new ArrayList<>(any.expected());
      Collections.shuffle(other, random);
      RowReading one = any.read(GRANTING);
      RowReading two = GRANTING.grant(any.squares(), other);
      assertEquals(one.figures(), two.figures());
      assertEquals(one.sure(), two.sure());
    }
  }

  /** The samples of a hand withhold grants, and never add any. */
  @Test
  void figuresThatLookAlikeInAHandAreNeverSureThere() {
    Random random = new Random(3);
    Granting hand = GRANTING.in(LookAlikes.parse("17"));
    for (int i = 0; i < 5_000; i++) {
      Any any = Any.of(random);
      RowReading before = any.read(GRANTING);
      RowReading now = any.read(hand);
      assertEquals(before.figures(), now.figures());
      for (int square = 0; square < any.squares().size(); square++) {
        boolean isAlike = "17".indexOf(before.figures().charAt(square)) >= 0;
        assertEquals(before.sure().get(square) && !isAlike, now.sure().get(square));
      }
      assertTrue(now.granted() == before.granted() || now.granted() == Granted.ASK);
    }
  }

  @Test
  void aHandShowsWhichOfItsFiguresAreReadAsOthers() {
    assertEquals("", LookAlikes.of(plain("0123456789")).text());
    assertEquals("17 49", LookAlikes.of(plain("0723956789")).text());
    assertEquals("17", LookAlikes.of(plain("0 2345618 ")).text().substring(0, 2));
    List<Likelihoods> smudged = new ArrayList<>(plain("0723456789"));
    smudged.set(1, square(7, 9, Doubt.UNPLAIN));
    assertEquals(LookAlikes.NONE, LookAlikes.of(smudged), "a smudge shows nothing");
    assertEquals(
        LookAlikes.parse("17 49"), LookAlikes.parse(LookAlikes.parse("49 17").text()), "kept");
  }

  /** A right answer counts as read only if each of its squares is sure by its ink. */
  @Test
  void rightIsOnlyWhatReadsSoByItself() {
    Random random = new Random(2);
    int rights = 0;
    for (int i = 0; i < 20_000; i++) {
      Any any = Any.of(random);
      RowReading read = any.read(GRANTING);
      if (read.granted() == Granted.RIGHT) {
        rights++;
        for (int square = 0; square < any.squares().size(); square++) {
          int best = any.squares().get(square).best();
          assertEquals(any.expected().get(square).thing(), best);
          assertTrue(read.sure().get(square));
        }
      }
    }
    assertTrue(rights > 500, () -> "only a few were right");
  }

  /** Stricter thresholds, and slips that are known, only make more be asked. */
  @Test
  void whatWithholdsNeverGrants() {
    Random random = new Random(3);
    Granting strict = new Granting(thresholds(5));
    for (int i = 0; i < 20_000; i++) {
      Any any = Any.of(random);
      RowReading before = any.read(GRANTING);
      RowReading after = any.read(strict);
      assertTrue(after.granted() == before.granted() || after.granted() == Granted.ASK);
      List<Expectation> slipped =
          any.expected().stream().map(each -> new Expectation(each.figure(), ALL)).toList();
      RowReading known = GRANTING.grant(any.squares(), slipped);
      assertTrue(
          known.granted() == before.granted() || known.granted() == Granted.ASK,
          () -> before + " " + known + any);
    }
  }

  @Test
  void aSpoiltOrDoubtfulSquareAlwaysAsks() {
    Random random = new Random(4);
    for (int i = 0; i < 5_000; i++) {
      Any any = Any.of(random);
      List<Likelihoods> squares = new ArrayList<>(any.squares());
      int at = random.nextInt(squares.size());
      boolean spoilt = random.nextBoolean();
      Likelihoods odd =
          spoilt
              ? square(Likelihoods.SPOILT, 9, Doubt.NONE)
              : square(random.nextInt(10), 9, Doubt.values()[1 + random.nextInt(5)]);
      squares.set(at, odd);
      RowReading read = GRANTING.grant(squares, any.expected());
      assertEquals(Granted.ASK, read.granted());
      assertNotEquals(Doubt.NONE, read.doubt());
    }
  }

  @Test
  void thresholdsComeBackFromTheirText() {
    Thresholds shipped = Thresholds.shipped();
    assertEquals(shipped.text(), Thresholds.parse(shipped.text()).text());
  }
}
