package bemble.app.marking;

import bemble.app.store.AnswerRow;
import bemble.app.store.HandoutMapper;
import bemble.diagnosis.AnswerSpace;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Notes with each answer the slip that the diagnosis of all answers of the pupil says. One answer
 * that equals what a slip gives says nothing: many careless answers do.
 */
@Component
class SaidSlips {
  private static final Logger LOG = LoggerFactory.getLogger(SaidSlips.class);

  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final TransactionOperations transactions;

  SaidSlips(HandoutMapper mapper, Handouts handouts, TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.transactions = transactions;
  }

  /** Notes it for the answers of a pupil to a handout, within the transaction that changed them. */
  void note(long handout, long pupil, Marker marker) {
    List<AnswerSpace> given = marker.row(mapper.answersOf(handout, pupil));
    mapper.sayNothing(handout, pupil);
    marker.said(given).forEach((number, slip) -> mapper.say(handout, pupil, number, slip.id()));
  }

  /**
   * Looks at answers of an older Bemble, or from a file: handout by handout, so that others are not
   * held up.
   */
  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
  void catchUp() {
    for (long handout : mapper.undiagnosed()) {
      try {
        transactions.executeWithoutResult(status -> note(handout));
      } catch (RuntimeException e) {
        LOG.error("The answers to handout {} are not diagnosed", handout, e);
      }
    }
  }

  /** Notes it for all pupils of a handout. */
  void note(long handout) {
    Marker marker = handouts.marker(handouts.find(handout));
    mapper.answers(handout).stream()
        .map(AnswerRow::pupilId)
        .distinct()
        .forEach(pupil -> note(handout, pupil, marker));
  }
}
