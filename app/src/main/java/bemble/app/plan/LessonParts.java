package bemble.app.plan;

import bemble.app.house.Classes;
import bemble.app.house.Roll;
import bemble.app.plan.PlanJson.PartRequest;
import bemble.app.plan.PlanJson.PartView;
import bemble.app.register.RegisterWords;
import bemble.app.sets.Drafts;
import bemble.app.sets.Paces;
import bemble.app.sets.SetJson.SetLineView;
import bemble.practice.Lesson;
import bemble.practice.LessonPart;
import bemble.practice.SetLine;
import bemble.progress.LessonMaker;
import bemble.style.Style;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.springframework.stereotype.Component;

/** The parts of lessons as they lie in the table, and as they are seen. */
@Component
class LessonParts {
  private final Roll roll;
  private final Drafts drafts;
  private final Classes classes;
  private final Paces paces;
  private final PlanRules rules;
  private final ObjectMapper json;

  LessonParts(
      Roll roll, Drafts drafts, Classes classes, Paces paces, PlanRules rules, ObjectMapper json) {
    this.roll = roll;
    this.drafts = drafts;
    this.classes = classes;
    this.paces = paces;
    this.rules = rules;
    this.json = json;
  }

  /** Makes lessons for a class. */
  LessonMaker maker(long classId) {
    return new LessonMaker(rules.of(classId), classes.style(classId), paces.of(classId));
  }

  List<LessonPartRow> rows(Lesson lesson) {
    List<LessonPartRow> rows = new ArrayList<>();
    for (Lesson.Part part : lesson.parts()) {
      List<SetLineView> lines =
          part.lines().stream()
              .map(line -> new SetLineView(line.rung().id(), null, line.method(), line.count()))
              .toList();
      rows.add(row(rows.size(), part.kind(), lines, part.minutes(), part.pupils()));
    }
    return rows;
  }

  /** Parts as a teacher wants them; their minutes follow from their sums. */
  List<LessonPartRow> rows(List<PartRequest> requests, long classId) {
    Style style = classes.style(classId);
    LessonMaker maker = maker(classId);
    Set<Long> there = roll.names(classId).keySet();
    List<LessonPartRow> rows = new ArrayList<>();
    for (PartRequest request : requests) {
      List<SetLine> lines = request.lines().stream().map(each -> drafts.line(each, style)).toList();
      List<Long> some =
          request.pupils() == null
              ? List.of()
              : request.pupils().stream().filter(there::contains).toList();
      int minutes = maker.minutes(lines);
      rows.add(row(rows.size(), request.kind(), request.lines(), minutes, some));
    }
    return rows;
  }

  private LessonPartRow row(
      int number, LessonPart kind, List<SetLineView> lines, int minutes, List<Long> some) {
    return new LessonPartRow(
        0, number, kind.name(), json.valueToTree(lines), minutes, json.valueToTree(some), null);
  }

  /** The lines of a part. */
  List<SetLineView> lines(LessonPartRow part) {
    return json.convertValue(part.lines(), new TypeReference<>() {});
  }

  /** The lines of a part, without those whose rung the class does not have. */
  List<SetLineView> lines(LessonPartRow part, RegisterWords words) {
    return lines(part).stream()
        .filter(line -> words.ladder().find(line.rungOrNone()).isPresent())
        .toList();
  }

  /** The parts of a lesson as they are seen. */
  List<PartView> views(List<LessonPartRow> rows, RegisterWords words, long classId) {
    return rows.stream().map(row -> view(row, words, classId)).toList();
  }

  private PartView view(LessonPartRow row, RegisterWords words, long classId) {
    List<SetLineView> lines = lines(row, words);
    List<Long> some = json.convertValue(row.pupils(), new TypeReference<>() {});
    PlanWords planWords = new PlanWords(words);
    return new PartView(
        LessonPart.valueOf(row.kind()),
        lines,
        planWords.told(lines),
        planWords.summary(lines),
        row.minutes(),
        some,
        names(some, classId),
        row.setId());
  }

  private List<String> names(List<Long> some, long classId) {
    return some.isEmpty()
        ? List.of()
        : some.stream().map(roll.names(classId)::get).filter(Objects::nonNull).toList();
  }

  /** Whether a part takes time of the whole class at school. */
  static boolean isForAll(PartView part) {
    return part.kind() != LessonPart.HOMEWORK && part.pupils().isEmpty();
  }
}
