package bemble.app.marking;

import bemble.app.file.DataReplaced;
import bemble.app.file.Deletions;
import bemble.app.house.Classes;
import bemble.app.house.PupilMapper;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.json.Slice;
import bemble.app.ladder.ClassLadder;
import bemble.app.ladder.Ladders;
import bemble.app.marking.MarkingJson.AnswerPage;
import bemble.app.marking.MarkingJson.CellView;
import bemble.app.marking.MarkingJson.GridView;
import bemble.app.marking.MarkingJson.HandoutEntry;
import bemble.app.marking.MarkingJson.HandoutKind;
import bemble.app.marking.MarkingJson.HandoutRequest;
import bemble.app.marking.MarkingJson.HandoutSum;
import bemble.app.marking.MarkingJson.HandoutTerms;
import bemble.app.marking.MarkingJson.HandoutView;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetMapper;
import bemble.app.sets.SetSumRow;
import bemble.app.sets.Versions;
import bemble.app.working.WorkingWords;
import bemble.diagnosis.Outcome;
import bemble.practice.Item;
import bemble.slip.Slip;
import bemble.slip.Slips;
import bemble.style.Style;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Gives sets to the current class, and shows the answers. */
@Service
public class Handouts {
  private static final int KEPT_MARKERS = 24;

  private final HandoutMapper mapper;
  private final PupilMapper pupils;
  private final RecentMapper recent;
  private final SetMapper sets;
  private final Drafts drafts;
  private final Classes classes;
  private final Ladders ladders;
  private final Roll roll;
  private final Deletions deletions;
  private final Clock clock;
  private final TransactionOperations transactions;

  /** A handout's sums never change, so its marker is right as long as style and ladder are. */
  private record MarkerOf(long handout, Style style, ClassLadder ladder) {}

  private final Cache<MarkerOf, Marker> markers =
      Caffeine.newBuilder().maximumSize(KEPT_MARKERS).build();

  Handouts(
      HandoutMapper mapper,
      PupilMapper pupils,
      RecentMapper recent,
      SetMapper sets,
      Drafts drafts,
      Classes classes,
      Ladders ladders,
      Roll roll,
      Deletions deletions,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.pupils = pupils;
    this.recent = recent;
    this.sets = sets;
    this.drafts = drafts;
    this.classes = classes;
    this.ladders = ladders;
    this.roll = roll;
    this.deletions = deletions;
    this.clock = clock;
    this.transactions = transactions;
  }

  @EventListener(DataReplaced.class)
  void forget() {
    markers.invalidateAll();
  }

  /** Gives a set to the current class, or to a part of it. */
  public GridView give(HandoutRequest request) {
    long classId = roll.currentClass();
    List<Long> there =
        pupils.of(classId).stream()
            .filter(pupil -> pupil.leftAt() == null)
            .map(PupilRow::id)
            .filter(id -> request.pupils() == null || request.pupils().contains(id))
            .toList();
    if (there.isEmpty()) {
      throw RefusedException.of("no-pupils");
    }
    HandoutTerms terms = request.terms() == null ? HandoutTerms.USUAL : request.terms();
    if (terms.passMark() != null && terms.passMark() > request.sums().size()) {
      throw RefusedException.of("run-mark", request.sums().size(), terms.passMark());
    }
    roll.refuseNamed(request.title());
    LocalDate givenOn = terms.givenOn() == null ? LocalDate.now(clock) : terms.givenOn();
    if (terms.dueOn() != null && terms.dueOn().isBefore(givenOn)) {
      throw RefusedException.of("due-before-given");
    }
    List<HandoutSumRow> sums = rows(request.sums());
    HandoutKind kind = terms.kind() == null ? HandoutKind.EXERCISE : terms.kind();
    String version = Versions.of(request.version());
    NewHandout handout =
        new NewHandout(
            classId,
            request.set(),
            version,
            request.title(),
            kind.name(),
            givenOn,
            terms.dueOn(),
            terms.passMark());
    long id =
        Objects.requireNonNull(
            transactions.execute(
                status -> {
                  long inserted = mapper.insert(handout);
                  mapper.addSums(inserted, sums);
                  mapper.addPupils(inserted, there);
                  return inserted;
                }));
    return open(id);
  }

  private List<HandoutSumRow> rows(List<SumRequest> sums) {
    List<HandoutSumRow> rows = new ArrayList<>();
    for (SumRequest sum : sums) {
      Item item = drafts.item(sum).placed(ladders.current().ladder());
      String plain = WorkingWords.plain(item.problem());
      rows.add(new HandoutSumRow(rows.size(), plain, item.method(), item.rung()));
    }
    return rows;
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
    Style style = classes.style(row.classId());
    ClassLadder ladder = ladders.of(row.classId());
    return markers.get(
        new MarkerOf(row.id(), style, ladder), key -> new Marker(items(row.id()), style, ladder));
  }

  private List<Item> items(long id) {
    return mapper.sums(id).stream()
        .map(sum -> drafts.item(new SumRequest(sum.plain(), sum.method(), sum.rung(), null)))
        .toList();
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
