package bemble.app.demo;

import bemble.app.demo.DemoWeeks.Handout;
import bemble.app.demo.DemoWeeks.Holiday;
import bemble.app.demo.DemoWeeks.Lesson;
import bemble.app.demo.DemoWeeks.Part;
import bemble.app.demo.DemoWeeks.When;
import bemble.app.ladder.ClassLadder;
import bemble.app.register.RegisterWords;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetWords;
import bemble.app.working.WorkingWords;
import bemble.diagnosis.SimulatedPupil;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.plan.Answer;
import bemble.practice.Item;
import bemble.practice.Pace;
import bemble.practice.SlipKey;
import bemble.progress.LessonMaker;
import bemble.progress.Rules;
import bemble.slip.Slip;
import bemble.style.Style;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Renews the eight weeks of the demo. Not a test: run by {@code ./bemble demo-weeks}. */
class DemoWeeksMaker {
  private static final int WEEKS = 8;
  private static final int SUMS = 10;

  /** How many of them go back to earlier rungs. */
  private static final int BACK = 4;

  /** What each class worked at, a rung a week, and what is planned next. */
  private static final Map<String, List<String>> RUNGS =
      Map.of(
          "Walled Garden",
          List.of(
              "addition-two-figures",
              "addition-ones-carry",
              "subtraction-nothing-exchanged",
              "addition-tens-carry",
              "subtraction-one-from-two",
              "subtraction-two-from-two",
              "addition-two-in-a-chain",
              "subtraction-from-the-hundreds",
              "subtraction-two-neighbours",
              "addition-three-addends"),
          "Seed Barn",
          List.of(
              "subtraction-two-from-two",
              "multiplication-nothing-carried",
              "subtraction-from-the-hundreds",
              "multiplication-one-carry",
              "subtraction-two-neighbours",
              "multiplication-every-figure-carries",
              "subtraction-one-zero-crossed",
              "multiplication-carry-onto-zero",
              "subtraction-zeros-crossed",
              "multiplication-two-by-two"),
          "Cold Frame",
          List.of(
              "multiplication-one-carry",
              "division-every-figure-goes",
              "multiplication-carry-onto-zero",
              "division-left-and-joined",
              "multiplication-two-by-two",
              "division-remainder",
              "division-first-too-small",
              "multiplication-three-by-two",
              "division-zero-inside",
              "multiplication-zero-in-multiplier"));

  private static final List<String> THINGS =
      List.of(
          "Bulb crates",
          "Bean rows",
          "Seed packets",
          "Frost fence",
          "Nut sacks",
          "Watering rota",
          "Plant fair tills",
          "Compost bays",
          "Leek rows",
          "Cold frames",
          "Apple trays",
          "Path edging");

  private static final List<String> NOTES =
      List.of(
          "Went well; the carry was said aloud every time.",
          "Two needed the place heads throughout.",
          "Started late after planting; the last sums became homework.",
          "The check caught three answers before I did.",
          "Quiet work. A few still guess the first figure.",
          "Good talk about why a ten is opened at all.");

  /** How often a pupil makes a slip in a week, by how it goes with the slip. */
  private enum Fate {
    FADES,
    STAYS,
    COMES_BACK;

    double made(int week) {
      return switch (this) {
        case FADES -> 0.85 * Math.pow(0.55, week);
        case STAYS -> 0.75;
        case COMES_BACK -> week >= 2 && week <= 4 ? 0 : 0.8;
      };
    }
  }

  private record Habit(Slip slip, Fate fate) {}

  /**
   * A pupil.
   *
   * @param missed in how many sums a fact is missed
   * @param habits the habit in each method
   */
  private record Child(double missed, Map<String, Habit> habits) {}

  private final Random random = new Random(20);
  private final RegisterWords words =
      new RegisterWords(new SetWords(Style.STANDARD, ClassLadder.STANDARD));
  private final LessonMaker lessons =
      new LessonMaker(Rules.STANDARD, Style.STANDARD, Pace.ESTIMATE);
  private final ObjectMapper json =
      new ObjectMapper().setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);
  private final List<Handout> handouts = new ArrayList<>();
  private final List<Lesson> planned = new ArrayList<>();

  @Test
  void renew() throws IOException {
    List<Holiday> holidays = new ArrayList<>();
    for (DemoClasses.Room room : DemoClasses.rooms(json)) {
      List<Rung> rungs =
          RUNGS.get(room.name()).stream()
              .map(id -> Ladder.STANDARD.find(id).orElseThrow())
              .toList();
      int count = room.pupils().size();
      work(room.name(), rungs, count);
      plan(room.name(), rungs);
      holidays.add(new Holiday(new When(room.name(), -4, 5), "Plant fair"));
      holidays.add(new Holiday(new When(room.name(), 2, 1), "Bulb planting day"));
    }
    String text =
        "{\"handouts\":%s,\n\"lessons\":%s,\n\"holidays\":%s}\n"
            .formatted(lines(handouts), lines(planned), lines(holidays));
    Files.writeString(Path.of("src", "main", "resources", "demo", "weeks.json"), text);
  }

  /** A list with a line for each entry. */
  private String lines(List<?> entries) throws IOException {
    List<String> lines = new ArrayList<>();
    for (Object entry : entries) {
      lines.add(json.writeValueAsString(entry));
    }
    return "[\n" + String.join(",\n", lines) + "]";
  }

  /** Two handouts a week: the rung of the week, and with it the one before, or any earlier ones. */
  private void work(String room, List<Rung> rungs, int pupils) {
    List<Child> children = new ArrayList<>();
    for (int pupil = 0; pupil < pupils; pupil++) {
      double missed = 0.01 + 0.07 * random.nextDouble() * random.nextDouble();
      children.add(new Child(missed, new HashMap<>()));
    }
    for (int week = 0; week < WEEKS; week++) {
      for (int part = 0; part < 2; part++) {
        Rung rung = rungs.get(week);
        List<Item> items = new ArrayList<>(items(rung, SUMS - BACK, 100L * week + part));
        for (int back = 0; back < BACK; back++) {
          int place = part == 0 ? week - 1 : random.nextInt(week + 1);
          Rung before = rungs.get(Math.max(0, place));
          items.addAll(items(before, 1, 100L * week + 10L * part + back));
        }
        String thing = THINGS.get(random.nextInt(THINGS.size()));
        String title = thing + ": " + small(words.rung(rung.id()));
        String kind = part == 0 ? "EXERCISE" : week % 3 == 2 ? "QUIZ" : "HOMEWORK";
        When when = new When(room, week - WEEKS, part == 0 ? 2 : 4);
        handouts.add(handout(when, title, kind, items, children));
      }
    }
  }

  private static String small(String name) {
    return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  private static List<Item> items(Rung rung, int count, long seed) {
    return rung.draw(count, seed).stream()
        .map(sum -> Item.of(sum, rung.methods().get(0), rung.id()))
        .toList();
  }

  private Handout handout(
      When when, String title, String kind, List<Item> items, List<Child> children) {
    int week = when.week() + WEEKS;
    List<SlipKey> keys = items.stream().map(item -> SlipKey.of(item, Style.STANDARD)).toList();
    List<String> answers = new ArrayList<>();
    for (Child child : children) {
      List<String> told = new ArrayList<>();
      for (int i = 0; i < items.size(); i++) {
        told.add(told(items.get(i), keys.get(i), child, week));
      }
      answers.add(String.join(" ", told));
    }
    List<DemoWeeks.Sum> sums = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      String plain = WorkingWords.plain(item.problem());
      sums.add(new DemoWeeks.Sum(plain, item.method(), item.rung(), typed(keys.get(i).right())));
    }
    return new Handout(when, title, kind, sums, answers);
  }

  private String told(Item item, SlipKey key, Child child, int week) {
    Habit habit = child.habits().computeIfAbsent(item.method(), any -> habit(key));
    SimulatedPupil pupil =
        new SimulatedPupil(
            Optional.ofNullable(habit.slip()),
            habit.slip() == null ? 0 : habit.fate().made(week),
            child.missed(),
            0.01);
    Optional<Answer> given = pupil.answer(item.sum(Style.STANDARD), random);
    if (given.isEmpty()) {
      return "o";
    }
    if (given.get().equals(key.right())) {
      return "+";
    }
    String slip =
        key.wrong().getOrDefault(given.get(), List.of()).stream()
            .findFirst()
            .map(first -> ":" + first.id())
            .orElse("");
    return typed(given.get()).replace(' ', '_') + slip;
  }

  /** Two in five have a slip of their own in a method. */
  private Habit habit(SlipKey key) {
    List<Slip> slips =
        key.wrong().values().stream()
            .flatMap(List::stream)
            .filter(slip -> !slip.isOfFacts())
            .distinct()
            .toList();
    return slips.isEmpty() || random.nextDouble() > 0.4
        ? new Habit(null, Fate.FADES)
        : new Habit(
            slips.get(random.nextInt(slips.size())),
            Fate.values()[random.nextInt(10) < 5 ? 0 : random.nextInt(10) < 6 ? 1 : 2]);
  }

  private static String typed(Answer answer) {
    return answer instanceof Answer.Quotient quotient && !quotient.remainder().isZero()
        ? answer.value() + " r " + quotient.remainder()
        : answer.value().toString();
  }

  /** Three lessons a week that are done, and two weeks that are planned. */
  private void plan(String room, List<Rung> rungs) {
    for (int week = 0; week < WEEKS + 2; week++) {
      Rung rung = rungs.get(week);
      Rung before = rungs.get(Math.max(0, week - 1));
      lesson(new When(room, week - WEEKS, 1), "TEACH", rung, before);
      lesson(new When(room, week - WEEKS, 3), "TEACH", rung, before);
      lesson(new When(room, week - WEEKS, week == 4 ? 4 : 5), "LOOK_AGAIN", before, rung);
      if (week == WEEKS) {
        lesson(new When(room, 0, 2), "LOOK_AGAIN", before, rung);
        lesson(new When(room, 0, 4), "TEACH", rung, before);
      }
    }
  }

  private void lesson(When when, String kind, Rung goal, Rung again) {
    String name = words.rung(goal.id());
    String title = kind.equals("TEACH") ? name : "Look again: " + small(name);
    List<Part> parts =
        lessons.make(goal, goal.methods().get(0), List.of(again), 45).parts().stream()
            .map(
                part ->
                    new Part(
                        part.kind().name(),
                        part.minutes(),
                        part.lines().stream()
                            .map(
                                line ->
                                    new SetLineView(
                                        line.rung().id(), null, line.method(), line.count()))
                            .toList()))
            .toList();
    boolean half = when.week() == -5 && when.weekday() == 3;
    String note = random.nextInt(3) == 0 ? NOTES.get(random.nextInt(NOTES.size())) : "";
    planned.add(
        new Lesson(
            when,
            kind,
            goal.id(),
            "",
            title,
            half ? "HALF" : "DONE",
            half ? "The bell rang before the checks." : note,
            parts));
  }
}
