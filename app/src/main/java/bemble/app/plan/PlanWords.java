package bemble.app.plan;

import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.plan.PlanJson.AgainView;
import bemble.app.plan.PlanJson.ProposalView;
import bemble.app.register.RegisterJson.RungLabel;
import bemble.app.register.RegisterWords;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.words.PlainName;
import bemble.app.words.Sentences;
import bemble.ladder.Rung;
import bemble.practice.LessonPart;
import bemble.progress.Proposal;
import bemble.progress.Rules;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** Puts plans into words. */
final class PlanWords {

  /** The number of lines up to which a part tells each; of more it tells only the first. */
  private static final int FEW = 2;

  private final RegisterWords words;
  private final Map<Long, String> names;

  PlanWords(RegisterWords words) {
    this(words, Map.of());
  }

  /** Words that name pupils by their ids. */
  PlanWords(RegisterWords words, Map<Long, String> names) {
    this.words = words;
    this.names = names;
  }

  /** The title of a lesson. */
  String title(Proposal.Kind kind, String rung, String slip) {
    String name = words.rung(rung);
    String against = words.slip(slip).map(SlipLabel::name).orElse(slip);
    return cut(
        switch (kind) {
          case TEACH -> name;
          case RETEACH -> Sentences.of("plan.reteach", "rung", against);
          case LOOK_AGAIN -> Sentences.of("plan.mixed");
        });
  }

  /** The name of the set of a part. */
  static String part(LessonPart kind, String lesson) {
    String title =
        switch (kind) {
          case OPENER -> Sentences.of("plan.part.opener", "lesson", lesson);
          case SHOW -> Sentences.of("plan.part.show", "lesson", lesson);
          case TOGETHER -> Sentences.of("plan.part.together", "lesson", lesson);
          case MISTAKE -> Sentences.of("plan.part.mistake", "lesson", lesson);
          case PRACTISE -> Sentences.of("plan.part.practise", "lesson", lesson);
          case EXPLAIN -> Sentences.of("plan.part.explain", "lesson", lesson);
          case HOMEWORK -> Sentences.of("plan.part.homework", "lesson", lesson);
        };
    return cut(title);
  }

  private static String cut(String title) {
    return title.length() > PlainName.LONGEST
        ? title.substring(0, PlainName.LONGEST - 1) + "…"
        : title;
  }

  private static String small(String name) {
    return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  List<ProposalView> proposals(List<Proposal> proposals) {
    return proposals.stream().map(this::proposal).toList();
  }

  /** A proposal with its reason. */
  private ProposalView proposal(Proposal proposal) {
    Proposal.Kind kind = proposal.why().kind();
    boolean isOpener = proposal.why() == Proposal.Why.OPENER;
    return new ProposalView(
        kind,
        proposal.why(),
        proposal.rung(),
        proposal.slip().isEmpty() ? null : proposal.slip(),
        isOpener ? words.rung(proposal.rung()) : title(kind, proposal.rung(), proposal.slip()),
        reason(proposal),
        named(proposal));
  }

  private List<String> named(Proposal proposal) {
    return proposal.pupils().stream().map(names::get).toList();
  }

  /** A rung that comes again in openers, with the reason. */
  AgainView again(Proposal proposal) {
    return new AgainView(words.label(proposal.rung()), reason(proposal), named(proposal));
  }

  private String reason(Proposal proposal) {
    Proposal.Count count = proposal.count();
    int some = proposal.pupils().size();
    int of = count.of();
    int standing = count.standing();
    int ready = some + standing;
    RungLabel rung = words.label(proposal.rung());
    return switch (proposal.why()) {
      case SLIP -> slip(share(some, of), small(rung.name()));
      case MIXED -> Sentences.of("plan.why.mixed", "who", share(some, of), "count", some);
      case NOT_YET ->
          Sentences.of(
              "plan.why.not-yet",
              "lessons",
              count.lessons(),
              "who",
              small(share(standing, of)),
              "count",
              standing);
      case GO_ON ->
          rung(proposal).needs().isEmpty()
              ? Sentences.of("plan.why.needs-nothing")
              : Sentences.of(
                  "plan.why.go-on", "who", share(ready, of), "count", ready, "others", of - ready);
      case BEGIN ->
          Sentences.of(
              "plan.why.begin",
              "who",
              share(ready, of),
              "count",
              ready,
              "operation",
              small(words.operation(rung.operation())));
      case AHEAD -> Sentences.of("plan.why.ahead");
      case SOME_READY ->
          Sentences.of("plan.why.some-ready", "who", share(ready, of), "count", ready);
      case UNMARKED -> Sentences.of("plan.why.unmarked", "lessons", count.lessons());
      case FOR_SOME ->
          Sentences.of(
              "plan.why.for-some", "who", share(standing, of), "count", standing, "others", some);
      case REVIEW -> Sentences.of("plan.why.review");
      case OPENER -> opener(some, count.due());
    };
  }

  private static String slip(String share, String rung) {
    Rules.Sure sure = Rules.STANDARD.sure();
    return Sentences.of(
        "plan.why.slip",
        "who",
        share,
        "times",
        sure.slipsToFall(),
        "days",
        sure.slipDays(),
        "names",
        rung);
  }

  private Rung rung(Proposal proposal) {
    return words.ladder().find(proposal.rung()).orElseThrow();
  }

  /** A share of a class: nobody, 9 of 24, all 24. */
  private static String share(int some, int of) {
    return some == of && of > 1
        ? Sentences.of("plan.all", "pupils", of)
        : Sentences.of("plan.some", "some", some, "all", of);
  }

  private static String opener(int some, int due) {
    if (due == 0) {
      return Sentences.of("plan.why.not-sure", "pupils", some);
    }
    return some == due
        ? Sentences.of("plan.why.due", "pupils", due)
        : Sentences.of("plan.why.due-and-not-sure", "due", due, "unsure", some - due);
  }

  /** The rules of the plan, as a class has chosen them. */
  static List<String> rules(Rules rules) {
    Rules.Next next = rules.next();
    Rules.Shares shares = rules.shares();
    int third = PlanRules.percent(next.third());
    int half = PlanRules.percent(next.half());
    return List.of(
        Sentences.of(
            "plan.rule.slip",
            "share",
            third,
            "times",
            rules.sure().slipsToFall(),
            "days",
            next.pause()),
        Sentences.of(
            "plan.rule.mixed",
            "share",
            PlanRules.percent(rules.mixed().quarter()),
            "rungs",
            rules.mixed().open(),
            "part",
            100 * rules.mixed().openShare(),
            "lessons",
            rules.mixed().between()),
        Sentences.of("plan.rule.go-on", "share", half, "lessons", next.lessons()),
        Sentences.of("plan.rule.order"),
        Sentences.of("plan.rule.opener", "share", PlanRules.percent(shares.opener())),
        Sentences.of("plan.rule.group", "days", next.untouched()),
        Sentences.of(
            "plan.rule.lesson",
            "sums",
            rules.worked().sums(),
            "share",
            PlanRules.percent(rules.worked().share())));
  }

  /**
   * All of a part in short: 10 sums: one carry; 12 mixed sums: whole tens, onto a zero and 8 more.
   */
  String summary(List<SetLineView> lines) {
    if (lines.size() <= FEW) {
      return String.join("; ", told(lines));
    }
    int own = lines.get(0).count() > FEW ? 1 : 0;
    List<SetLineView> mixed = lines.subList(own, lines.size());
    List<String> parts = new ArrayList<>(told(lines.subList(0, own)));
    int sums = mixed.stream().mapToInt(SetLineView::count).sum();
    String first =
        mixed.stream()
            .limit(FEW)
            .map(line -> small(words.rung(line.rungOrNone())))
            .collect(Collectors.joining(", "));
    parts.add(
        Sentences.of(
            "plan.mixed-sums",
            "sums",
            sums,
            "rungs",
            first,
            "more",
            Math.max(0, mixed.size() - FEW)));
    return String.join("; ", parts);
  }

  /** The lines of a part: 4 sums: one zero crossed. */
  List<String> told(List<SetLineView> lines) {
    return lines.stream()
        .map(
            line ->
                Sentences.of(
                    "plan.sums",
                    "sums",
                    line.count(),
                    "rung",
                    small(words.rung(line.rungOrNone()))))
        .toList();
  }
}
