package bemble.app.marking;

import bemble.app.marking.MarkingJson.ExplanationView;
import bemble.app.marking.MarkingJson.FactGlance;
import bemble.app.marking.MarkingJson.GlanceView;
import bemble.app.marking.MarkingJson.PupilGlance;
import bemble.app.marking.MarkingJson.SlipGroup;
import bemble.app.marking.MarkingJson.SumGlance;
import bemble.app.sets.SetWords;
import bemble.app.store.AnswerRow;
import bemble.app.store.HandoutMapper;
import bemble.app.store.HandoutRow;
import bemble.app.store.PupilRow;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Diagnosis;
import bemble.diagnosis.Explanation;
import bemble.diagnosis.Outcome;
import bemble.diagnosis.Sureness;
import bemble.practice.Workload;
import bemble.slip.Slip;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What the answers to a handout tell of a class. */
@Service
public class Glances {
  /** Explanations that are less likely are not worth a look. */
  private static final double WORTH_A_LOOK = 0.05;

  private static final int MOST_EXPLANATIONS = 3;
  private static final int MOST_FACTS = 5;
  private static final int ASKED_NEXT = 2;

  private final HandoutMapper mapper;
  private final Handouts handouts;

  Glances(HandoutMapper mapper, Handouts handouts) {
    this.mapper = mapper;
    this.handouts = handouts;
  }

  /** The class at a glance: groups, sums, whoever is missing, and each pupil. */
  public GlanceView of(long id) {
    HandoutRow handout = handouts.find(id);
    Marker marker = handouts.marker(handout);
    Map<Long, List<AnswerRow>> answers =
        mapper.answers(id).stream()
            .collect(
                Collectors.groupingBy(AnswerRow::pupilId, LinkedHashMap::new, Collectors.toList()));
    List<Long> missing = new ArrayList<>();
    List<PupilGlance> pupils = new ArrayList<>();
    Map<Slip, List<Long>> groups = new LinkedHashMap<>();
    Map<Slip, Integer> shown = new LinkedHashMap<>();
    Map<Workload.Pair, List<Long>> facts = new LinkedHashMap<>();
    for (PupilRow pupil : mapper.pupils(id)) {
      List<AnswerRow> row = answers.get(pupil.id());
      if (row == null) {
        missing.add(pupil.id());
        continue;
      }
      List<AnswerSpace> given = marker.row(row);
      Diagnosis diagnosis = marker.diagnosis(given);
      diagnosis.sure().ifPresent(sure -> group(sure, pupil.id(), groups, shown));
      decided(row).forEach(slip -> group(slip, 1, pupil.id(), groups, shown));
      for (int i = 0; i < given.size(); i++) {
        marker
            .factMissed(i, given.get(i))
            .ifPresent(
                fact -> facts.computeIfAbsent(fact, any -> new ArrayList<>()).add(pupil.id()));
      }
      pupils.add(glance(pupil.id(), row, given, diagnosis, marker, handout.passMark()));
    }
    List<SlipGroup> views = new ArrayList<>();
    groups.forEach(
        (slip, members) -> views.add(new SlipGroup(marker.label(slip), members, shown.get(slip))));
    views.sort(Comparator.comparingInt(group -> -group.pupils().size()));
    return new GlanceView(views, facts(facts), sums(answers, marker), missing, pupils);
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

  private static void group(
      Explanation sure, long pupil, Map<Slip, List<Long>> groups, Map<Slip, Integer> shown) {
    sure.slips().forEach(slip -> group(slip, sure.explains().size(), pupil, groups, shown));
  }

  private static void group(
      Slip slip, int answers, long pupil, Map<Slip, List<Long>> groups, Map<Slip, Integer> shown) {
    List<Long> members = groups.computeIfAbsent(slip, any -> new ArrayList<>());
    if (!members.contains(pupil)) {
      members.add(pupil);
    }
    shown.merge(slip, answers, Integer::sum);
  }

  /** The slips that a teacher has named for answers of a pupil. */
  private static List<Slip> decided(List<AnswerRow> row) {
    return row.stream()
        .filter(answer -> answer.overruled() && answer.slip() != null)
        .flatMap(answer -> Slip.find(answer.slip()).stream())
        .map(Slip::named)
        .toList();
  }

  private static PupilGlance glance(
      long pupil,
      List<AnswerRow> row,
      List<AnswerSpace> given,
      Diagnosis diagnosis,
      Marker marker,
      Integer passMark) {
    int right = count(row, Outcome.RIGHT);
    boolean anyWrong = count(row, Outcome.WRONG) > 0;
    List<String> next =
        anyWrong
            ? marker.askNext(given, ASKED_NEXT).stream().map(marker.words()::problem).toList()
            : List.of();
    return new PupilGlance(
        pupil,
        right,
        count(row, Outcome.WRONG),
        count(row, Outcome.BLANK),
        passMark == null ? null : right >= passMark,
        anyWrong ? explanations(diagnosis, marker) : List.of(),
        next);
  }

  static List<ExplanationView> explanations(Diagnosis diagnosis, Marker marker) {
    return diagnosis.explanations().stream()
        .filter(each -> each.probability() >= WORTH_A_LOOK)
        .limit(MOST_EXPLANATIONS)
        .map(
            each ->
                new ExplanationView(
                    each.slips().stream().map(marker::label).toList(),
                    each.probability(),
                    Sureness.of(each.probability()),
                    each.explains(),
                    each.against(),
                    each.isSure()))
        .toList();
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
