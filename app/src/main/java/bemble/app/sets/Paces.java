package bemble.app.sets;

import bemble.app.house.Classes;
import bemble.app.refusal.RefusedException;
import bemble.app.slate.AttemptMapper;
import bemble.app.slate.TimedRow;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.demand.DemandReader;
import bemble.practice.Pace;
import bemble.style.Style;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** How long a class takes for its sums, measured from the pages that its pupils have written. */
@Service
public class Paces {
  private static final Logger LOG = LoggerFactory.getLogger(Paces.class);

  /** The latest pages: a class gets faster. */
  private static final int MOST = 60;

  private static final double MILLIS = 1000;

  private final AttemptMapper attempts;
  private final Sums sums;
  private final Classes classes;

  Paces(AttemptMapper attempts, Sums sums, Classes classes) {
    this.attempts = attempts;
    this.sums = sums;
    this.classes = classes;
  }

  /** The pace of the current class. */
  Pace current() {
    return classes.current().map(this::of).orElse(Pace.ESTIMATE);
  }

  /** The pace of a class. */
  public Pace of(long classId) {
    Style style = classes.style(classId);
    List<Pace.Timed> timed =
        attempts.times(classId, MOST).stream().flatMap(row -> timed(row, style).stream()).toList();
    return Pace.of(timed);
  }

  /** Empty for a bad record. */
  private Optional<Pace.Timed> timed(TimedRow row, Style style) {
    try {
      int estimated =
          DemandReader.of(sums.read(new SumRef(row.plain(), row.method(), style)).work()).seconds();
      return Optional.of(new Pace.Timed(Math.max(1, estimated), row.millis() / MILLIS));
    } catch (RefusedException e) {
      LOG.error("The sum of an attempt cannot be read: {}", row.plain(), e);
      return Optional.empty();
    }
  }
}
