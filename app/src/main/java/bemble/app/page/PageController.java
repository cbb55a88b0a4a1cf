package bemble.app.page;

import bemble.app.guard.AnyClass;
import bemble.app.json.Slice;
import jakarta.validation.Valid;
import org.springframework.http.HttpStatus;
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

/** The Workbook's pages. */
@RestController
@RequestMapping("/api/pages")
class PageController {
  private final Pages pages;

  PageController(Pages pages) {
    this.pages = pages;
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  PageView keep(@Valid @RequestBody KeepRequest request) {
    return pages.keep(request);
  }

  @GetMapping
  Slice<PageView.Entry> search(
      @RequestParam(defaultValue = "") String search,
      @RequestParam(defaultValue = "" + Long.MAX_VALUE) long before) {
    return pages.search(search, before);
  }

  @AnyClass
  @GetMapping("/{id}")
  PageView open(@PathVariable long id) {
    return pages.open(id);
  }

  @AnyClass
  @PutMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void rename(@PathVariable long id, @Valid @RequestBody RenameRequest request) {
    pages.rename(id, request);
  }

  @AnyClass
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void delete(@PathVariable long id) {
    pages.delete(id);
  }

  /** Takes a deletion back. */
  @AnyClass
  @PostMapping("/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    pages.restore(id);
  }
}
