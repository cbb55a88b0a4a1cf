package bemble.app.sets;

import bemble.app.export.SheetTable;
import bemble.app.json.Slice;
import bemble.app.sets.SetJson.ApartRequest;
import bemble.app.sets.SetJson.ApartView;
import bemble.app.sets.SetJson.DraftRequest;
import bemble.app.sets.SetJson.DraftView;
import bemble.app.sets.SetJson.EvenRequest;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SetEntry;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.sets.SetJson.SheetPreview;
import bemble.app.sets.SetJson.SheetRequest;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetJson.TypedRequest;
import bemble.app.sets.SetJson.TypedView;
import bemble.app.sets.SetJson.WorkloadView;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Sets: made, kept and changed, with the answers that slips give. */
@RestController
@RequestMapping("/api/sets")
class SetController {
  private final SetBook book;
  private final KeptSets kept;
  private final Drafts drafts;
  private final SetPrinter printer;
  private final SheetBook sheets;

  SetController(SetBook book, KeptSets kept, Drafts drafts, SetPrinter printer, SheetBook sheets) {
    this.sheets = sheets;
    this.book = book;
    this.kept = kept;
    this.drafts = drafts;
    this.printer = printer;
  }

  @PostMapping("/draft")
  DraftView draft(@Valid @RequestBody DraftRequest request) {
    return drafts.draft(request);
  }

  /** Changes sums until no number fact stands out; keeps nothing. */
  @PostMapping("/even")
  DraftView even(@Valid @RequestBody EvenRequest request) {
    return drafts.even(request);
  }

  /** Reads sums that were typed or pasted; keeps nothing. */
  @PostMapping("/typed")
  TypedView typed(@Valid @RequestBody TypedRequest request) {
    return drafts.typed(List.of(request.text().split("\\R", -1)));
  }

  /** The workload of sums that are not kept. */
  @PostMapping("/workload")
  WorkloadView workload(@RequestBody List<@Valid SumRequest> sums) {
    return drafts.workload(sums);
  }

  /** The slip key of sums that are not kept. */
  @PostMapping("/slip-key")
  List<KeyView> slipKey(@RequestBody List<@Valid SumRequest> sums) {
    return drafts.slipKey(sums);
  }

  /** Reads sums from a table of comma-separated values; keeps nothing. */
  @PostMapping(path = "/csv", consumes = "text/csv")
  TypedView csv(@RequestBody String table) {
    return drafts.typed(SetTable.sums(table));
  }

  /** The sums of a version with their answers, as comma-separated values. */
  @GetMapping(path = "/{id}/csv", produces = "text/csv")
  String csv(@PathVariable long id, @RequestParam(defaultValue = Versions.FIRST) String version) {
    return SetTable.write(kept.open(id, version).shown().sums());
  }

  /** A version as a file that {@link #read} takes again. */
  @GetMapping("/{id}/file")
  SetFile file(@PathVariable long id, @RequestParam(defaultValue = Versions.FIRST) String version) {
    return kept.file(id, version);
  }

  /** Keeps the set of a file. */
  @PostMapping("/read")
  @ResponseStatus(HttpStatus.CREATED)
  SetView read(@Valid @RequestBody SetFile file) {
    file.check();
    return book.keep(new SetRequest(file.title(), file.lines(), file.sums(), null));
  }

  @PostMapping(path = "/sheets", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] sheets(@Valid @RequestBody SheetRequest request) {
    return printer.pdf(request);
  }

  @PostMapping("/sheets/preview")
  SheetPreview preview(
      @Valid @RequestBody SheetRequest request, @RequestParam(defaultValue = "0") int page) {
    return printer.preview(request, page);
  }

  /** Where everything lies on the exercise sheet of that number, as its code names it. */
  @GetMapping("/sheets/{number}")
  SheetTable sheet(@PathVariable long number) {
    return sheets.table(number);
  }

  @PostMapping("/telling-apart")
  ApartView tellApart(@Valid @RequestBody ApartRequest request) {
    return drafts.tellApart(request);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  SetView keep(@Valid @RequestBody SetRequest request) {
    return book.keep(request);
  }

  @GetMapping
  Slice<SetEntry> search(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(defaultValue = "" + Long.MAX_VALUE) long before) {
    return book.search(search, before);
  }

  @GetMapping("/{id}")
  SetView open(@PathVariable long id, @RequestParam(defaultValue = Versions.FIRST) String version) {
    return kept.open(id, version);
  }

  @PutMapping("/{id}")
  SetView change(@PathVariable long id, @Valid @RequestBody SetRequest request) {
    return book.change(id, request);
  }

  @PostMapping("/{id}/versions")
  @ResponseStatus(HttpStatus.CREATED)
  SetView addVersion(@PathVariable long id) {
    return book.addVersion(id);
  }

  @GetMapping("/{id}/slip-key")
  List<KeyView> slipKey(
      @PathVariable long id, @RequestParam(defaultValue = Versions.FIRST) String version) {
    return kept.slipKey(id, version);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    book.delete(id);
  }

  /** Takes a deletion back. */
  @PostMapping("/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    book.restore(id);
  }
}
