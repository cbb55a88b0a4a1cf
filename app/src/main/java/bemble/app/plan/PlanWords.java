package bemble.app.plan;

import bemble.app.http.Sentences;
import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.plan.PlanJson.ProposalView;
import bemble.app.register.RegisterWords;
import bemble.app.sets.SetJson.SetLineView;
import bemble.progress.Lesson;
import bemble.progress.Proposal;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Puts plans into words. */
final class PlanWords {
  private static final int LONGEST_TITLE = 120;

  private final RegisterWords words;

  PlanWords(RegisterWords words) {
    this.words = words;
  }

  /** What a lesson is called. */
  String title(Proposal.Kind kind, String rung, String slip) {
    String name = words.rung(rung);
    String against = words.slip(slip).map(SlipLabel::name).orElse(slip);
    return cut(
        switch (kind) {
          case TEACH -> name;
          case RETEACH -> Sentences.of("plan.reteach", against);
          case LOOK_AGAIN -> Sentences.of("plan.look-again", small(name));
        });
  }

  /** What the set of a part is called. */
  static String part(Lesson.Kind kind, String lesson) {
    String title =
        switch (kind) {
          case OPENER -> Sentences.of("plan.part.opener", lesson);
          case SHOW -> Sentences.of("plan.part.show", lesson);
          case TOGETHER -> Sentences.of("plan.part.together", lesson);
          case PRACTISE -> Sentences.of("plan.part.practise", lesson);
          case HOMEWORK -> Sentences.of("plan.part.homework", lesson);
        };
    return cut(title);
  }

  private static String cut(String title) {
    return title.length() > LONGEST_TITLE ? title.substring(0, LONGEST_TITLE - 1) + "…" : title;
  }

  private static String small(String name) {
    return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  /** A proposal with its reason. */
  ProposalView proposal(Proposal proposal, Map<Long, String> names) {
    List<String> pupils = proposal.pupils().stream().map(names::get).toList();
    int some = pupils.size();
    String reason =
        switch (proposal.kind()) {
          case TEACH -> Sentences.of("plan.why.teach", some, proposal.of());
          case RETEACH ->
              Sentences.of("plan.why.reteach", some, proposal.of(), words.rung(proposal.rung()));
          case LOOK_AGAIN -> Sentences.of("plan.why.look-again", some, proposal.of());
        };
    return new ProposalView(
        proposal.kind(),
        proposal.rung(),
        proposal.slip().isEmpty() ? null : proposal.slip(),
        title(proposal.kind(), proposal.rung(), proposal.slip()),
        reason,
        pupils);
  }

  /** The lines of a part: 4 sums: one zero crossed. */
  List<String> told(List<SetLineView> lines) {
    return lines.stream()
        .map(line -> Sentences.of("plan.sums", line.count(), small(words.rung(line.rung()))))
        .toList();
  }
}
