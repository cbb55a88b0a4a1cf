package bemble.app.house;

import bemble.app.words.Sentences;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
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

  /** The pages under a present or former name of a pupil of the current class. */
  public List<UnclaimedView> open() {
    List<UnclaimedRow> unclaimed = mapper.unclaimed();
    if (unclaimed.isEmpty()) {
      return List.of();
    }
    Map<String, Set<PupilRow>> known = new HashMap<>();
    List<PupilRow> pupils = mapper.of(roll.currentClass());
    pupils.forEach(pupil -> learn(known, pupil.name(), pupil));
    for (PupilRow pupil : pupils) {
      mapper.formerNames(pupil.id()).lines().forEach(name -> learn(known, name, pupil));
    }
    List<UnclaimedView> views = new ArrayList<>();
    for (UnclaimedRow row : unclaimed) {
      Set<PupilRow> those = known.get(key(row.who()));
      if (those != null) {
        views.add(new UnclaimedView(row.who(), row.pages(), Roll.entries(List.copyOf(those))));
      }
    }
    return views;
  }

  private static void learn(Map<String, Set<PupilRow>> known, String name, PupilRow pupil) {
    known.computeIfAbsent(key(name), unknown -> new LinkedHashSet<>()).add(pupil);
  }

  private static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }

  /**
   * Gives the pages under a name to a pupil, or notes that they are a stranger's; does nothing if
   * that is settled already.
   *
   * @param pupil null for a stranger
   */
  public List<UnclaimedView> settle(String who, @Nullable Long pupil) {
    List<UnclaimedView> open = open();
    if (open.stream().noneMatch(each -> each.who().equals(who) && canBe(each, pupil))) {
      return open;
    }
    transactions.executeWithoutResult(
        status -> {
          if (pupil != null) {
            mapper.claimAttempts(pupil, who);
            mapper.claimRuns(pupil, who);
          } else {
            String other = Sentences.of("roll.somebody-else", "name", who);
            String kept = other.length() > LONGEST_NAME ? "" : other;
            mapper.renameAttempts(who, kept);
            mapper.renameRuns(who, kept);
          }
        });
    return open();
  }

  private static boolean canBe(UnclaimedView pages, @Nullable Long pupil) {
    return pupil == null || pages.pupils().stream().anyMatch(each -> each.id() == pupil);
  }
}
