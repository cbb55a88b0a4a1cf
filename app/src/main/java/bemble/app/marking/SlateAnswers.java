package bemble.app.marking;

import bemble.app.refusal.RefusedException;
import bemble.app.slate.AttemptBin;
import bemble.app.slate.Attempts;
import bemble.app.slate.HandedIn;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Outcome;
import bemble.judge.Judge;
import bemble.slip.Slip;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;

/**
 * Fills answers in from pages of the Slate: a page that was typed in for a place goes there, any
 * other page of a pupil to the newest open place of its sum.
 */
@Component
class SlateAnswers {
  private static final Logger LOG = LoggerFactory.getLogger(SlateAnswers.class);

  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final Attempts attempts;
  private final AttemptBin bin;
  private final SaidSlips said;
  private final Clock clock;
  private final TransactionOperations transactions;

  SlateAnswers(
      HandoutMapper mapper,
      Handouts handouts,
      Attempts attempts,
      AttemptBin bin,
      SaidSlips said,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.attempts = attempts;
    this.bin = bin;
    this.said = said;
    this.clock = clock;
    this.transactions = transactions;
  }

  @EventListener
  void fill(HandedIn page) {
    fill(page.attempt());
  }

  /** Fills in what an earlier Bemble has left when it was killed. */
  @EventListener(ServletWebServerInitializedEvent.class)
  void fillWhatIsDue() {
    for (long attempt : mapper.due()) {
      try {
        transactions.executeWithoutResult(
            status -> {
              fill(attempt);
              mapper.done(attempt);
            });
      } catch (RuntimeException e) {
        LOG.error("Attempt {} does not fill an answer in", attempt, e);
      }
    }
  }

  private void fill(long attempt) {
    mapper
        .typedInFor(attempt)
        .ifPresentOrElse(
            place -> fill(attempt, place, true),
            () -> mapper.openFor(attempt).ifPresent(place -> fill(attempt, place, false)));
    try {
      said.noteOf(attempt);
    } catch (RuntimeException e) {
      // It is looked at again within a minute; the page is handed in all the same.
      LOG.error("Attempt {} is not diagnosed", attempt, e);
    }
  }

  private void fill(long attempt, FillingRow place, boolean typedIn) {
    // An answer may have been typed there since the place was seen to be open.
    if (!typedIn && mapper.answer(place.handoutId(), place.pupilId(), place.number()).isPresent()) {
      return;
    }
    answer(attempt, place)
        .ifPresent(
            row -> {
              mapper
                  .pageFromPaper(place.handoutId(), place.pupilId(), place.number())
                  .ifPresent(bin::delete);
              mapper.fill(attempt, place, row, Judge.VERSION, OffsetDateTime.now(clock));
            });
  }

  /** The answer of a page; empty where a grid could not hold its text, whatever hinders it. */
  private Optional<AnswerRow> answer(long attempt, FillingRow place) {
    try {
      Marker marker = handouts.marker(handouts.find(place.handoutId()));
      String typed = attempts.answer(attempt).map(marker::typed).orElse(Marker.BLANK);
      AnswerSpace given = marker.given(place.number(), typed);
      Outcome outcome = marker.outcome(place.number(), given);
      String slip = outcome == Outcome.WRONG ? slip(place, marker, given).orElse(null) : null;
      return Optional.of(
          new AnswerRow(place.pupilId(), place.number(), typed, outcome.name(), slip, false));
    } catch (RefusedException e) {
      LOG.info(
          "The answer of attempt {} does not go into its handout: {}", attempt, e.getMessage());
    } catch (RuntimeException e) {
      LOG.error("Attempt {} does not fill an answer in", attempt, e);
    }
    return Optional.empty();
  }

  /** The slip that the judge saw on the page, otherwise one that gives the answer. */
  private static Optional<String> slip(FillingRow place, Marker marker, AnswerSpace given) {
    return place.slip().isEmpty()
        ? marker.slips(place.number(), given).stream().findFirst().map(Slip::id)
        : Optional.of(place.slip());
  }
}
