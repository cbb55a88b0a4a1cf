package bemble.app.marking;

import bemble.app.http.RefusedException;
import bemble.app.marking.MarkingJson.SlipGroup;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.store.HandoutMapper;
import bemble.app.store.PupilRow;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import bemble.practice.LessonPart;
import bemble.practice.SlipKey;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Makes a set for a group that shares a slip: one sum to show, four to work. */
@Service
public class Reteaching {
  private static final int WORKED = 4;
  private static final int LONGEST_TITLE = 120;

  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final Glances glances;
  private final SetBook book;

  Reteaching(HandoutMapper mapper, Handouts handouts, Glances glances, SetBook book) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.glances = glances;
    this.book = book;
  }

  /** Keeps a set for the group of a slip, with the names of the group in its title. */
  public SetView make(long id, String slipId) {
    Slip slip = Slip.find(slipId).orElseThrow(() -> RefusedException.of("no-such-slip", slipId));
    Marker marker = handouts.marker(handouts.find(id));
    List<SumRequest> sums = new ArrayList<>();
    for (Item item : marker.like(id).items()) {
      if (sums.size() <= WORKED && shows(item, slip, marker)) {
        LessonPart part = sums.isEmpty() ? LessonPart.SHOW : LessonPart.PRACTISE;
        String plain = WorkingWords.plain(item.problem());
        sums.add(new SumRequest(plain, item.method(), item.rung(), part));
      }
    }
    if (sums.isEmpty()) {
      throw RefusedException.of("no-sums-for-slip");
    }
    return book.keep(new SetRequest(title(id, slip, marker), List.of(), sums, null));
  }

  private static boolean shows(Item item, Slip slip, Marker marker) {
    return SlipKey.of(item, marker.style()).wrong().values().stream()
        .anyMatch(slips -> slips.contains(slip.named()));
  }

  private String title(long id, Slip slip, Marker marker) {
    Map<Long, String> names =
        mapper.pupils(id).stream().collect(Collectors.toMap(PupilRow::id, PupilRow::name));
    String group =
        glances.of(id).groups().stream()
            .filter(each -> each.slip().id().equals(slip.named().id()))
            .map(SlipGroup::pupils)
            .flatMap(List::stream)
            .map((Function<Long, String>) names::get)
            .collect(Collectors.joining(", "));
    String title = marker.label(slip).name() + (group.isEmpty() ? "" : ": " + group);
    String first = title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1);
    return first.length() > LONGEST_TITLE ? first.substring(0, LONGEST_TITLE - 1) + "…" : first;
  }
}
