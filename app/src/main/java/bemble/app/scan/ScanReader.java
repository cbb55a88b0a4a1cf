package bemble.app.scan;

import bemble.app.export.SheetTable;
import bemble.app.export.SheetTable.TilePlace;
import bemble.app.house.PupilRow;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.HandoutSumRow;
import bemble.app.marking.SheetAnswers;
import bemble.app.marking.SheetAnswers.DueAnswers;
import bemble.app.scan.WorkingReader.ReadFigure;
import bemble.app.scan.sight.GreyPicture;
import bemble.app.scan.sight.PictureFile;
import bemble.app.scan.sight.PictureFile.UnusablePictureException;
import bemble.app.scan.sight.Sight;
import bemble.app.sets.SheetBook;
import bemble.app.sets.SheetCode;
import bemble.ink.LookAlikes;
import bemble.slate.Slate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads a page of a pile: which sheet it is, whose, and a cut-out of each of its answers. */
@Component
class ScanReader {
  private final ScanMapper mapper;
  private final HandoutMapper handouts;
  private final SheetBook sheets;
  private final SheetAnswers answers;
  private final InkReader ink;
  private final SetOutSums setOut;
  private final WorkingReader working;
  private final ScanKeeper keeper;

  ScanReader(
      ScanMapper mapper,
      HandoutMapper handouts,
      SheetBook sheets,
      SheetAnswers answers,
      InkReader ink,
      SetOutSums setOut,
      WorkingReader working,
      ScanKeeper keeper) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.sheets = sheets;
    this.answers = answers;
    this.ink = ink;
    this.setOut = setOut;
    this.working = working;
    this.keeper = keeper;
  }

  /**
   * A page of a file that belongs to a pile.
   *
   * @param anew whether it takes the place of the same page, if that was there already
   */
  record Page(long scan, long handout, String file, int number, boolean anew) {}

  /** Reads a page of an open file and keeps the result. */
  void read(Page page, PictureFile file) {
    try {
      GreyPicture picture = file.page(page.number() - 1);
      Sight.Seen seen = Sight.look(picture, text -> SheetCode.read(text).flatMap(sheets::of));
      keep(page, seen);
    } catch (UnusablePictureException e) {
      refuse(
          page,
          e.fault() == PictureFile.Fault.TOO_LARGE ? ScanProblem.TOO_LARGE : ScanProblem.DAMAGED);
    } catch (OutOfMemoryError e) {
      refuse(page, ScanProblem.TOO_LARGE);
    }
  }

  private void keep(Page page, Sight.Seen seen) {
    if (seen instanceof Sight.NoSheet none) {
      boolean isOurs = none.foreign().flatMap(SheetCode::read).isPresent();
      refuse(page, isOurs ? ScanProblem.OTHER_HOUSE : ScanProblem.NO_SHEET);
    } else if (seen instanceof Sight.CutOff) {
      refuse(page, ScanProblem.CUT_OFF);
    } else if (seen instanceof Sight.Flat flat) {
      SheetCode code = SheetCode.read(flat.code()).orElseThrow();
      ScanKeeper.Outcome outcome = outcome(page, code, flat.table());
      Optional<LookAlikes> shown = ink.shown(flat);
      LookAlikes hand = shown.orElseGet(() -> known(outcome.pupil()));
      Map<Integer, ReadAnswer> read = new LinkedHashMap<>();
      DueAnswers due = answers.of(page.handout());
      Map<Integer, List<ReadFigure>> workings = new LinkedHashMap<>();
      outcome
          .tiles()
          .forEach(
              (sum, tile) -> {
                ReadAnswer answer = ink.in(hand).read(flat, tile, due, sum);
                Optional<Slate> slate = setOut.slate(flat.table(), tile);
                Optional<WorkingSquares> squares = slate.map(of -> WorkingSquares.of(tile, of));
                boolean goesOn = squares.filter(of -> working.isBeside(flat, tile, of)).isPresent();
                read.put(sum, goesOn ? answer.asked(AskedWhy.BESIDE) : answer);
                if (slate.filter(Slate::isOfFigures).isPresent()) {
                  workings.put(sum, working.in(hand).read(flat, tile, squares.orElseThrow()));
                }
              });
      long id = keeper.keep(page, outcome, read, workings);
      if (outcome.problem() == null) {
        keeper.keep(id, flat, outcome.tiles());
        Long pupil = outcome.pupil();
        if (pupil != null) {
          shown.ifPresent(of -> mapper.keepHand(pupil, of.text()));
        }
      }
    }
  }

  private LookAlikes known(@Nullable Long pupil) {
    return Optional.ofNullable(pupil)
        .flatMap(mapper::hand)
        .map(LookAlikes::parse)
        .orElse(LookAlikes.NONE);
  }

  private void refuse(Page page, ScanProblem problem) {
    keeper.keep(page, ScanKeeper.Outcome.problem(problem), Map.of(), Map.of());
  }

  private ScanKeeper.Outcome outcome(Page page, SheetCode code, SheetTable table) {
    Map<Integer, TilePlace> tiles = tiles(handouts.sums(page.handout()), table);
    boolean isOthers = sheets.handout(code).filter(id -> id != page.handout()).isPresent();
    if (isOthers || tiles.size() < table.tiles().size()) {
      return ScanKeeper.Outcome.problem(ScanProblem.OTHER_HANDOUT);
    }
    Optional<Long> pupil =
        handouts.pupils(page.handout()).stream()
            .map(PupilRow::id)
            .filter(id -> id == code.copy())
            .findFirst();
    if (code.copy() != 0 && pupil.isEmpty()) {
      return ScanKeeper.Outcome.problem(ScanProblem.OTHER_PUPIL);
    }
    List<ScanPageRow> before =
        pupil.isEmpty()
            ? List.of()
            : mapper.pages(page.scan()).stream()
                .filter(row -> pupil.get().equals(row.pupilId()))
                .filter(row -> Long.valueOf(code.sheet()).equals(row.sheetId()))
                .toList();
    if (!before.isEmpty() && !page.anew()) {
      return ScanKeeper.Outcome.problem(ScanProblem.TWICE);
    }
    List<Long> replaced = before.stream().map(ScanPageRow::id).toList();
    return new ScanKeeper.Outcome(null, code.sheet(), pupil.orElse(null), tiles, replaced);
  }

  /** The tiles by the sum of the handout that they show; a handout may have a sum twice. */
  static Map<Integer, TilePlace> tiles(List<HandoutSumRow> sums, SheetTable table) {
    Map<Integer, TilePlace> tiles = new LinkedHashMap<>();
    for (TilePlace tile : table.tiles()) {
      int number = tile.number() - 1;
      if (number < sums.size() && sums.get(number).plain().equals(tile.plain())) {
        tiles.put(number, tile);
      }
    }
    return tiles;
  }
}
