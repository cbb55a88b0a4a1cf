package bemble.app.about;

import bemble.app.file.DataFile;
import bemble.app.guard.AnyClass;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.info.BuildProperties;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Which Bemble this is, and its end. */
@RestController
@RequestMapping("/api")
@AnyClass
class AboutController {
  private final BuildProperties build;
  private final DataFile file;
  private final ConfigurableApplicationContext bemble;

  AboutController(BuildProperties build, DataFile file, ConfigurableApplicationContext bemble) {
    this.build = build;
    this.file = file;
    this.bemble = bemble;
  }

  /**
   * A Bemble.
   *
   * @param data where everything is kept
   * @param id by which a second start knows that it has the same data file open
   */
  record AboutView(String version, String data, String id) {}

  @GetMapping("/about")
  AboutView about() {
    return new AboutView(build.getVersion(), file.path().toString(), file.id());
  }

  /** Ends it once this is answered: everything is kept and sealed. */
  @PostMapping("/quit")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void quit() {
    new Thread(() -> SpringApplication.exit(bemble), "quit").start();
  }
}
