package bemble.app.plan;

import bemble.app.plan.PlanJson.OpenedPart;
import bemble.app.plan.PlanJson.OpenedSum;
import bemble.app.register.Register;
import bemble.app.sets.Drafts;
import bemble.app.sets.KeptSets;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.DraftRequest;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetJson.SumView;
import bemble.app.sets.Versions;
import bemble.app.words.Sentences;
import bemble.practice.LessonPart;
import bemble.progress.Proposal;
import java.util.List;
import org.springframework.stereotype.Service;

/** The sets of the parts of lessons. */
@Service
class PartSets {
  private final PlanMapper mapper;
  private final Lessons lessons;
  private final LessonParts parts;
  private final Register register;
  private final Drafts drafts;
  private final SetBook book;
  private final KeptSets kept;

  PartSets(
      PlanMapper mapper,
      Lessons lessons,
      LessonParts parts,
      Register register,
      Drafts drafts,
      SetBook book,
      KeptSets kept) {
    this.mapper = mapper;
    this.lessons = lessons;
    this.parts = parts;
    this.register = register;
    this.drafts = drafts;
    this.book = book;
    this.kept = kept;
  }

  /** The set of a part; it is made when it is opened for the first time. */
  OpenedPart open(long id, int number) {
    LessonRow row = lessons.find(id);
    LessonPartRow part =
        mapper.partsOf(id).stream()
            .filter(each -> each.number() == number)
            .findFirst()
            .orElseThrow(Lessons::missing);
    long set = part.setId() == null ? makeSet(row, part) : part.setId();
    return new OpenedPart(
        set,
        kept.open(set, Versions.FIRST).shown().sums().stream()
            .map(SumView::sum)
            .map(sum -> new OpenedSum(sum.plain(), sum.method()))
            .toList());
  }

  private long makeSet(LessonRow row, LessonPartRow part) {
    List<SetLineView> lines = parts.lines(part, register.words(row.classId()));
    if (lines.isEmpty()) {
      throw Lessons.missing();
    }
    LessonPart kind = LessonPart.valueOf(part.kind());
    List<SumRequest> sums =
        drafts.draft(new DraftRequest(lines, null, null, null, null, null)).sums().stream()
            .map(SumView::sum)
            .map(sum -> new SumRequest(sum.plain(), sum.method(), sum.rung(), kind))
            .toList();
    String title = PlanWords.part(kind, toldToPupils(row));
    long set = book.keep(new SetRequest(title, lines, sums, null)).id();
    mapper.give(row.id(), part.number(), set);
    return set;
  }

  /**
   * The title of a lesson on its sheets: pupils read those, so the name of a slip stays off them.
   */
  private String toldToPupils(LessonRow row) {
    boolean again = row.kind().equals(Proposal.Kind.RETEACH.name());
    return again
        ? Sentences.of("plan.reteach", "rung", register.words(row.classId()).rung(row.rung()))
        : row.title();
  }
}
