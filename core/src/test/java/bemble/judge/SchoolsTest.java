package bemble.judge;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import bemble.judge.reading.Transcript;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.judge.search.Schools;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pages that are right although their class would have written them otherwise. */
class SchoolsTest {
  private static Problem sum(String line) {
    return ((Reading.Understood) new ProblemReader(Limits.STANDARD).read(line)).problem();
  }

  private static Method<?> method(Problem sum, String id) {
    return Methods.find(sum.operation(), id).orElseThrow();
  }

  private static Report judge(Problem sum, Method<?> method, List<Written> page) {
    return new Judge(new Sum(sum, method, Style.STANDARD))
        .judge(page, Stage.HANDED_IN, SettingOut.GIVEN);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "134 − 58   | exchange",
        "1,000 − 1  | exchange",
        "34 × 203   | column",
        "57 × 38    | column",
        "400 × 50   | column",
        "618 ÷ 6    | long",
        "4,236 ÷ 6  | long"
      })
  void thePageOfEverySchoolIsRight(String line, String id) {
    Problem sum = sum(line);
    Method<?> method = method(sum, id);
    List<Style> schools = Schools.of(new Sum(sum, method, Style.STANDARD));
    assertTrue(schools.size() > 1, "no other school");
    for (Style school : schools) {
      Report report = judge(sum, method, Transcript.of(new Sum(sum, method, school).work()));
      assertTrue(report.allRight(), () -> line + " in " + school.choices());
    }
  }

  /** A slip in another school's way of writing is the only finding: the school is none. */
  @Test
  void aSlipInAnotherSchoolIsTheOnlyFinding() {
    Problem sum = sum("57 × 38");
    Method<?> column = method(sum, "column");
    Style blank = Style.STANDARD.with(Choice.Placeholder.BLANK);
    List<Written> page = new ArrayList<>(Transcript.of(new Sum(sum, column, blank).work()));
    Written last = page.remove(page.size() - 1);
    page.add(new Written(last.at(), last.spot(), last.text().equals("9") ? "8" : "9"));
    Report report = judge(sum, column, page);
    assertEquals(1, report.findings().size());
    assertEquals(List.of(last.at()), report.findings().get(0).squares());
  }

  @ParameterizedTest
  @CsvSource({"46 + 38,column,0", "83 − 47,exchange,0", "34 × 26,column,0", "84 ÷ 4,long,0"})
  void zerosInFrontDoNoHarm(String line, String id, String zero) {
    Problem sum = sum(line);
    Method<?> method = method(sum, id);
    List<Written> page =
        new ArrayList<>(Transcript.of(new Sum(sum, method, Style.STANDARD).work()));
    Written first =
        page.stream()
            .filter(Written::isFull)
            .min(Comparator.comparing(written -> written.at().column()))
            .orElseThrow();
    page.add(new Written(first.at().moved(0, -1), first.spot(), zero));
    assertTrue(judge(sum, method, page).findings().isEmpty());
  }
}
