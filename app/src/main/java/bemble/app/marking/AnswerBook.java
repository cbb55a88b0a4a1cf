package bemble.app.marking;

import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.MarkingJson.RefusedCell;
import bemble.app.refusal.RefusedException;
import bemble.app.slate.AttemptBin;
import bemble.app.words.Sentences;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Outcome;
import bemble.judge.Judge;
import bemble.slip.Slip;
import bemble.slip.Slips;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps and marks answers as they are typed. */
@Service
public class AnswerBook {
  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final SaidSlips said;
  private final AttemptBin bin;
  private final Clock clock;
  private final TransactionOperations transactions;

  AnswerBook(
      HandoutMapper mapper,
      Handouts handouts,
      SaidSlips said,
      AttemptBin bin,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.said = said;
    this.bin = bin;
    this.clock = clock;
    this.transactions = transactions;
  }

  /**
   * Keeps some answers. One that cannot be read, or whose place was changed in another window since
   * it was seen, is refused with a sentence; the others are kept.
   */
  public CellsView put(long id, List<CellRequest> cells) {
    return put(id, cells, kept -> {});
  }

  /**
   * The same.
   *
   * @param with takes the kept answers, before their pupils are diagnosed anew
   */
  CellsView put(long id, List<CellRequest> cells, Consumer<List<CellView>> with) {
    HandoutRow handout = handouts.find(id);
    Marker marker = handouts.marker(handout);
    Set<Long> pupils = handouts.pupils(id);
    List<CellView> kept = new ArrayList<>();
    List<RefusedCell> refused = new ArrayList<>();
    transactions.executeWithoutResult(
        status -> {
          for (CellRequest cell : cells) {
            boolean there = pupils.contains(cell.pupil());
            boolean asked = cell.number() >= 0 && cell.number() < marker.items().size();
            if (there && asked) {
              put(id, cell, marker, kept, refused);
            } else {
              String sentence = Sentences.of("refused.no-cell");
              refused.add(new RefusedCell(cell.pupil(), cell.number(), sentence, null));
            }
          }
          with.accept(kept);
          cells.stream()
              .map(CellRequest::pupil)
              .distinct()
              .filter(pupils::contains)
              .forEach(pupil -> said.note(pupil, handout.givenOn()));
        });
    return new CellsView(kept, refused);
  }

  /** Refuses an answer with a sentence that {@link #put} would not keep. */
  public void refuseUnreadable(long id, int number, String given) {
    Marker marker = handouts.marker(handouts.find(id));
    if (number < 0 || number >= marker.items().size()) {
      throw RefusedException.of("no-cell");
    }
    row(new CellRequest(0, number, given, null, null), given, marker);
  }

  /** Marks all answers anew that an earlier judge has marked; says how many. */
  public int markAgain() {
    int marked = 0;
    for (long id : mapper.markedByOthers(Judge.VERSION)) {
      HandoutRow handout = handouts.find(id);
      Marker marker = handouts.marker(handout);
      for (AnswerRow answer : mapper.answers(id)) {
        if (!answer.overruled()) {
          CellRequest same =
              new CellRequest(answer.pupilId(), answer.number(), answer.given(), null, null);
          marked += mapper.mark(id, row(same, answer.given(), marker), Judge.VERSION);
        }
      }
      handouts.pupils(id).forEach(pupil -> said.note(pupil, handout.givenOn()));
    }
    return marked;
  }

  private void put(
      long id, CellRequest cell, Marker marker, List<CellView> kept, List<RefusedCell> refused) {
    Optional<AnswerRow> before = mapper.answer(id, cell.pupil(), cell.number());
    String there = before.map(AnswerRow::given).orElse(null);
    if (isChangedElsewhere(cell, there)) {
      CellView now = before.map(row -> Handouts.cell(row, marker)).orElse(null);
      String sentence = Sentences.of("stale.answer-changed");
      refused.add(new RefusedCell(cell.pupil(), cell.number(), sentence, now));
      return;
    }
    String given = cell.given();
    if (given == null) {
      // Typed and taken back in one batch: nothing is there in the end.
      kept.removeIf(typed -> typed.pupil() == cell.pupil() && typed.number() == cell.number());
      deletePage(id, cell);
      mapper.remove(id, cell.pupil(), cell.number());
      return;
    }
    try {
      AnswerRow row = row(cell, given, marker);
      if (!row.given().equals(there)) {
        deletePage(id, cell);
      }
      mapper.put(id, row, Judge.VERSION, OffsetDateTime.now(clock));
      kept.add(Handouts.cell(row, marker));
    } catch (RefusedException e) {
      CellView now = before.map(row -> Handouts.cell(row, marker)).orElse(null);
      refused.add(new RefusedCell(cell.pupil(), cell.number(), e.sentence(), now));
    }
  }

  /** A page that was read off paper goes with the answer that was read there. */
  private void deletePage(long id, CellRequest cell) {
    mapper.pageFromPaper(id, cell.pupil(), cell.number()).ifPresent(bin::delete);
  }

  /** The same answer typed in two windows is one answer. */
  private static boolean isChangedElsewhere(CellRequest cell, @Nullable String there) {
    boolean asSeen = there == null ? cell.seen() == null : there.equals(cell.seen());
    return !asSeen && (there == null || !there.equals(cell.given()));
  }

  private static AnswerRow row(CellRequest cell, String typed, Marker marker) {
    String given = typed.strip();
    AnswerSpace read = marker.given(cell.number(), given);
    if (cell.overruled() != null) {
      String slip = cell.overruled().slip();
      if (slip != null && Slips.find(slip).isEmpty()) {
        throw RefusedException.of("no-such-slip", "slip", slip);
      }
      Outcome outcome = cell.overruled().outcome();
      return new AnswerRow(cell.pupil(), cell.number(), given, outcome.name(), slip, true);
    }
    String slip = marker.slips(cell.number(), read).stream().findFirst().map(Slip::id).orElse(null);
    String outcome = marker.outcome(cell.number(), read).name();
    return new AnswerRow(cell.pupil(), cell.number(), given, outcome, slip, false);
  }
}
