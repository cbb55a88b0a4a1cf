package bemble.app.slate;

import bemble.app.refusal.RefusedException;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.judge.Judge;
import bemble.judge.report.SettingOut;
import bemble.method.Sum;
import bemble.practice.Pace;
import bemble.practice.SlipKey;
import bemble.procedure.Working;
import bemble.slate.Slate;
import bemble.slate.Stroke;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Simulated pupils: a stand-in for real ones, for showing and for demo data. */
@Service
public class SimulatedSlates {
  /** A practised hand takes 1.8 seconds for a figure, including the working behind it. */
  private static final long MILLIS_A_FIGURE = (long) (1800 * Pace.ESTIMATE.times());

  private final Sums sums;

  SimulatedSlates(Sums sums) {
    this.sums = sums;
  }

  /** A slip that can be chosen. */
  record SlipView(String id, String name) {}

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

  JudgedPageView write(SumRef request, List<String> ids) {
    Sum sum = sums.read(request);
    return JudgedPageView.of(new Slate(sum, SettingOut.GIVEN), strokes(sum, ids));
  }

  /** The slips that can be made in a sum, by their ids. */
  public List<String> slipsOf(SumRef request) {
    return known(sums.read(request)).stream().map(Slip::id).toList();
  }

  /** The strokes of a pupil who makes some slips. */
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
        .orElseThrow(() -> RefusedException.of("no-such-slip", "slip", id));
  }
}
