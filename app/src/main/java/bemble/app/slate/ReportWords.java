package bemble.app.slate;

import bemble.app.slate.ReportView.FigureView;
import bemble.app.slate.ReportView.SlipFinding;
import bemble.judge.report.Finding;
import bemble.judge.report.Report;
import bemble.judge.report.Stage;
import bemble.judge.report.Verdict;
import bemble.slip.Slip;
import bemble.words.Wording;
import java.util.List;
import java.util.Map;

/** Puts a judgement into the words of a class. */
final class ReportWords {
  private final Wording wording;

  ReportWords(Wording wording) {
    this.wording = wording;
  }

  ReportView view(Report report, Stage stage) {
    return view(report, stage, List.of());
  }

  /** The judgement with hints about the setting out. */
  ReportView view(Report report, Stage stage, List<String> hints) {
    List<FigureView> figures =
        report.figures().stream()
            .map(
                judged ->
                    new FigureView(
                        judged.written().at(),
                        judged.written().spot() == bemble.paper.Spot.FULL,
                        judged.verdict()))
            .toList();
    return new ReportView(
        figures,
        stage == Stage.HANDED_IN ? report.missing() : List.of(),
        report.findings().stream().map(this::finding).toList(),
        report.count(Verdict.RIGHT),
        slips(report),
        report.count(Verdict.FOLLOWS),
        report.allRight(),
        hints.stream().map(hint -> wording.label(hint, Map.of())).toList());
  }

  /** The judgement of a report, as it is kept. */
  PageJudgement judgement(Report report) {
    String slip = report.findings().isEmpty() ? null : name(report.findings().get(0));
    return new PageJudgement(slip, slips(report), report.allRight(), firstSlip(report));
  }

  private static long slips(Report report) {
    return report.findings().stream().filter(f -> f.kind() != Finding.Kind.MISSING).count();
  }

  /** The id of the first slip; empty where none is known. */
  static String firstSlip(Report report) {
    return report.findings().stream()
        .limit(1)
        .filter(finding -> finding.kind() == Finding.Kind.KNOWN)
        .map(finding -> finding.slips().get(0).id())
        .findFirst()
        .orElse("");
  }

  private SlipFinding finding(Finding finding) {
    List<Slip> slips = finding.slips();
    boolean known = finding.kind() == Finding.Kind.KNOWN;
    List<Slip> others = known ? slips.subList(1, slips.size()) : slips;
    return new SlipFinding(
        finding.squares(),
        finding.kind(),
        wording.section(finding.step().section()),
        known ? slips.get(0).id() : null,
        name(finding),
        known
            ? wording.label("slip." + slips.get(0).id() + ".ask", Map.of())
            : label(finding, "ask"),
        others.stream().map(this::name).toList());
  }

  String name(Slip slip) {
    return wording.label("slip." + slip.named().id() + ".name", Map.of());
  }

  private String label(Finding finding, String part) {
    return wording.label("finding." + Wording.key(finding.kind()) + "." + part, Map.of());
  }

  /** The name of a finding; for a missed number fact also the number written instead. */
  String name(Finding finding) {
    boolean known = finding.kind() == Finding.Kind.KNOWN;
    String name = known ? name(finding.slips().get(0)) : label(finding, "name");
    return finding
        .fact()
        .map(
            missed ->
                Map.<String, Object>of(
                    "name", name, "fact", wording.fact(missed.fact()), "as", missed.as()))
        .map(fills -> wording.label("fact.taken-as", fills))
        .orElse(name);
  }
}
