package bemble.app.room;

import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.MissingException;
import bemble.app.room.RoomJson.RoomSummary;
import bemble.app.room.RoomJson.SharedByPages;
import bemble.app.room.RoomJson.WrittenPages;
import bemble.app.room.RoomJson.WrittenSum;
import bemble.app.sets.SetWords;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.method.Sum;
import bemble.slip.Slips;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Sums a room up once it is closed. */
@Component
class RoomEnd {
  /**
   * The least number of pages of a slip before it is told: one page alone says nothing of a child.
   */
  private static final long PAGES_THAT_TELL = 2;

  private static final int FEWEST_TO_SHARE = 2;

  private final RoomMapper mapper;
  private final Classes classes;
  private final Ladders ladders;
  private final Sums sums;

  RoomEnd(RoomMapper mapper, Classes classes, Ladders ladders, Sums sums) {
    this.mapper = mapper;
    this.classes = classes;
    this.ladders = ladders;
    this.sums = sums;
  }

  RoomSummary of(long id) {
    RoomRow row = mapper.find(id).orElseThrow(() -> new MissingException("room"));
    Style style = classes.style(row.classId());
    List<WrittenPageRow> written = mapper.written(id);
    Map<Long, List<WrittenPageRow>> pages = by(WrittenPageRow::pupilId, written);
    List<WrittenSum> worked =
        by(page -> new SumRef(page.plain(), page.method(), style), written).entrySet().stream()
            .map(each -> summed(each.getKey(), each.getValue()))
            .toList();
    List<WrittenPages> pupils = pages.values().stream().map(RoomEnd::summed).toList();
    return new RoomSummary(id, row.openedAt(), row.closedAt(), worked, pupils, shared(row, pages));
  }

  private static <K> Map<K, List<WrittenPageRow>> by(
      Function<WrittenPageRow, K> key, List<WrittenPageRow> pages) {
    return pages.stream()
        .collect(Collectors.groupingBy(key, LinkedHashMap::new, Collectors.toList()));
  }

  private WrittenSum summed(SumRef ref, List<WrittenPageRow> pages) {
    Sum sum = sums.read(ref);
    return new WrittenSum(
        WorkingWords.of(sum.style()).problem(sum.problem()),
        pages.size(),
        count(pages, WrittenPageRow::handedIn),
        count(pages, WrittenPageRow::isRight));
  }

  private static int count(List<WrittenPageRow> pages, Predicate<WrittenPageRow> which) {
    return (int) pages.stream().filter(which).count();
  }

  private static WrittenPages summed(List<WrittenPageRow> pages) {
    WrittenPageRow first = pages.get(0);
    return new WrittenPages(
        first.pupilId(),
        first.number(),
        first.name(),
        pages.size(),
        count(pages, WrittenPageRow::handedIn),
        count(pages, WrittenPageRow::isRight),
        count(pages, WrittenPageRow::shown));
  }

  private List<SharedByPages> shared(RoomRow room, Map<Long, List<WrittenPageRow>> pages) {
    Map<String, List<Long>> pupils = new TreeMap<>();
    pages.forEach(
        (pupil, written) ->
            written.stream()
                .filter(page -> page.handedIn() && !page.slipId().isEmpty())
                .collect(Collectors.groupingBy(WrittenPageRow::slipId, Collectors.counting()))
                .forEach(
                    (slip, times) -> {
                      if (times >= PAGES_THAT_TELL) {
                        pupils.computeIfAbsent(slip, any -> new ArrayList<>()).add(pupil);
                      }
                    }));
    SetWords words = new SetWords(classes.style(room.classId()), ladders.of(room.classId()));
    List<SharedByPages> shared = new ArrayList<>();
    pupils.forEach(
        (id, of) -> {
          if (of.size() >= FEWEST_TO_SHARE) {
            Slips.find(id)
                .ifPresent(slip -> shared.add(new SharedByPages(id, words.slip(slip).name(), of)));
          }
        });
    return shared;
  }
}
