package bemble.app.marking;

import bemble.app.house.PupilRow;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.refusal.RefusedException;
import bemble.app.slate.PaperPages;
import bemble.app.slate.PaperPages.Place;
import bemble.app.slate.PaperPages.TellingPage;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Outcome;
import bemble.judge.Judge;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Takes answers from paper into the grid, and with wrong ones the pages that were read. */
@Service
public class PaperAnswers {
  private final AnswerBook book;
  private final Handouts handouts;
  private final HandoutMapper mapper;
  private final PaperPages pages;
  private final Clock clock;

  PaperAnswers(
      AnswerBook book, Handouts handouts, HandoutMapper mapper, PaperPages pages, Clock clock) {
    this.book = book;
    this.handouts = handouts;
    this.mapper = mapper;
    this.pages = pages;
    this.clock = clock;
  }

  /** A page that was read, and whose it is. */
  public record PaperPage(long pupil, int number, TellingPage page) {}

  /** The wrong ones of some answers. */
  public List<CellRequest> wrong(long handout, List<CellRequest> cells) {
    Marker marker = handouts.marker(handouts.find(handout));
    return cells.stream().filter(cell -> isWrong(cell, marker)).toList();
  }

  /** Whether an answer is wrong. The grid refuses an answer that this style cannot read. */
  private static boolean isWrong(CellRequest cell, Marker marker) {
    try {
      AnswerSpace given = marker.given(cell.number(), Objects.requireNonNull(cell.given()));
      return marker.outcome(cell.number(), given) == Outcome.WRONG;
    } catch (RefusedException e) {
      return false;
    }
  }

  /**
   * Takes them; a page stands behind its answer only if that is kept and is wrong, and no page
   * stands there already.
   */
  public CellsView take(long handout, List<CellRequest> cells, List<PaperPage> read) {
    HandoutRow given = handouts.find(handout);
    Map<Long, String> names =
        mapper.pupils(handout).stream().collect(Collectors.toMap(PupilRow::id, PupilRow::name));
    return book.put(
        handout,
        cells,
        kept -> {
          List<AnswerPageRow> behind = mapper.pages(handout);
          for (PaperPage page : read) {
            boolean isThere = behind.stream().anyMatch(row -> isOf(row, page));
            if (!isThere && kept.stream().anyMatch(cell -> isWrong(cell, page))) {
              keep(given, page, Objects.requireNonNull(names.get(page.pupil())));
            }
          }
        });
  }

  private static boolean isOf(AnswerPageRow row, PaperPage page) {
    return row.pupilId() == page.pupil() && row.number() == page.number();
  }

  private static boolean isWrong(CellView cell, PaperPage page) {
    return cell.pupil() == page.pupil()
        && cell.number() == page.number()
        && cell.outcome() == Outcome.WRONG;
  }

  private void keep(HandoutRow handout, PaperPage page, String name) {
    Place place = new Place(handout.id(), page.number(), page.pupil(), name);
    long attempt = pages.keep(page.page(), place);
    FillingRow at =
        new FillingRow(handout.id(), page.number(), page.pupil(), "", handout.givenOn());
    mapper
        .answer(handout.id(), page.pupil(), page.number())
        .ifPresent(
            answer -> mapper.fill(attempt, at, answer, Judge.VERSION, OffsetDateTime.now(clock)));
  }
}
