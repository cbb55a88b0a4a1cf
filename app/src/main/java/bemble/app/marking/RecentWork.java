package bemble.app.marking;

import bemble.app.house.Classes;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.words.SlipIds;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Lately;
import bemble.diagnosis.Reply;
import bemble.diagnosis.Work;
import bemble.practice.Item;
import bemble.slip.Slip;
import bemble.style.Style;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The recent work of pupils, read for the diagnosis. */
@Component
class RecentWork {
  private static final int KEPT_SUMS = 4000;
  private static final int KEPT_STYLES = 6;

  private final RecentMapper mapper;
  private final Drafts drafts;
  private final Classes classes;
  private final Cache<SumRequest, Item> items =
      Caffeine.newBuilder().maximumSize(KEPT_SUMS).build();
  private final Cache<Style, Lately> lately =
      Caffeine.newBuilder().maximumSize(KEPT_STYLES).build();

  RecentWork(RecentMapper mapper, Drafts drafts, Classes classes) {
    this.mapper = mapper;
    this.drafts = drafts;
    this.classes = classes;
  }

  /** The work of one pupil: the rows, and in the same order what they are for the diagnosis. */
  record OfPupil(List<RecentRow> rows, List<Work> works) {
    /** A pupil without readable work. */
    static final OfPupil NONE = new OfPupil(List.of(), List.of());
  }

  /** Tells what work in the conventions of a class says. */
  Lately lately(long classId) {
    return lately.get(classes.style(classId), Lately::new);
  }

  /** The work of a pupil of a class between two days. */
  OfPupil of(long classId, long pupil, LocalDate from, LocalDate to) {
    return read(mapper.of(pupil, from, to), classes.style(classId));
  }

  /** The work of everybody who was given a handout, until its day, by pupil. */
  Map<Long, OfPupil> upTo(long classId, long handout, LocalDate day) {
    Style style = classes.style(classId);
    Map<Long, OfPupil> all = new LinkedHashMap<>();
    mapper.ofAll(handout, day.minusDays(Lately.DAYS), day).stream()
        .collect(Collectors.groupingBy(RecentRow::pupilId, LinkedHashMap::new, Collectors.toList()))
        .forEach((pupil, rows) -> all.put(pupil, read(rows, style)));
    return all;
  }

  private OfPupil read(List<RecentRow> rows, Style style) {
    List<RecentRow> readable = new ArrayList<>();
    List<Work> works = new ArrayList<>();
    for (RecentRow row : rows) {
      Optional<Item> item = item(row);
      if (item.isPresent()) {
        readable.add(row);
        works.add(new Work(row.workedOn(), item.get(), space(row, item.get(), style)));
      }
    }
    return new OfPupil(readable, works);
  }

  /** A sum that this Bemble cannot read any more tells nothing. */
  private Optional<Item> item(RecentRow row) {
    String method = row.method().isEmpty() ? null : row.method();
    SumRequest sum = new SumRequest(row.plain(), method, row.rung(), null);
    try {
      return Optional.of(items.get(sum, drafts::item));
    } catch (RuntimeException e) {
      return Optional.empty();
    }
  }

  /** A page tells more than its answer; what a teacher has named counts as seen. */
  private static AnswerSpace space(RecentRow row, Item item, Style style) {
    List<Slip> seen =
        SlipIds.slips(row.slip() == null ? "" : row.slip()).stream()
            .filter(slip -> !slip.isOfFacts())
            .toList();
    if (row.overruled()) {
      return seen.isEmpty() ? new AnswerSpace.LeftOut() : new AnswerSpace.Seen(Set.copyOf(seen));
    }
    if (row.judged()) {
      return new AnswerSpace.Seen(Set.copyOf(seen));
    }
    Optional<AnswerSpace> word = Marker.word(row.given());
    if (word.isPresent()) {
      return word.get();
    }
    boolean isAnswer = Reply.fault(row.given(), item.problem().operation(), style).isEmpty();
    return isAnswer
        ? new AnswerSpace.Answered(Reply.read(row.given(), style))
        : new AnswerSpace.LeftOut();
  }
}
