package bemble.app.file;

import bemble.app.guard.Epoch;
import bemble.app.table.Changes;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Tells everybody that the data was replaced, so that cached values are stale. */
@Component
class Replacement {
  private final Epoch epoch;
  private final Changes changes;
  private final ApplicationEventPublisher events;

  Replacement(Epoch epoch, Changes changes, ApplicationEventPublisher events) {
    this.epoch = epoch;
    this.changes = changes;
    this.events = events;
  }

  void tell() {
    epoch.next();
    changes.note();
    events.publishEvent(new DataReplaced());
  }
}
