package bemble.bench;

import bemble.judge.Judge;
import bemble.judge.reading.Transcript;
import bemble.judge.report.Written;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.problem.Limits;
import bemble.problem.Problem;
import bemble.problem.ProblemReader;
import bemble.problem.Reading;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Pages of one sum as pupils write them, always the same for the same seed. */
final class WrongPages {
  /** How much of a page is wrong. */
  enum Kind {
    RIGHT("right"),
    SLIP("one slip"),
    THREE("three wrong figures"),
    RANDOM("any figures");

    final String title;

    Kind(String title) {
      this.title = title;
    }
  }

  private final Sum sum;

  /** The pages of a sum as it is typed, in the method behind a colon, or else in the usual one. */
  WrongPages(String typed) {
    String[] parts = typed.split(": ");
    Reading reading = new ProblemReader(Limits.STANDARD).read(parts[0]);
    Problem problem = ((Reading.Understood) reading).problem();
    Method<?> method =
        parts.length > 1
            ? Methods.find(problem.operation(), parts[1]).orElseThrow()
            : Methods.usual(problem.operation());
    this.sum = new Sum(problem, method, Style.STANDARD);
  }

  Sum sum() {
    return sum;
  }

  /** A page, its marks in the order of writing. */
  List<Written> page(Kind kind, long seed) {
    Random random = new Random(seed);
    List<Written> truth = Transcript.of(sum.work());
    List<Written> page = kind == Kind.SLIP ? slipped(truth, random) : new ArrayList<>(truth);
    int spoiled = kind == Kind.RANDOM ? page.size() : kind == Kind.THREE ? 3 : 0;
    for (int i = 0; i < spoiled; i++) {
      int at = kind == Kind.RANDOM ? i : random.nextInt(page.size());
      Written written = page.get(at);
      String other = String.valueOf(random.nextInt(10));
      page.set(at, new Written(written.at(), written.spot(), other));
    }
    return page;
  }

  /** The page after one of the slips that show in this sum. */
  private List<Written> slipped(List<Written> truth, Random random) {
    List<List<Written>> pages =
        sum.method().slips().stream()
            .filter(slip -> !slip.isOfSettingOut())
            .map(slip -> Transcript.of(Judge.simulate(sum, List.of(slip))))
            .filter(page -> !page.equals(truth))
            .toList();
    return pages.get(random.nextInt(pages.size()));
  }
}
