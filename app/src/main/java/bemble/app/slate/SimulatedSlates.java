package bemble.app.slate;

import bemble.app.http.RefusedException;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Stage;
import bemble.judge.report.Written;
import bemble.method.Sum;
import bemble.paper.Paper;
import bemble.practice.Pace;
import bemble.practice.SlipKey;
import bemble.procedure.Working;
import bemble.slate.PageOfStrokes;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Simulated pupils: a stand-in for real ones, for showing and for demo data. */
@Service
public class SimulatedSlates {
  /** A practised hand takes 1.8 seconds for a figure with what is worked out for it. */
  private static final long MILLIS_A_FIGURE = (long) (1800 * Pace.ESTIMATE.times());

  private final Sums sums;

  SimulatedSlates(Sums sums) {
    this.sums = sums;
  }

  /** A slip that can be chosen. */
  record SlipView(String id, String name) {}

  /**
   * A page written by a simulated pupil.
   *
   * @param paper the sheet that was handed out
   * @param strokes what was written, in order
   * @param report the judge's words on the finished page
   * @param truth the true page
   */
  record PupilView(
      String problem,
      String methodName,
      Paper paper,
      List<StrokeView> strokes,
      ReportView report,
      Paper truth) {}

  List<SlipView> slips(SumRef request) {
    Sum sum = sums.read(request);
    ReportWords words = new ReportWords(WorkingWords.of(sum.style()).wording());
    return known(sum).stream().map(slip -> new SlipView(slip.id(), words.name(slip))).toList();
  }

  private static List<Slip> known(Sum sum) {
    if (!Judge.judges(sum.method())) {
      return List.of();
    }
    return SlipKey.slips(sum.method());
  }

  PupilView write(SumRef request, List<String> ids) {
    Sum sum = sums.read(request);
    Slate slate = new Slate(sum, SettingOut.GIVEN);
    List<StrokeView> strokes = strokes(sum, ids);
    List<Written> page = PageOfStrokes.after(strokes.stream().map(StrokeView::stroke).toList());
    WorkingWords words = WorkingWords.of(sum.style());
    ReportView report =
        new ReportWords(words.wording()).view(slate.judge(page, Stage.HANDED_IN), Stage.HANDED_IN);
    return new PupilView(
        words.problem(sum.problem()),
        words.name(sum.method()),
        slate.sheet(),
        strokes,
        report,
        slate.truth().paper());
  }

  /** What a pupil writes who makes some slips. */
  public List<StrokeView> strokes(SumRef request, List<String> ids) {
    return strokes(sums.read(request), ids);
  }

  private static List<StrokeView> strokes(Sum sum, List<String> ids) {
    List<Slip> slips = ids.stream().map(id -> slip(sum, id)).toList();
    Working page = Judge.simulate(sum, slips);
    List<StrokeView> strokes = new ArrayList<>();
    for (Stroke stroke : new Slate(sum, SettingOut.GIVEN).strokes(page)) {
      int number = strokes.size();
      strokes.add(StrokeView.of(number, (number + 1) * MILLIS_A_FIGURE, stroke));
    }
    return strokes;
  }

  private static Slip slip(Sum sum, String id) {
    return known(sum).stream()
        .filter(slip -> slip.id().equals(id))
        .findFirst()
        .orElseThrow(() -> RefusedException.of("no-such-slip", id));
  }
}
