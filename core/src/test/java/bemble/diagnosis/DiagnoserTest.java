package bemble.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.diagnosis.AnswerSpace.Answered;
import bemble.diagnosis.AnswerSpace.Blank;
import bemble.diagnosis.AnswerSpace.LeftOut;
import bemble.ladder.Ladder;
import bemble.method.Method;
import bemble.practice.Item;
import bemble.slip.MultiplyingSlips;
import bemble.slip.Slip;
import bemble.slip.TakingSlips;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class DiagnoserTest {
  private static final List<Item> FIVE =
      List.of(
          item("503 − 87"),
          item("742 − 368"),
          item("621 − 257"),
          item("834 − 512"),
          item("450 − 126"));

  private static Item item(String sum) {
    return Item.of(ReplyTest.problem(sum), "exchange", "");
  }

  private static List<AnswerSpace> answers(String... texts) {
    List<AnswerSpace> given = new ArrayList<>();
    for (String text : texts) {
      given.add(
          switch (text) {
            case "" -> new Blank();
            case "-" -> new LeftOut();
            default -> new Answered(Reply.read(text, Style.STANDARD));
          });
    }
    return given;
  }

  private static Diagnosis of(String... texts) {
    return new Diagnoser(FIVE, Style.STANDARD).of(answers(texts));
  }

  @Test
  void aSlipThatIsMadeTimeAndAgainIsSaid() {
    Diagnosis diagnosis = of("584", "426", "436", "322", "336");
    Explanation sure = diagnosis.sure().orElseThrow();
    assertEquals(List.of(TakingSlips.SMALLER_FROM_LARGER), sure.slips());
    assertEquals(List.of(0, 1, 2, 4), sure.explains());
    assertEquals(
        List.of(Outcome.WRONG, Outcome.WRONG, Outcome.WRONG, Outcome.RIGHT, Outcome.WRONG),
        diagnosis.outcomes());
  }

  /** Twelve sums right, and then the smaller figure taken from the larger in eight. */
  @Test
  void aSlipThatCameWithSomethingNewIsSaidWhateverWasRightBefore() {
    List<Item> items = new ArrayList<>();
    List<AnswerSpace> given = new ArrayList<>();
    for (int i = 0; i < 20; i++) {
      int from = 512 + 10 * i;
      items.add(item(from + " − 268"));
      boolean slips = i >= 12;
      int hundreds = from / 100 - 2;
      int turned = Math.abs(from / 10 % 10 - 6) * 10 + Math.abs(from % 10 - 8);
      given.addAll(answers(String.valueOf(slips ? hundreds * 100 + turned : from - 268)));
    }
    Diagnosis diagnosis = new Diagnoser(items, Style.STANDARD).of(given);
    Explanation sure = diagnosis.sure().orElseThrow();
    assertEquals(List.of(TakingSlips.SMALLER_FROM_LARGER), sure.slips());
    assertTrue(sure.against().size() > sure.explains().size(), sure::toString);
  }

  @Test
  void pagesThatShowASlipSayItAndOnePageDoesNot() {
    AnswerSpace page = new AnswerSpace.Seen(Set.of(TakingSlips.SMALLER_FROM_LARGER));
    AnswerSpace none = new LeftOut();
    Diagnoser diagnoser = new Diagnoser(FIVE, Style.STANDARD);
    assertEquals(Optional.empty(), diagnoser.of(List.of(page, none, none, none, none)).sure());
    assertEquals(
        List.of(TakingSlips.SMALLER_FROM_LARGER),
        diagnoser.of(List.of(page, page, page, none, none)).sure().orElseThrow().slips());
  }

  @Test
  void aSlipThatAnswersDoNotTellIsSaidByPages() {
    List<Item> sums = List.of(times("23 × 14"), times("47 × 26"), times("38 × 52"));
    AnswerSpace page = new AnswerSpace.Seen(Set.of(MultiplyingSlips.ROWS_ADDED_UNSHIFTED.named()));
    Explanation sure =
        new Diagnoser(sums, Style.STANDARD).of(List.of(page, page, page)).sure().orElseThrow();
    assertTrue(
        sure.names().contains(MultiplyingSlips.ROWS_ADDED_UNSHIFTED.named()), sure::toString);
  }

  private static Item times(String sum) {
    return Item.of(ReplyTest.problem(sum), "column", "");
  }

  @Test
  void whatSpeaksAgainstASlipIsNamed() {
    Explanation likely = of("416", "426", "436", "322", "-").explanations().get(0);
    assertEquals(List.of(TakingSlips.SMALLER_FROM_LARGER), likely.slips());
    assertEquals(List.of(1, 2), likely.explains());
    assertEquals(List.of(0), likely.against());
  }

  @Test
  void nothingIsSaidOfAPupilWhoIsRight() {
    Diagnosis diagnosis = of("416", "374", "364", "322", "324");
    assertEquals(Optional.empty(), diagnosis.sure());
    assertEquals(List.of(), diagnosis.explanations().get(0).slips());
  }

  @Test
  void withoutASlipOnlyWhatAMissedFactGivesIsExplained() {
    Diagnosis diagnosis = of("416", "375", "364", "322", "999");
    Explanation none = diagnosis.explanations().get(0);
    assertEquals(List.of(), none.slips());
    assertEquals(List.of(1), none.explains());
    assertEquals(List.of(), none.against());
    assertFalse(none.isSure());
  }

  /** The smaller from the larger gives 35, and so does a ten that is not made one less. */
  @Test
  void nothingIsSaidOfOneAnswerThatSeveralSlipsExplain() {
    Diagnosis diagnosis = new Diagnoser(List.of(item("52 − 27")), Style.STANDARD).of(answers("35"));
    assertEquals(Optional.empty(), diagnosis.sure());
    List<Slip> giving = diagnosis.slips().get(0);
    assertTrue(
        giving.containsAll(
            List.of(TakingSlips.SMALLER_FROM_LARGER, TakingSlips.NEIGHBOUR_NOT_LESS)),
        giving::toString);
  }

  @Test
  void aBlankAndASumLeftOutTellNothing() {
    Diagnosis diagnosis = of("", "-", "", "-", "");
    assertEquals(
        List.of(Outcome.BLANK, Outcome.LEFT_OUT, Outcome.BLANK, Outcome.LEFT_OUT, Outcome.BLANK),
        diagnosis.outcomes());
    assertEquals(Optional.empty(), diagnosis.sure());
    double none = diagnosis.explanations().get(0).probability();
    assertEquals(Rates.STANDARD.shares().none() / (1 - Rates.STANDARD.shares().two()), none, 1e-9);
  }

  @Test
  void probabilitiesAddUpToOne() {
    for (Diagnosis each : List.of(of("584", "374", "9", "", "336"), of("1", "2", "3", "4", "5"))) {
      double sum = each.explanations().stream().mapToDouble(Explanation::probability).sum();
      assertTrue(sum > 0.8 && sum < 1 + 1e-9, "less only by what is hardly possible: " + sum);
    }
  }

  /** The floors of docs/diagnosis.md, with fewer pupils. No pupil without a slip is accused. */
  @Test
  void theSlipStandsFirstForNineOfTenAndNobodyIsAccusedWithoutOne() {
    int first = 0;
    int pupils = 0;
    int accused = 0;
    int clean = 0;
    for (Map.Entry<Method<?>, List<Item>> each : DiagnosisMeasure.sums().entrySet()) {
      DiagnosisMeasure none = DiagnosisMeasure.of(each.getValue(), Optional.empty(), 20, 23);
      accused += none.accused();
      clean += none.pupils();
      for (Slip slip : DiagnosisMeasure.shown(each.getKey(), each.getValue())) {
        DiagnosisMeasure trial = DiagnosisMeasure.of(each.getValue(), Optional.of(slip), 6, 23);
        first += trial.first();
        pupils += trial.pupils();
        assertTrue(trial.accused() <= 1, slip + " by " + each.getKey().id());
      }
    }
    assertTrue(first >= 0.9 * pupils, first + " of " + pupils);
    assertTrue(accused <= 0.02 * clean, accused + " of " + clean);
  }

  @Test
  void theSumToAskNextDecidesMore() {
    List<Item> one = List.of(item("742 − 368"));
    Diagnoser diagnoser = new Diagnoser(one, Style.STANDARD);
    List<AnswerSpace> doubtful = answers("426");
    Pool pool = Pool.like(one, Ladder.STANDARD, Style.STANDARD, 5);
    List<Item> next = diagnoser.askNext(doubtful, pool, 3);
    assertFalse(next.isEmpty());
    Set<String> keys = new HashSet<>();
    keys.add(one.get(0).key());
    next.forEach(item -> assertTrue(keys.add(item.key()), "none asked twice"));
    Explanation before = diagnoser.of(doubtful).explanations().get(0);
    List<Item> asked = List.of(one.get(0), next.get(0));
    Slip slip = before.slips().isEmpty() ? TakingSlips.SMALLER_FROM_LARGER : before.slips().get(0);
    AnswerSpace answer =
        DiagnosisMeasure.given(new Foreseen(next.get(0), Style.STANDARD).with(List.of(slip)));
    Explanation after =
        new Diagnoser(asked, Style.STANDARD)
            .of(List.of(doubtful.get(0), answer))
            .explanations()
            .get(0);
    assertEquals(List.of(slip), after.slips());
    assertTrue(after.probability() > before.probability());
  }

  @Test
  void nothingIsAskedWhereNothingIsInDoubt() {
    Diagnoser diagnoser = new Diagnoser(FIVE, Style.STANDARD);
    List<AnswerSpace> clear = answers("584", "426", "436", "322", "336");
    Pool pool = Pool.like(FIVE, Ladder.STANDARD, Style.STANDARD, 5);
    assertEquals(List.of(), diagnoser.askNext(clear, pool, 3));
  }

  /** The doubt is largest where all cases are as likely, and none where one is certain. */
  @Test
  void doubtIsMeasuredInBits() {
    assertEquals(2, Pool.doubt(new double[] {0.25, 0.25, 0.25, 0.25}), 1e-9);
    assertEquals(0, Pool.doubt(new double[] {1, 0, 0}), 1e-9);
  }
}
