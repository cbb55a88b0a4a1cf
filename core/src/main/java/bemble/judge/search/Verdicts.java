package bemble.judge.search;

import bemble.judge.reading.Handwriting;
import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Finding;
import bemble.judge.report.Judged;
import bemble.judge.report.Report;
import bemble.judge.report.SettingOut;
import bemble.judge.report.Verdict;
import bemble.judge.report.Written;
import bemble.paper.Square;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Gives every figure its verdict, once the hand that wrote the page is known. */
final class Verdicts {
  private final Handwriting page;
  private final Prediction truth;
  private final Prediction meant;
  private final List<Finding> findings;
  private final SettingOut settingOut;
  private final Set<Square> first = new HashSet<>();
  private final Set<Square> later = new HashSet<>();

  Verdicts(
      Handwriting page,
      Prediction truth,
      Prediction meant,
      List<Finding> findings,
      SettingOut settingOut) {
    this.page = page;
    this.truth = truth;
    this.meant = meant;
    this.findings = findings;
    this.settingOut = settingOut;
    for (int i = 0; i < findings.size(); i++) {
      (i == 0 ? first : later).addAll(findings.get(i).squares());
    }
  }

  Report report() {
    List<Judged> figures =
        page.all().stream().map(written -> new Judged(written, verdict(written))).toList();
    List<Square> missing = new ArrayList<>();
    Report.Next next = null;
    for (Seen seen : meant.seen()) {
      boolean wanted =
          !seen.isOptional()
              && !meant.isZeroInFront(seen)
              && (settingOut == SettingOut.OWN || !seen.isSetOut());
      for (Expected one : wanted ? seen.expected() : List.<Expected>of()) {
        if (page.at(one.at(), one.spot()).isEmpty() && !missing.contains(one.at())) {
          missing.add(one.at());
          next = next == null ? new Report.Next(seen.step(), seen.due()) : next;
        }
      }
    }
    return new Report(figures, missing, findings, meant.working(), next);
  }

  private Verdict verdict(Written written) {
    if (written.isPoint()) {
      return point(written.at());
    }
    if (!written.isFull() && !meant.isCell(written.at())) {
      return aid(written);
    }
    String expected = meant.at(written.at(), written.spot());
    if (expected == null) {
      boolean harmless = written.text().equals("0") || !written.isNumber();
      return wrongOr(harmless ? Verdict.RIGHT : Verdict.NOT_NEEDED, written.at());
    }
    boolean asTrue = written.text().equals(truth.at(written.at(), written.spot()));
    if (asTrue && expected.equals(written.text())) {
      return wrongOr(Verdict.RIGHT, written.at());
    }
    return wrongOr(expected.equals(written.text()) ? Verdict.FOLLOWS : Verdict.SLIP, written.at());
  }

  private Verdict point(Square after) {
    if (meant.pointsOnPaper().contains(after)) {
      boolean asTrue = truth.pointsOnPaper().contains(after);
      return wrongOr(asTrue ? Verdict.RIGHT : Verdict.FOLLOWS, after);
    }
    if (truth.hasPoint(after) && meant.hasPoint(after)) {
      return Verdict.RIGHT;
    }
    return wrongOr(meant.hasPoint(after) ? Verdict.FOLLOWS : Verdict.NOT_NEEDED, after);
  }

  private Verdict aid(Written written) {
    int column = written.at().column();
    if (truth.helps(column, written.text())) {
      return Verdict.RIGHT;
    }
    return wrongOr(
        meant.helps(column, written.text()) ? Verdict.FOLLOWS : Verdict.NOT_NEEDED, written.at());
  }

  private Verdict wrongOr(Verdict other, Square at) {
    if (first.contains(at)) {
      return Verdict.FIRST_SLIP;
    }
    return later.contains(at) ? Verdict.SLIP : other;
  }
}
