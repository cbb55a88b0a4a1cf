package bemble.app.file;

import bemble.app.guard.AnyClass;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletResponse;
import java.io.InputStream;
import java.nio.file.Files;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All data as one file, and back. */
@RestController
@AnyClass
@RequestMapping("/api/backups")
class BackupController {
  private static final String ZIP = "application/zip";

  private final Backups backups;

  BackupController(Backups backups) {
    this.backups = backups;
  }

  /** The copies that Bemble has made by itself, the newest first. */
  @GetMapping
  List<CopyView> list() {
    return backups.list();
  }

  /** A backup of the present data. */
  @GetMapping(path = "/now", produces = ZIP)
  void now(HttpServletResponse response) {
    backups.now(
        zip -> {
          response.setContentType(ZIP);
          Files.copy(zip, response.getOutputStream());
        });
  }

  /** The contents of a copy, and of the data that it would replace. */
  @GetMapping("/{name}/look")
  LookView look(@PathVariable String name) {
    return backups.look(name);
  }

  /** The same of a backup. */
  @PostMapping(path = "/look", consumes = ZIP)
  @Operation(
      requestBody =
          @RequestBody(
              required = true,
              content =
                  @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary"))))
  LookView look(
      InputStream zip, @Parameter(hidden = true) @RequestHeader("Content-Length") long bytes) {
    return backups.look(zip, bytes);
  }

  /** Takes all pupils who were deleted since out of the copies. */
  @PostMapping("/forget")
  ForgottenView forget() {
    return backups.forget();
  }

  /** Replaces all that is kept by a backup; answers with the name of the copy made before. */
  @PostMapping(path = "/restore", consumes = ZIP)
  @Operation(
      requestBody =
          @RequestBody(
              required = true,
              content =
                  @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary"))))
  CopyView restore(
      InputStream zip,
      @RequestParam(defaultValue = "false") boolean forget,
      @Parameter(hidden = true) @RequestHeader("Content-Length") long bytes) {
    return backups.restore(zip, bytes, forget);
  }

  /** The same with one of the copies that Bemble has made. */
  @PostMapping("/{name}/restore")
  CopyView restore(
      @PathVariable String name, @RequestParam(defaultValue = "false") boolean forget) {
    return backups.restore(name, forget);
  }
}
