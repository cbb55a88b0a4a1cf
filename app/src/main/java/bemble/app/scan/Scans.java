package bemble.app.scan;

import bemble.app.house.PupilRow;
import bemble.app.marking.AnswerBook;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.PaperAnswers;
import bemble.app.marking.PaperAnswers.PaperPage;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.ScanJson.ScanAnswerView;
import bemble.app.scan.ScanJson.ScanPageView;
import bemble.app.scan.ScanJson.ScanState;
import bemble.app.scan.ScanJson.ScanView;
import bemble.app.scan.ScanJson.SettledAnswer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Settles piles of filled sheets, and takes them into the grid. */
@Service
class Scans {
  private final ScanMapper mapper;
  private final Piles piles;
  private final HandoutMapper handouts;
  private final AnswerBook answers;
  private final PaperAnswers papers;
  private final ReadWorkings workings;
  private final KeptSheets kept;
  private final TransactionOperations transactions;

  Scans(
      ScanMapper mapper,
      Piles piles,
      HandoutMapper handouts,
      AnswerBook answers,
      PaperAnswers papers,
      ReadWorkings workings,
      KeptSheets kept,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.piles = piles;
    this.handouts = handouts;
    this.answers = answers;
    this.papers = papers;
    this.workings = workings;
    this.kept = kept;
    this.transactions = transactions;
  }

  /** Keeps answers as a teacher read them; refuses those that the grid would refuse. */
  ScanView settle(long id, List<SettledAnswer> settled) {
    ScanRow scan = piles.find(id);
    Set<Long> pages = mapper.pages(id).stream().map(ScanPageRow::id).collect(Collectors.toSet());
    for (SettledAnswer answer : settled) {
      if (!pages.contains(answer.page())) {
        throw new MissingException("scan");
      }
      if (answer.text() != null) {
        answers.refuseUnreadable(scan.handoutId(), answer.sum(), answer.text());
      }
    }
    transactions.executeWithoutResult(
        status -> {
          for (SettledAnswer answer : settled) {
            mapper.settle(answer.page(), answer.sum(), answer.text());
          }
        });
    return piles.open(id);
  }

  /** Notes that a teacher has looked at all answers with a figure side by side. */
  ScanView lookThrough(long id, int figure) {
    ScanRow scan = piles.find(id);
    String before = scan.lookedThrough();
    if (!before.contains(String.valueOf(figure))) {
      mapper.lookThrough(id, before + figure);
    }
    return piles.open(id);
  }

  /** Notes whose a page is that does not say so itself. */
  ScanView give(long id, long page, long pupil) {
    ScanRow scan = piles.find(id);
    ScanPageRow row = piles.page(id, page);
    boolean isThere =
        handouts.pupils(scan.handoutId()).stream()
            .map(PupilRow::id)
            .anyMatch(each -> each == pupil);
    if (!isThere) {
      throw RefusedException.of("no-cell");
    }
    boolean isTwice =
        mapper.pages(id).stream()
            .anyMatch(
                each ->
                    each.id() != page
                        && Optional.of(pupil).equals(Optional.ofNullable(each.pupilId()))
                        && Objects.equals(each.sheetId(), row.sheetId()));
    if (isTwice) {
      throw RefusedException.of("scan-pupil-twice");
    }
    mapper.give(page, pupil);
    return piles.open(id);
  }

  /** Takes a page out of a pile. */
  ScanView remove(long id, long page) {
    piles.find(id);
    mapper.expect(id, -mapper.removePage(id, page));
    kept.sweep();
    return piles.open(id);
  }

  /**
   * Puts the settled answers into the grid and deletes them with their pictures. Answers that are
   * not settled stay, and so do those that the grid refuses.
   *
   * @param keepUntil the last day on which the pictures are kept; they are not if left out
   */
  CellsView take(long id, @Nullable LocalDate keepUntil) {
    kept.refuse(keepUntil);
    ScanView scan = piles.open(id);
    if (scan.state() == ScanState.READING) {
      throw RefusedException.of("scan-reading");
    }
    List<CellRequest> cells = cells(scan);
    List<CellRequest> wrong = papers.wrong(scan.handout(), cells);
    // Judging takes its time: nothing is held up by it.
    List<PaperPage> pages = workings.telling(piles.find(id), wrong);
    CellsView taken = transactions.execute(status -> take(scan, cells, pages, keepUntil));
    kept.sweep();
    return taken;
  }

  private static List<CellRequest> cells(ScanView scan) {
    List<CellRequest> cells = new ArrayList<>();
    for (ScanPageView page : scan.pages()) {
      for (ScanAnswerView answer : page.answers()) {
        if (page.pupil() != null && answer.text() != null) {
          cells.add(new CellRequest(page.pupil(), answer.sum(), answer.text(), null, null));
        }
      }
    }
    return cells;
  }

  private CellsView take(
      ScanView scan,
      List<CellRequest> cells,
      List<PaperPage> pages,
      @Nullable LocalDate keepUntil) {
    CellsView put = papers.take(scan.handout(), cells, pages);
    for (ScanPageView page : scan.pages()) {
      for (CellView cell : put.kept()) {
        if (page.pupil() != null && page.pupil() == cell.pupil()) {
          mapper.removeAnswer(page.id(), cell.number());
        }
      }
    }
    kept.keep(scan.id(), keepUntil);
    mapper.expect(scan.id(), -mapper.removeEmptyPages(scan.id()));
    if (mapper.pages(scan.id()).isEmpty()) {
      mapper.delete(scan.id());
    }
    return put;
  }

  /** Gives a pile up. */
  void delete(long id) {
    piles.find(id);
    mapper.delete(id);
    kept.sweep();
  }
}
