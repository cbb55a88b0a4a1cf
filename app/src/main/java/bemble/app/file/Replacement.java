package bemble.app.file;

import bemble.app.http.Epoch;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/** Tells everybody that what they have read or remember of the data is no longer what is kept. */
@Component
class Replacement {
  private final Epoch epoch;
  private final ApplicationEventPublisher events;

  Replacement(Epoch epoch, ApplicationEventPublisher events) {
    this.epoch = epoch;
    this.events = events;
  }

  void tell() {
    epoch.next();
    events.publishEvent(new DataReplaced());
  }
}
