package bemble.app.slate;

import bemble.app.ladder.Ladders;
import bemble.app.refusal.RefusedException;
import bemble.ladder.Ladder;
import bemble.method.Sum;
import bemble.practice.Alike;
import bemble.practice.Item;
import java.security.SecureRandom;
import java.util.Random;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Pages that come of a page that is handed in: its check, the same mended, another like it. */
@Service
class NextPages {
  /** Sums that one like another is chosen from: some may not suit its method. */
  private static final int DRAWN = 12;

  private final Random seeds = new SecureRandom();
  private final AttemptMapper mapper;
  private final Attempts attempts;
  private final OpenPages pages;
  private final AttemptStarter starter;
  private final Ladders ladders;
  private final TransactionOperations transactions;

  NextPages(
      AttemptMapper mapper,
      Attempts attempts,
      OpenPages pages,
      AttemptStarter starter,
      Ladders ladders,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.attempts = attempts;
    this.pages = pages;
    this.starter = starter;
    this.ladders = ladders;
    this.transactions = transactions;
  }

  /** Begins the check of a page that is handed in: a second sum with its writer's answer. */
  AttemptView check(long id) {
    return attempts.open(
        pages.with(id, page -> starter.checkOf(id).orElseGet(() -> starter.beginCheck(id, page))));
  }

  /** Begins a new page with everything that stands on a handed-in page, which stays as it is. */
  AttemptView mend(long id) {
    long mended =
        pages.with(
            id,
            page -> {
              Sum sum = handedIn(page);
              Origin origin = Origin.mending(id, page.checkOf());
              return transactions.execute(
                  status -> {
                    long anew =
                        starter.begin(
                            sum, page.writer(), page.settingOut(), page.telling(), origin);
                    mapper.copyStrokes(id, anew);
                    return anew;
                  });
            });
    return attempts.open(mended);
  }

  /** Begins a page of the same kind for another sum like that of a page that is handed in. */
  AttemptView like(long id) {
    long other =
        pages.with(
            id,
            page -> {
              Sum sum = like(handedIn(page));
              Origin origin = Origin.NONE;
              return starter.begin(sum, page.writer(), page.settingOut(), page.telling(), origin);
            });
    return attempts.open(other);
  }

  /** The sum of a page that may be followed by another; refused before it is handed in. */
  private static Sum handedIn(OpenPage page) {
    if (!page.isEnded()) {
      throw RefusedException.of("not-handed-in-yet");
    }
    Attempts.refuseSilent(page);
    return page.slate().sum();
  }

  private Sum like(Sum sum) {
    Ladder ladder = ladders.current().ladder();
    Item item = Item.of(sum.problem(), sum.method().id(), "").placed(ladder);
    return Alike.draw(item, ladder, DRAWN, seeds.nextLong()).stream()
        .findFirst()
        .map(like -> like.sum(sum.style()))
        .orElseThrow(() -> RefusedException.of("no-sum-like-it"));
  }
}
