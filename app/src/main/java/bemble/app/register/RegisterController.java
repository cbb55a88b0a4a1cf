package bemble.app.register;

import bemble.app.export.PdfRequest;
import bemble.app.register.RegisterJson.EvidenceView;
import bemble.app.register.RegisterJson.FirstSheetView;
import bemble.app.register.RegisterJson.LetterRequest;
import bemble.app.register.RegisterJson.LettersRequest;
import bemble.app.register.RegisterJson.PupilPage;
import bemble.app.register.RegisterJson.RegisterView;
import bemble.app.register.RegisterJson.StandingsRequest;
import bemble.problem.Operation;
import jakarta.validation.Valid;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The register of the current class. */
@RestController
@RequestMapping("/api/register")
class RegisterController {
  private final Register register;
  private final PupilPages pages;
  private final EvidenceBook evidence;
  private final FirstSheets firstSheets;

  RegisterController(
      Register register, PupilPages pages, EvidenceBook evidence, FirstSheets firstSheets) {
    this.register = register;
    this.pages = pages;
    this.evidence = evidence;
    this.firstSheets = firstSheets;
  }

  @GetMapping
  RegisterView view() {
    return register.view();
  }

  /** The register as a table: a row a pupil, a column a rung. */
  @GetMapping(path = "/csv", produces = "text/csv")
  String csv() {
    return RegisterTable.write(register.view());
  }

  /** The rungs of a first sheet, and how far each pupil was found to have come by few sums. */
  @GetMapping("/places")
  FirstSheetView places(@RequestParam Operation operation) {
    return firstSheets.of(operation);
  }

  /** Decides standings, or leaves them to the rules again; answers with the register. */
  @PutMapping("/standings")
  RegisterView decide(@Valid @RequestBody StandingsRequest request) {
    return register.decide(request.decisions());
  }

  /** Counts all evidence anew. */
  @PostMapping("/evidence")
  EvidenceView evidence() {
    return evidence.again();
  }

  @GetMapping("/pupils/{id}")
  PupilPage pupil(@PathVariable long id) {
    return pages.of(id);
  }

  /** The letter to the parents of a pupil. */
  @GetMapping(path = "/pupils/{id}/letter", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] letter(@PathVariable long id, @RequestParam(defaultValue = "A4") PdfRequest.Size size) {
    return pages.letter(id, size);
  }

  /** The letters to the parents of some pupils. */
  @PostMapping(path = "/letters", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] letters(
      @Valid @RequestBody LettersRequest request,
      @RequestParam(defaultValue = "A4") PdfRequest.Size size) {
    return pages.letters(request.pupils(), size);
  }

  /** A letter in the words of the teacher. */
  @PostMapping(path = "/pupils/{id}/letter", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] letter(
      @PathVariable long id,
      @Valid @RequestBody LetterRequest request,
      @RequestParam(defaultValue = "A4") PdfRequest.Size size) {
    return pages.letter(id, request.lines(), size);
  }
}
