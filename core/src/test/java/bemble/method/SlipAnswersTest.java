package bemble.method;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.judge.Judge;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.procedure.Answer;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Style;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The wrong answers that pupils are known to give, from the slips that they are known to make. */
class SlipAnswersTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "364 + 5   | column      | lined-up-left               | 864",
        "647 + 589 | column      | last-carry-lost             | 236",
        "578 + 264 | column      | carry-not-added             | 732",
        "46 + 7    | column      | tens-written-ones-carried   | 71",
        "46 + 38   | column      | two-digits-in-one-square    | 714",
        "364 + 5   | column      | blank-column-skipped        | 9",
        "389 + 275 | column      | old-carry-again             | 764",
        "389 + 275 | column      | fact-one-out                | 775",
        "46 + 38   | column      | carry-added-twice           | 94",
        "78 + 89 + 96 | column   | carry-always-one            | 253",
        "241 + 325 | column      | carry-without-need          | 676",
        "34 + 21 + 52 | column   | figure-skipped              | 55",
        "513 + 204 | column      | figure-misread              | 842",
        "548 − 216 | exchange    | figure-misread              | 333",
        "702 − 385 | exchange    | zero-passed-stays-zero      | 227",
        "702 − 385 | exchange    | zero-passed-becomes-ten     | 327",
        "6003 − 487 | exchange   | zero-passed-becomes-ten     | 5626",
        "540 − 216 | exchange    | nothing-gives-the-number    | 336",
        "540 − 216 | exchange    | nothing-gives-nothing       | 330",
        "532 − 278 | exchange    | smaller-from-larger         | 346",
        "503 − 87  | exchange    | smaller-from-larger-even-from-zero | 584",
        "503 − 87  | add-to-both | smaller-from-larger-even-from-zero | 584",
        "503 − 87  | expanded    | smaller-from-larger-even-from-zero | 584",
        "532 − 278 | exchange    | too-small-gives-nothing     | 300",
        "584 − 203 | exchange    | nothing-taken-gives-nothing | 301",
        "532 − 278 | add-to-both | added-instead               | 700",
        "532 − 278 | exchange    | added-as-a-sum              | 810",
        "583 + 247 | column      | taken-instead               | 336",
        "46 × 3    | column      | added-instead-of-multiplied | 79",
        "46 × 3    | column      | added-to-the-ones           | 49",
        "532 − 278 | exchange    | neighbour-not-less          | 364",
        "584 − 261 | exchange    | less-without-exchange       | 213",
        "532 − 278 | add-to-both | one-more-forgotten          | 364",
        "532 − 278 | expanded    | smaller-from-larger         | 346",
        "57 × 38   | column      | no-placeholder              | 627",
        "702 − 385 | exchange    | nobody-pays                 | 417",
        "584 − 61  | exchange    | less-without-exchange       | 413",
        "57 × 38   | column      | placeholder-too-many        | 17556",
        "57 × 138  | column      | placeholder-too-few         | 2736",
        "46 × 8    | column      | products-written-whole      | 3248",
        "46 × 8    | column      | product-tens-written        | 404",
        "57 × 38   | column      | matching-places-in-one-row  | 1556",
        "4236 ÷ 6  | long        | zero-left-blank             | 706",
        "4236 ÷ 6  | short       | zero-left-blank             | 706",
        "84 ÷ 4    | long        | quotient-left               | 210",
        "57 × 38   | column      | row-left-out                | 456",
        "57 × 38   | column      | row-of-ones-left-out        | 1710",
        "57 × 30   | column      | row-left-out                | 1710",
        "57 × 238  | column      | highest-row-only            | 11400",
        "57 × 38   | column      | matching-places-only        | 1506",
        "208 × 34  | column      | zero-times-gives-the-number | 7412",
        "76 × 8    | column      | multiplied-carry-not-added  | 568",
        "76 × 8    | column      | neighbour-in-the-table      | 684",
        "76 × 8    | column      | carry-added-first           | 888",
        "57 × 38   | column      | carry-of-row-before         | 2216",
        "57 × 38   | column      | rows-added-wrongly          | 1166",
        "57 × 38   | column      | rows-added-unshifted        | 627",
        "96 × 33   | column      | added-as-one-row            | 129",
        "46 × 63   | area        | box-left-out                | 0",
        "46 × 63   | area        | zeros-lost-in-box           | 738",
        "46 × 63   | area        | all-zeros-lost-in-box       | 90",
        "46 × 73   | lattice     | tens-below-the-cut          | 8731",
        "208 × 34  | lattice     | zero-times-gives-the-number | 7412",
        "46 × 73   | lattice     | carry-not-added             | 2358",
        "936 ÷ 7   | short       | left-over-lost              | 100",
        "936 ÷ 7   | short       | left-over-added             | 101",
        "936 ÷ 7   | short       | remainder-dropped           | 133",
        "4236 ÷ 6  | short       | zero-left-out               | 76",
        "876 ÷ 24  | partial-quotients | count-not-added       | 35",
        "34 × 26   | crosswise   | middle-left-out             | 624",
        "4236 ÷ 6  | long        | zero-left-out               | 76",
        "4236 ÷ 6  | long        | brought-down-twice          | 703",
        "943 ÷ 4   | long        | trial-too-small             | 188",
        "94 ÷ 4    | long        | two-figures-in-one-place    | 113",
        "943 ÷ 4   | long        | two-figures-in-one-place    | 1135",
        "855 ÷ 15  | long        | trial-too-large             | 60",
        "936 ÷ 4   | long        | from-the-ones-end           | 201",
        "936 ÷ 4   | long        | not-brought-down            | 200",
        "√2916     | digit-pairs | not-doubled                 | 57",
        "√94249    | digit-pairs | last-figure-doubled         | 309",
        "√2916     | digit-pairs | one-digit-down              | 50",
        "√94249    | digit-pairs | pairs-from-wrong-end        | 902",
        "√31684    | digit-pairs | pairs-from-left             | 560",
        "√31684    | digit-pairs | pairs-from-left-filled-up   | 562",
        "√94249    | digit-pairs | trial-too-small             | 306",
        "364 + 5   | column      | number-too-far-left         | 414",
        "345 + 234 | column      | lower-number-too-far-left   | 2685",
        "364 + 15  | column      | number-too-far-right        | 3655",
        "4.7 + 2.63 | column     | lined-up-right              | 3.10",
        "7.36 − 2.5 | exchange   | lined-up-right              | 7.11",
        "4.7 + 2.63 | column     | point-left-out              | 733",
        "7.36 − 2.5 | exchange   | point-moved                 | 0.486",
        "7.36 − 2.5 | add-to-both | point-moved-right          | 48.6",
        "61 ÷ 6    | partial-quotients | zeros-of-count-lost   | 19",
        "418 ÷ 19  | long        | subtraction-slip            | 29",
        "√15129    | digit-pairs | digit-not-beside            | 129",
        "√94249    | digit-pairs | zero-left-out-of-root       | 307",
        "√5.76     | digit-pairs | point-misplaced             | 2.4"
      })
  void followFromTheSlip(String line, String id, String slip, String answer) {
    Reading reading = new ProblemReader(Limits.STANDARD).read(line);
    Problem sum = ((Reading.Understood) reading).problem();
    Method<?> method = Methods.find(sum.operation(), id).orElseThrow();
    List<Slip> slips = List.of(Slips.find(slip).orElseThrow());
    Answer given = Judge.simulate(new Sum(sum, method, Style.STANDARD), slips).answer();
    assertEquals(answer, given.value().toString());
  }

  @Test
  void everySlipHasAnAnswer() throws NoSuchMethodException {
    Set<String> answered =
        Arrays.stream(
                SlipAnswersTest.class
                    .getDeclaredMethod(
                        "followFromTheSlip", String.class, String.class, String.class, String.class)
                    .getAnnotation(CsvSource.class)
                    .value())
            .map(row -> row.split("\\|")[2].strip())
            .collect(Collectors.toCollection(TreeSet::new));
    Set<String> all =
        Slips.all().stream().map(Slip::id).collect(Collectors.toCollection(TreeSet::new));
    assertEquals(all, answered);
  }
}
