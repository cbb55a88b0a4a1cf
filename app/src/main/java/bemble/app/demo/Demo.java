package bemble.app.demo;

import java.io.IOException;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Makes the demo once Bemble has started, where it is asked for. */
@Component
class Demo implements ApplicationRunner {
  private final boolean wanted;
  private final List<DemoPart> parts;

  /** The parts come in their order. */
  Demo(@Value("${bemble.demo}") boolean wanted, List<DemoPart> parts) {
    this.wanted = wanted;
    this.parts = parts;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (wanted) {
      for (DemoPart part : parts) {
        part.make();
      }
    }
  }
}
