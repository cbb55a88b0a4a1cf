package bemble.app.slate;

import bemble.app.working.WorkingWords;
import bemble.judge.report.Report;
import bemble.judge.report.Stage;
import bemble.paper.Paper;
import bemble.slate.PageOfStrokes;
import bemble.slate.Slate;
import java.util.List;

/**
 * A written page with the judge's report.
 *
 * @param paper the sheet that was handed out
 * @param strokes the strokes, in order
 * @param report the judge's words on the finished page
 * @param truth the true page
 */
public record JudgedPageView(
    String problem,
    String methodName,
    Paper paper,
    List<StrokeView> strokes,
    ReportView report,
    Paper truth) {
  /** Has a page judged that is finished. */
  static JudgedPageView of(Slate slate, List<StrokeView> strokes) {
    PageOfStrokes page = PageOfStrokes.of(strokes.stream().map(StrokeView::stroke).toList());
    Report report = slate.judge(page.written(), page.unread(), Stage.HANDED_IN);
    WorkingWords words = WorkingWords.of(slate.sum().style());
    Stage told = page.unread().isEmpty() ? Stage.HANDED_IN : Stage.IN_WORK;
    return new JudgedPageView(
        words.problem(slate.sum().problem()),
        words.name(slate.sum().method()),
        slate.sheet(),
        strokes,
        new ReportWords(words.wording()).view(report, told),
        slate.truth().paper());
  }
}
