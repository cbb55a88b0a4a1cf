package bemble.app.marking;

import bemble.app.house.PupilRow;
import bemble.app.marking.MarkingJson.FactGlance;
import bemble.app.marking.MarkingJson.GlanceView;
import bemble.app.marking.MarkingJson.PupilGlance;
import bemble.app.marking.MarkingJson.SumGlance;
import bemble.app.marking.RecentWork.OfPupil;
import bemble.app.sets.SetWords;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Lately;
import bemble.diagnosis.Outcome;
import bemble.practice.Workload;
import bemble.slip.Slip;
import bemble.slip.Slips;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Sums up for a class the answers to a handout. */
@Service
public class Glances {
  private static final int MOST_FACTS = 5;
  private static final int ASKED_NEXT = 2;

  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final RecentWork recent;

  Glances(HandoutMapper mapper, Handouts handouts, RecentWork recent) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.recent = recent;
  }

  /** The class at a glance: groups, sums, missing pupils, and each pupil. */
  public GlanceView of(long id) {
    HandoutRow handout = handouts.find(id);
    Marker marker = handouts.marker(handout);
    Lately lately = recent.lately(handout.classId());
    Map<Long, OfPupil> works = recent.upTo(handout.classId(), id, handout.givenOn());
    Map<Long, List<AnswerRow>> answers =
        mapper.answers(id).stream()
            .collect(
                Collectors.groupingBy(AnswerRow::pupilId, LinkedHashMap::new, Collectors.toList()));
    List<Long> missing = new ArrayList<>();
    List<PupilGlance> pupils = new ArrayList<>();
    SlipGroups groups = new SlipGroups();
    Map<Workload.Pair, List<Long>> facts = new LinkedHashMap<>();
    for (PupilRow pupil : mapper.pupils(id)) {
      List<AnswerRow> row = answers.get(pupil.id());
      if (row == null) {
        missing.add(pupil.id());
        continue;
      }
      List<AnswerSpace> given = marker.row(row);
      PupilAnswers told =
          new PupilAnswers(
              id, works.getOrDefault(pupil.id(), OfPupil.NONE), handout.givenOn(), lately);
      told.sure().forEach(sure -> groups.add(sure, pupil.id(), told.here(sure)));
      decided(row).forEach((number, slip) -> groups.add(slip, pupil.id(), List.of(number)));
      for (int i = 0; i < given.size(); i++) {
        marker
            .factMissed(i, given.get(i))
            .ifPresent(
                fact -> facts.computeIfAbsent(fact, any -> new ArrayList<>()).add(pupil.id()));
      }
      pupils.add(glance(pupil.id(), row, told, marker, handout.passMark()));
    }
    return new GlanceView(
        groups.views(marker), facts(facts), sums(answers, marker), missing, pupils);
  }

  /** The facts that fail, the most often missed first; a fact missed once may be an accident. */
  private static List<FactGlance> facts(Map<Workload.Pair, List<Long>> missed) {
    return missed.entrySet().stream()
        .filter(each -> each.getValue().size() > 1)
        .map(
            each ->
                new FactGlance(
                    SetWords.fact(each.getKey()),
                    each.getValue().stream().distinct().toList(),
                    each.getValue().size()))
        .sorted(Comparator.comparingInt(fact -> -fact.answers()))
        .limit(MOST_FACTS)
        .toList();
  }

  /** The slips that a teacher has named for answers of a pupil, by the sums. */
  private static Map<Integer, Slip> decided(List<AnswerRow> row) {
    Map<Integer, Slip> decided = new TreeMap<>();
    row.stream()
        .filter(answer -> answer.overruled() && answer.slip() != null)
        .forEach(
            answer ->
                Slips.find(answer.slip())
                    .ifPresent(slip -> decided.put(answer.number(), slip.named())));
    return decided;
  }

  private static PupilGlance glance(
      long pupil,
      List<AnswerRow> row,
      PupilAnswers told,
      Marker marker,
      @Nullable Integer passMark) {
    int right = count(row, Outcome.RIGHT);
    boolean anyWrong = count(row, Outcome.WRONG) > 0;
    return new PupilGlance(
        pupil,
        right,
        count(row, Outcome.WRONG),
        count(row, Outcome.BLANK),
        passMark == null ? null : right >= passMark,
        anyWrong ? told.explanations(marker) : List.of(),
        anyWrong
            ? told.askNext(marker.pool(), ASKED_NEXT).stream().map(marker.words()::problem).toList()
            : List.of());
  }

  private static int count(List<AnswerRow> row, Outcome outcome) {
    return (int) row.stream().filter(answer -> answer.outcome().equals(outcome.name())).count();
  }

  /** The sums by how many have them wrong, the most first. */
  private static List<SumGlance> sums(Map<Long, List<AnswerRow>> answers, Marker marker) {
    List<SumGlance> sums = new ArrayList<>();
    for (int i = 0; i < marker.items().size(); i++) {
      int place = i;
      List<AnswerRow> column =
          answers.values().stream()
              .flatMap(List::stream)
              .filter(answer -> answer.number() == place)
              .toList();
      int wrong = count(column, Outcome.WRONG);
      sums.add(new SumGlance(place, wrong, wrong + count(column, Outcome.RIGHT)));
    }
    sums.sort(Comparator.comparingInt(sum -> -sum.wrong()));
    return sums;
  }
}
