package bemble.judge.reading;

import bemble.judge.report.Judged;
import bemble.judge.report.Report;
import bemble.judge.report.Written;
import java.util.List;
import java.util.stream.IntStream;

/** Numbers in squares of their own, read without the zeros that end a decimal: 1.80 is 1.8. */
public final class ShortNumbers {
  private ShortNumbers() {}

  /** A page with short numbers in their shortest form. */
  public static List<Written> of(List<Written> page) {
    return page.stream()
        .map(one -> new Written(one.at(), one.spot(), one.isFull() ? one.text() : text(one.text())))
        .toList();
  }

  /** The report on such a page, with the squares of the page itself. */
  public static Report putBack(Report report, List<Written> page) {
    List<Judged> figures =
        IntStream.range(0, page.size())
            .mapToObj(i -> new Judged(page.get(i), report.figures().get(i).verdict()))
            .toList();
    return new Report(figures, report.missing(), report.findings(), report.page(), report.next());
  }

  /** A number in its shortest form; any other text as it is. */
  static String text(String text) {
    int mark = Math.max(text.indexOf('.'), text.indexOf(','));
    if (mark < 1) {
      return text;
    }
    int end = text.length();
    while (end > mark + 1 && text.charAt(end - 1) == '0') {
      end--;
    }
    return text.substring(0, end == mark + 1 ? mark : end);
  }
}
