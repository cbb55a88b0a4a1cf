package bemble.app.house;

import bemble.app.store.PupilMapper;
import bemble.app.store.PupilRow;
import bemble.app.store.UnclaimedRow;
import bemble.app.words.Sentences;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Pages that were worked under the name of a pupil before it was known whose they are. */
@Service
public class Claims {
  private static final int LONGEST_NAME = 60;

  private final PupilMapper mapper;
  private final Roll roll;
  private final TransactionOperations transactions;

  Claims(PupilMapper mapper, Roll roll, TransactionOperations transactions) {
    this.mapper = mapper;
    this.roll = roll;
    this.transactions = transactions;
  }

  /** Those under a present or former name of a pupil of the current class. */
  public List<UnclaimedView> open() {
    List<UnclaimedRow> unclaimed = mapper.unclaimed();
    if (unclaimed.isEmpty()) {
      return List.of();
    }
    Map<String, PupilRow> known = new HashMap<>();
    List<PupilRow> pupils = mapper.of(roll.currentClass());
    for (PupilRow pupil : pupils) {
      mapper.formerNames(pupil.id()).lines().forEach(name -> known.put(key(name), pupil));
    }
    // A name belongs to whoever has it now.
    pupils.forEach(pupil -> known.put(key(pupil.name()), pupil));
    List<UnclaimedView> views = new ArrayList<>();
    for (UnclaimedRow row : unclaimed) {
      PupilRow pupil = known.get(key(row.who()));
      if (pupil != null) {
        views.add(new UnclaimedView(pupil.id(), pupil.name(), row.who(), row.pages()));
      }
    }
    return views;
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  /**
   * Gives the pages under a name to a pupil, or notes that they are somebody else's; nothing where
   * that is not open any more.
   */
  public List<UnclaimedView> settle(long pupil, String who, boolean theirs) {
    List<UnclaimedView> open = open();
    if (open.stream().noneMatch(each -> each.pupil() == pupil && each.who().equals(who))) {
      return open;
    }
    transactions.executeWithoutResult(
        status -> {
          if (theirs) {
            mapper.claimAttempts(pupil, who);
            mapper.claimRuns(pupil, who);
          } else {
            String other = Sentences.of("roll.somebody-else", who);
            String kept = other.length() > LONGEST_NAME ? "" : other;
            mapper.renameAttempts(who, kept);
            mapper.renameRuns(who, kept);
          }
        });
    return open();
  }
}
