package bemble.app.slate;

import bemble.app.file.Deletions;
import bemble.app.refusal.RefusedException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Deletes attempts and brings them back; an answer in a grid stays, without its page. */
@Service
public class AttemptBin {
  private final AttemptMapper mapper;
  private final AttemptReader reader;
  private final OpenPages pages;
  private final Deletions deletions;
  private final ApplicationEventPublisher events;
  private final TransactionOperations transactions;

  AttemptBin(
      AttemptMapper mapper,
      AttemptReader reader,
      OpenPages pages,
      Deletions deletions,
      ApplicationEventPublisher events,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.reader = reader;
    this.pages = pages;
    this.deletions = deletions;
    this.events = events;
    this.transactions = transactions;
  }

  public void delete(long id) {
    if (reader.find(id).runId() != null) {
      throw RefusedException.of("of-a-run");
    }
    transactions.executeWithoutResult(
        status -> {
          deletions.delete(mapper, id, AttemptReader::missing);
          mapper.leaveAnswer(id);
        });
    pages.forget(id);
    events.publishEvent(new PageDeleted(id));
  }

  void restore(long id) {
    transactions.executeWithoutResult(
        status -> {
          deletions.restore(mapper, id, AttemptReader::missing);
          mapper.takeAnswerBack(id);
        });
    events.publishEvent(new PageDeleted(id));
  }
}
