package bemble.app.marking;

import bemble.app.http.RefusedException;
import bemble.app.ladder.Ladders;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetWords;
import bemble.app.words.Sentences;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import bemble.practice.LessonPart;
import bemble.practice.SlipKey;
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
  private final Ladders ladders;

  Reteaching(Handouts handouts, SetBook book, Ladders ladders) {
    this.handouts = handouts;
    this.book = book;
    this.ladders = ladders;
  }

  /** Keeps a set for the group of a slip. */
  public SetView make(long id, String slipId) {
    Slip slip = Slip.find(slipId).orElseThrow(() -> RefusedException.of("no-such-slip", slipId));
    Marker marker = handouts.marker(handouts.find(id));
    List<Item> shown = new ArrayList<>();
    for (Item item : marker.like(id).items()) {
      if (shown.size() <= WORKED && shows(item, slip, marker)) {
        shown.add(item);
      }
    }
    if (shown.isEmpty()) {
      throw RefusedException.of("no-sums-for-slip");
    }
    List<SumRequest> sums = new ArrayList<>();
    for (Item item : shown) {
      LessonPart part = sums.isEmpty() ? LessonPart.SHOW : LessonPart.PRACTISE;
      String plain = WorkingWords.plain(item.problem());
      sums.add(new SumRequest(plain, item.method(), item.rung(), part));
    }
    return book.keep(new SetRequest(title(shown.get(0), marker), List.of(), sums, null));
  }

  private static boolean shows(Item item, Slip slip, Marker marker) {
    return SlipKey.of(item, marker.style()).wrong().values().stream()
        .anyMatch(slips -> slips.contains(slip.named()));
  }

  /** Pupils read the title on their sheets, so it names neither one of them nor the slip. */
  private String title(Item first, Marker marker) {
    SetWords words = new SetWords(marker.style(), ladders.current());
    String rung = first.rung();
    return Sentences.of("plan.reteach", rung.isEmpty() ? words.problem(first) : words.rung(rung));
  }
}
