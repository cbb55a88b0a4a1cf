package bemble.app.extract;

import bemble.app.guard.AnyClass;
import bemble.app.guard.TakesFile;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A class or a pupil as a file, to be read in elsewhere. */
@RestController
@RequestMapping("/api/extracts")
class ExtractController {
  private static final String FILE = "application/octet-stream";

  private final Extracts extracts;

  ExtractController(Extracts extracts) {
    this.extracts = extracts;
  }

  @AnyClass
  @GetMapping("/classes/{id}")
  Extract ofClass(@PathVariable long id) {
    return extracts.take(Extract.Kind.CLASS, id);
  }

  @AnyClass
  @GetMapping("/pupils/{id}")
  Extract ofPupil(@PathVariable long id) {
    return extracts.take(Extract.Kind.PUPIL, id);
  }

  /** Reads an extract in: a class beside the others, a pupil into the current class. */
  @PostMapping(path = "/read", consumes = FILE, produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseStatus(HttpStatus.CREATED)
  @TakesFile
  ExtractView read(@RequestBody byte[] file) {
    return extracts.read(file);
  }
}
