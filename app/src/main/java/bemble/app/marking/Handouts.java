package bemble.app.marking;

import bemble.app.file.Deletions;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.json.Slice;
import bemble.app.marking.MarkingJson.AnswerPage;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.HandoutEntry;
import bemble.app.marking.MarkingJson.HandoutKind;
import bemble.app.marking.MarkingJson.HandoutSum;
import bemble.app.marking.MarkingJson.HandoutView;
import bemble.app.refusal.MissingException;
import bemble.app.sets.SetMapper;
import bemble.app.sets.SetSumRow;
import bemble.app.working.WorkingWords;
import bemble.diagnosis.Outcome;
import bemble.practice.Item;
import bemble.slip.Slip;
import bemble.slip.Slips;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What was handed out to the current class, with its answers. */
@Service
public class Handouts {
  private final HandoutMapper mapper;
  private final RecentMapper recent;
  private final SetMapper sets;
  private final Markers markers;
  private final Roll roll;
  private final Deletions deletions;

  Handouts(
      HandoutMapper mapper,
      RecentMapper recent,
      SetMapper sets,
      Markers markers,
      Roll roll,
      Deletions deletions) {
    this.mapper = mapper;
    this.recent = recent;
    this.sets = sets;
    this.markers = markers;
    this.roll = roll;
    this.deletions = deletions;
  }

  /** A slice of the handouts of the current class: those made before the one of that id. */
  public Slice<HandoutEntry> list(long before) {
    long classId = roll.currentClass();
    return new Slice<>(entries(classId, before), mapper.count(classId));
  }

  /** The latest handouts of a class to which answers are still to be entered. */
  public List<HandoutEntry> waiting(long classId) {
    return entries(classId, Long.MAX_VALUE).stream()
        .filter(entry -> entry.answers() < entry.pupils() * entry.sums())
        .toList();
  }

  private List<HandoutEntry> entries(long classId, long before) {
    return mapper.list(classId, before, Slice.SIZE).stream()
        .map(
            row ->
                new HandoutEntry(
                    row.id(),
                    row.title(),
                    HandoutKind.valueOf(row.kind()),
                    row.givenOn(),
                    row.dueOn(),
                    row.pupils(),
                    row.sums(),
                    row.answers()))
        .toList();
  }

  /** A handout with all its answers. */
  public GridView open(long id) {
    HandoutRow row = find(id);
    Marker marker = marker(row);
    List<HandoutSum> sums = new ArrayList<>();
    for (int i = 0; i < marker.items().size(); i++) {
      sums.add(sum(marker, i));
    }
    List<CellView> cells = mapper.answers(id).stream().map(answer -> cell(answer, marker)).toList();
    return new GridView(
        new HandoutView(
            row.id(),
            row.title(),
            HandoutKind.valueOf(row.kind()),
            row.givenOn(),
            row.dueOn(),
            row.passMark(),
            isSetChanged(row)),
        sums,
        Roll.entries(mapper.pupils(id)),
        cells,
        mapper.pages(id).stream().map(Handouts::page).toList());
  }

  private static AnswerPage page(AnswerPageRow row) {
    return new AnswerPage(row.pupilId(), row.number(), row.attemptId());
  }

  private static HandoutSum sum(Marker marker, int place) {
    Item item = marker.items().get(place);
    return new HandoutSum(
        WorkingWords.plain(item.problem()),
        item.method(),
        item.rung(),
        marker.words().problem(item),
        marker.words().answer(item),
        marker.typed(marker.right(place)),
        marker.known(place));
  }

  /** Whether the set, in its version, has other sums than the pupils had. */
  private boolean isSetChanged(HandoutRow row) {
    if (row.setId() == null) {
      return false;
    }
    List<String> had = mapper.sums(row.id()).stream().map(HandoutSumRow::plain).toList();
    List<String> has =
        sets.sums(row.setId()).stream()
            .filter(sum -> sum.version().equals(row.setVersion()))
            .map(SetSumRow::plain)
            .toList();
    return !has.equals(had);
  }

  static CellView cell(AnswerRow answer, Marker marker) {
    List<Slip> slips =
        new ArrayList<>(
            answer.overruled()
                ? List.of()
                : marker.slips(answer.number(), marker.given(answer.number(), answer.given())));
    Slips.find(answer.slip() == null ? "" : answer.slip())
        .ifPresent(
            first -> {
              slips.remove(first);
              slips.add(0, first);
            });
    return new CellView(
        answer.pupilId(),
        answer.number(),
        answer.given(),
        Outcome.valueOf(answer.outcome()),
        slips.stream().map(marker::label).toList(),
        answer.overruled());
  }

  HandoutRow find(long id) {
    return mapper.find(id).orElseThrow(Handouts::missing);
  }

  /** A marker of a handout in the current style of its class. */
  Marker marker(HandoutRow row) {
    return markers.of(row);
  }

  /** The pupils to whom the handout was given. */
  Set<Long> pupils(long id) {
    return mapper.pupils(id).stream().map(PupilRow::id).collect(Collectors.toSet());
  }

  public void delete(long id) {
    deletions.delete(mapper, id, Handouts::missing);
    recent.lookAgain(id);
  }

  public void restore(long id) {
    deletions.restore(mapper, id, Handouts::missing);
    recent.lookAgain(id);
  }

  private static MissingException missing() {
    return new MissingException("handout");
  }
}
