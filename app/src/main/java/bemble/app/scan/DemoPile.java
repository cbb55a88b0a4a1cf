package bemble.app.scan;

import bemble.app.marking.Handouts;
import bemble.app.scan.ScanQueue.Received;
import bemble.app.scan.StandIn.StandInRequest;
import java.io.ByteArrayInputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Has a pile of filled sheets come in where the demo asks for it, which is made up like the rest.
 */
@Component
class DemoPile {
  private static final Logger LOG = LoggerFactory.getLogger(DemoPile.class);
  private static final long SEED = 12;
  private static final int PUPILS = 8;
  private static final String NAME = "made-up-sheets.pdf";

  private final boolean wanted;
  private final Handouts handouts;
  private final StandIn standIn;
  private final ScanQueue queue;

  DemoPile(
      @Value("${bemble.demo-pile}") boolean wanted,
      Handouts handouts,
      StandIn standIn,
      ScanQueue queue) {
    this.wanted = wanted;
    this.handouts = handouts;
    this.standIn = standIn;
    this.queue = queue;
  }

  /** Reads the pile after everything that somebody waits for, since it takes a while. */
  @EventListener(ApplicationReadyEvent.class)
  void comeIn() {
    if (wanted) {
      Thread thread = new Thread(this::make, "demo-pile");
      thread.setPriority(Thread.MIN_PRIORITY);
      thread.setDaemon(true);
      thread.start();
    }
  }

  private void make() {
    handouts.list(Long.MAX_VALUE).entries().stream()
        .filter(entry -> entry.answers() == 0)
        .findFirst()
        .ifPresent(entry -> make(entry.id()));
  }

  private void make(long handout) {
    try {
      byte[] pile = standIn.pile(handout, new StandInRequest(SEED, false, true, PUPILS));
      queue.begin(new Received(handout, NAME, false), new ByteArrayInputStream(pile));
    } catch (RuntimeException e) {
      LOG.error("No pile of sheets waits in the demo", e);
    }
  }
}
