package bemble.app.marking;

import bemble.app.house.PupilGroups;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.KeptSets;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetWords;
import bemble.app.sets.Versions;
import bemble.app.words.Sentences;
import bemble.app.words.SlipIds;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import bemble.practice.LessonPart;
import bemble.practice.SlipKey;
import bemble.practice.TellingApart;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Service;

/** Makes a set for a group that shares a slip: one sum to show, four to work. */
@Service
public class Reteaching {
  private static final int WORKED = 4;

  private final Handouts handouts;
  private final SetBook book;
  private final KeptSets kept;
  private final Ladders ladders;
  private final PupilGroups groups;

  Reteaching(Handouts handouts, SetBook book, KeptSets kept, Ladders ladders, PupilGroups groups) {
    this.groups = groups;
    this.handouts = handouts;
    this.book = book;
    this.kept = kept;
    this.ladders = ladders;
  }

  /**
   * Keeps a set for pupils who share a slip, and the pupils as a group; returns the earlier set if
   * there is one.
   */
  public SetView make(long id, String slipId, List<Long> pupils) {
    SetView set =
        groups
            .setOf(id, slipId)
            .map(known -> kept.open(known, Versions.FIRST))
            .orElseGet(() -> fresh(id, slipId));
    if (!pupils.isEmpty()) {
      HandoutRow handout = handouts.find(id);
      SetWords words = handouts.marker(handout).words();
      String name = SlipLabels.of(SlipIds.slips(slipId), words).name();
      groups.keep(
          new PupilGroups.OfSlip(handout.classId(), handout.id(), slipId), name, pupils, set.id());
    }
    return set;
  }

  private SetView fresh(long id, String slipId) {
    List<Slip> slips = SlipIds.slips(slipId);
    if (slips.isEmpty()) {
      throw RefusedException.of("no-such-slip", "slip", slipId);
    }
    Marker marker = handouts.marker(handouts.find(id));
    List<Item> shown =
        slips.size() > 1 ? deciding(slips, id, marker) : showing(slips.get(0), id, marker);
    if (shown.isEmpty()) {
      throw RefusedException.of("no-sums-for-slip");
    }
    List<SumRequest> sums = new ArrayList<>();
    for (Item item : shown) {
      boolean isShown = sums.isEmpty() && slips.size() == 1;
      LessonPart part = isShown ? LessonPart.SHOW : LessonPart.PRACTISE;
      String plain = WorkingWords.plain(item.problem());
      sums.add(new SumRequest(plain, item.method(), item.rung(), part));
    }
    return book.keep(new SetRequest(title(shown.get(0), marker), List.of(), sums, null));
  }

  /** One sum to show and four to work; the slip would show in all of them. */
  private static List<Item> showing(Slip slip, long seed, Marker marker) {
    return marker.like(seed).items().stream()
        .filter(item -> shows(item, slip, marker))
        .limit(WORKED + 1L)
        .toList();
  }

  /** Sums whose answers tell which of some slips is made. */
  private static List<Item> deciding(List<Slip> slips, long seed, Marker marker) {
    return TellingApart.among(marker.like(seed).items(), slips, marker.style()).items();
  }

  private static boolean shows(Item item, Slip slip, Marker marker) {
    return SlipKey.of(item, marker.style()).wrong().values().stream()
        .anyMatch(slips -> slips.contains(slip.named()));
  }

  /** Pupils read the title on their sheets, so it names neither one of them nor the slip. */
  private String title(Item first, Marker marker) {
    SetWords words = new SetWords(marker.style(), ladders.current());
    String rung = first.rung();
    return Sentences.of(
        "plan.reteach", "rung", rung.isEmpty() ? words.problem(first) : words.rung(rung));
  }
}
