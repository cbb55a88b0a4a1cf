package bemble.app.export;

import bemble.app.working.SumRef;
import bemble.app.working.WorkingView;
import bemble.app.working.Workings;
import jakarta.validation.Valid;
import java.util.Objects;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pages as files, and files as pages. */
@RestController
@RequestMapping("/api/exports")
class ExportController {
  private final Exports exports;
  private final Workings workings;

  ExportController(Exports exports, Workings workings) {
    this.exports = exports;
    this.workings = workings;
  }

  @PostMapping(path = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  byte[] pdf(@Valid @RequestBody PdfRequest request) {
    return exports.pdf(request);
  }

  @PostMapping(path = "/svg", produces = "image/svg+xml")
  String svg(@RequestBody SumRef request, @RequestParam(defaultValue = "0") int step) {
    return exports.svg(request, step);
  }

  /** The page of a sum as a file that {@link #read} takes again. */
  @PostMapping("/page")
  PageFile page(@RequestBody SumRef request) {
    SumRef sum = workings.work(request).sum().sum();
    return new PageFile(
        PageFile.FORMAT,
        PageFile.VERSION,
        sum.plain(),
        Objects.requireNonNull(sum.method()),
        sum.style(),
        null,
        null);
  }

  /** Reads a page file; keeps nothing. */
  @PostMapping("/read")
  PageFileView read(@RequestBody PageFile file) {
    file.check();
    WorkingView working = workings.work(new SumRef(file.problem(), file.method(), file.style()));
    return new PageFileView(
        file.title() == null ? "" : file.title(), file.note() == null ? "" : file.note(), working);
  }
}
