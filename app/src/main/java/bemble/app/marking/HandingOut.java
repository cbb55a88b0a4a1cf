package bemble.app.marking;

import bemble.app.house.PupilMapper;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.ladder.Ladders;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.HandoutKind;
import bemble.app.marking.MarkingJson.HandoutRequest;
import bemble.app.marking.MarkingJson.HandoutTerms;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.Versions;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Gives sets to the current class, or to a part of it. */
@Service
public class HandingOut {
  private final HandoutMapper mapper;
  private final PupilMapper pupils;
  private final Handouts handouts;
  private final Drafts drafts;
  private final Ladders ladders;
  private final Roll roll;
  private final Clock clock;
  private final TransactionOperations transactions;

  HandingOut(
      HandoutMapper mapper,
      PupilMapper pupils,
      Handouts handouts,
      Drafts drafts,
      Ladders ladders,
      Roll roll,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.pupils = pupils;
    this.handouts = handouts;
    this.drafts = drafts;
    this.ladders = ladders;
    this.roll = roll;
    this.clock = clock;
    this.transactions = transactions;
  }

  /** Gives a set to the current class, or to a part of it. */
  public GridView give(HandoutRequest request) {
    long classId = roll.currentClass();
    List<Long> there =
        pupils.of(classId).stream()
            .filter(pupil -> pupil.leftAt() == null)
            .map(PupilRow::id)
            .filter(id -> request.pupils() == null || request.pupils().contains(id))
            .toList();
    if (there.isEmpty()) {
      throw RefusedException.of("no-pupils");
    }
    HandoutTerms terms = request.terms() == null ? HandoutTerms.USUAL : request.terms();
    if (terms.passMark() != null && terms.passMark() > request.sums().size()) {
      throw RefusedException.of(
          "run-mark", "sums", request.sums().size(), "mark", terms.passMark());
    }
    roll.refuseNamed(request.title());
    LocalDate givenOn = terms.givenOn() == null ? LocalDate.now(clock) : terms.givenOn();
    if (terms.dueOn() != null && terms.dueOn().isBefore(givenOn)) {
      throw RefusedException.of("due-before-given");
    }
    List<HandoutSumRow> sums = rows(request.sums());
    HandoutKind kind = terms.kind() == null ? HandoutKind.EXERCISE : terms.kind();
    String version = Versions.of(request.version());
    NewHandout handout =
        new NewHandout(
            classId,
            request.set(),
            version,
            request.title(),
            kind.name(),
            givenOn,
            terms.dueOn(),
            terms.passMark());
    long id =
        Objects.requireNonNull(
            transactions.execute(
                status -> {
                  long inserted = mapper.insert(handout);
                  mapper.addSums(inserted, sums);
                  mapper.addPupils(inserted, there);
                  return inserted;
                }));
    return handouts.open(id);
  }

  private List<HandoutSumRow> rows(List<SumRequest> sums) {
    List<HandoutSumRow> rows = new ArrayList<>();
    for (SumRequest sum : sums) {
      Item item = drafts.item(sum).placed(ladders.current().ladder());
      String plain = WorkingWords.plain(item.problem());
      rows.add(new HandoutSumRow(rows.size(), plain, item.method(), item.rung()));
    }
    return rows;
  }
}
