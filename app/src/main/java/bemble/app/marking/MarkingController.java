package bemble.app.marking;

import bemble.app.export.PdfRequest;
import bemble.app.guard.AnyClass;
import bemble.app.marking.MarkingJson.CellsRequest;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.MarkingJson.GlanceView;
import bemble.app.marking.MarkingJson.PaperKind;
import bemble.app.marking.MarkingJson.ReteachRequest;
import bemble.app.marking.MarkingJson.SimulatedRequest;
import bemble.app.marking.MarkingJson.TableRequest;
import bemble.app.marking.MarkingJson.TableView;
import bemble.app.marking.PupilSheets.CopiesRequest;
import bemble.app.sets.SetJson.SetView;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The answers to handouts: typed, marked, and what they tell. */
@RestController
@RequestMapping("/api/handouts")
class MarkingController {
  private final AnswerBook book;
  private final Glances glances;
  private final GridTable table;
  private final Simulation simulation;
  private final Reteaching reteaching;
  private final MarkedPaper paper;
  private final PupilSheets sheets;

  MarkingController(
      AnswerBook book,
      Glances glances,
      GridTable table,
      Simulation simulation,
      Reteaching reteaching,
      MarkedPaper paper,
      PupilSheets sheets) {
    this.sheets = sheets;
    this.book = book;
    this.glances = glances;
    this.table = table;
    this.simulation = simulation;
    this.reteaching = reteaching;
    this.paper = paper;
  }

  /** Keeps answers as they are typed; tells of each that was not kept why. */
  @AnyClass
  @PutMapping("/{id}/answers")
  CellsView put(@PathVariable long id, @Valid @RequestBody CellsRequest request) {
    return book.put(id, request.cells());
  }

  @AnyClass
  @GetMapping("/{id}/glance")
  GlanceView glance(@PathVariable long id) {
    return glances.of(id);
  }

  @AnyClass
  @GetMapping(path = "/{id}/csv", produces = "text/csv; charset=UTF-8")
  String csv(@PathVariable long id) {
    return table.write(id);
  }

  @PostMapping("/{id}/csv")
  TableView read(@PathVariable long id, @Valid @RequestBody TableRequest request) {
    return table.read(id, request.table());
  }

  /** The marked handout as PDF: a list, or a small slip of paper for each pupil. */
  @AnyClass
  @GetMapping(path = "/{id}/paper", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] paper(
      @PathVariable long id,
      @RequestParam PaperKind kind,
      @RequestParam(defaultValue = "A4") PdfRequest.Size size) {
    return paper.pdf(id, kind, size);
  }

  /** The sheets of a handout to be filled in, a copy for each of its pupils, as PDF. */
  @PostMapping(path = "/{id}/sheets", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] sheets(@PathVariable long id, @RequestBody CopiesRequest request) {
    return sheets.pdf(id, request);
  }

  /** Has simulated pupils answer for all pupils without any answer. */
  @PostMapping("/{id}/simulated")
  CellsView simulate(@PathVariable long id, @RequestBody SimulatedRequest request) {
    return simulation.fill(id, request);
  }

  /** Makes a set for the group that shares a slip. */
  @PostMapping("/{id}/reteach")
  @ResponseStatus(HttpStatus.CREATED)
  SetView reteach(@PathVariable long id, @Valid @RequestBody ReteachRequest request) {
    return reteaching.make(
        id, request.slip(), request.pupils() == null ? List.of() : request.pupils());
  }
}
