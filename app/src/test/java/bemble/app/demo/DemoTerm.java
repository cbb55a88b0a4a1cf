package bemble.app.demo;

import bemble.app.demo.DemoWeeks.Handout;
import bemble.app.demo.DemoWeeks.Part;
import bemble.app.demo.DemoWeeks.When;
import bemble.app.ladder.ClassLadder;
import bemble.app.register.RegisterWords;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetWords;
import bemble.app.words.Sentences;
import bemble.app.words.SlipIds;
import bemble.app.working.WorkingWords;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Lately;
import bemble.diagnosis.Reply;
import bemble.diagnosis.Work;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.practice.Lesson;
import bemble.practice.Pace;
import bemble.practice.SlipKey;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.progress.ClassProgress;
import bemble.progress.Evidence;
import bemble.progress.LessonMaker;
import bemble.progress.Progress;
import bemble.progress.Proposal;
import bemble.progress.Proposals;
import bemble.progress.Rules;
import bemble.progress.Taught;
import bemble.slip.Slip;
import bemble.style.Style;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Eight weeks of a made-up class whose teacher follows the first proposal: three lessons and two
 * handouts a week, then this week with a lesson on each day, and one that is planned.
 */
final class DemoTerm {
  private static final int WEEKS = 8;
  private static final int SUMS = 10;
  private static final int OWN = 6;

  /** Other seeds draw other sums. */
  private static final long SEED = 4700;

  private static final int REMEMBERED = 4;
  private static final int MINUTES = 45;
  private static final String OLDEST = "Cold Frame";
  private static final LocalDate FIRST = LocalDate.of(2026, 9, 7);

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

  /** The answer to a sum; empty for a blank. */
  record Answered(Optional<Answer> answer, boolean right) {
    private AnswerSpace given() {
      return answer
          .<AnswerSpace>map(
              each -> new AnswerSpace.Answered(Reply.read(typed(each), Style.STANDARD)))
          .orElse(new AnswerSpace.Blank());
    }

    private String told(String said) {
      if (right) {
        return "+";
      }
      String slip = said.isEmpty() ? "" : ":" + said;
      return answer.map(each -> typed(each).replace(' ', '_') + slip).orElse("o");
    }
  }

  private final String room;
  private final Random random;
  private final List<DemoChild> children = new ArrayList<>();
  private final List<Map<String, List<Evidence>>> seen = new ArrayList<>();
  private final List<List<Work>> worked = new ArrayList<>();
  private final Lately lately = new Lately(Style.STANDARD);
  private final List<Taught.Topic> given = new ArrayList<>();
  private final Set<String> planned = new HashSet<>();
  private final Map<String, LocalDate> last = new HashMap<>();
  private final RegisterWords words =
      new RegisterWords(new SetWords(Style.STANDARD, ClassLadder.STANDARD));
  private final LessonMaker maker = new LessonMaker(Rules.STANDARD, Style.STANDARD, Pace.ESTIMATE);
  private final List<Handout> handouts = new ArrayList<>();
  private final List<DemoWeeks.Lesson> lessons = new ArrayList<>();

  DemoTerm(String room, int pupils, Random random) {
    this.room = room;
    this.random = random;
    for (int pupil = 0; pupil < pupils; pupil++) {
      children.add(new DemoChild(pupil % 11 == 4, random));
      seen.add(new HashMap<>());
      worked.add(new ArrayList<>());
    }
  }

  List<Handout> handouts() {
    return handouts;
  }

  List<DemoWeeks.Lesson> lessons() {
    return lessons;
  }

  /** Goes through the weeks. */
  void run(List<String> known) {
    known.forEach(rung -> children.forEach(child -> child.practise(rung, 30)));
    for (int week = 0; week < WEEKS; week++) {
      if (week == 0 && !known.isEmpty()) {
        hand(week, 1, "what we remember", "QUIZ", remembered(known));
      } else {
        Optional<Rung> goal = lesson(week, 1);
        hand(week, 2, about(goal), "EXERCISE", items(goal, week, 2));
      }
      Optional<Rung> goal = lesson(week, 3);
      hand(week, 4, about(goal), week % 3 == 2 ? "QUIZ" : "HOMEWORK", items(goal, week, 4));
      lesson(week, week == 4 ? 4 : 5);
    }
    lesson(WEEKS, 1);
    Optional<Rung> second = lesson(WEEKS, 2);
    hand(WEEKS, 2, about(second), "EXERCISE", items(second, WEEKS, 2));
    lesson(WEEKS, 3);
    Optional<Rung> fourth = lesson(WEEKS, 4);
    hand(WEEKS, 4, about(fourth), "HOMEWORK", items(fourth, WEEKS, 4));
    lesson(WEEKS, 5);
    lesson(WEEKS + 1, 1);
    lesson(WEEKS + 1, 3);
    lesson(WEEKS + 1, 5);
  }

  private static List<Item> remembered(List<String> known) {
    return known.stream().flatMap(id -> items(rung(id), REMEMBERED, 7).stream()).toList();
  }

  private static Rung rung(String id) {
    return Ladder.STANDARD.find(id).orElseThrow();
  }

  private String about(Optional<Rung> goal) {
    String name = goal.map(Rung::id).map(words::rung).orElse(Sentences.of("plan.mixed"));
    return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
  }

  private static LocalDate day(int week, int weekday) {
    return FIRST.plusWeeks(week).plusDays(weekday - 1L);
  }

  private Proposals proposals(LocalDate day) {
    Map<Long, Map<String, Progress>> progress = new LinkedHashMap<>();
    List<Taught.Worked> worked = new ArrayList<>();
    for (long pupil = 0; pupil < children.size(); pupil++) {
      Map<String, Progress> own = new HashMap<>();
      for (var each : seen.get((int) pupil).entrySet()) {
        String rung = each.getKey();
        own.put(rung, Progress.of(each.getValue(), day, Rules.STANDARD));
        for (var sums : byDay(each.getValue()).entrySet()) {
          int count = sums.getValue().intValue();
          worked.add(new Taught.Worked(pupil, rung, sums.getKey(), count));
        }
      }
      progress.put(pupil, own);
    }
    List<Taught.Topic> all = new ArrayList<>(given);
    all.addAll(Taught.byWork(worked, children.size(), given, Rules.STANDARD));
    ClassProgress known = new ClassProgress(Ladder.STANDARD, progress);
    return new Proposals(known, new Taught(all, planned, last), day, Rules.STANDARD);
  }

  private static Map<LocalDate, Long> byDay(List<Evidence> sums) {
    return sums.stream().collect(Collectors.groupingBy(Evidence::day, Collectors.counting()));
  }

  /**
   * Plans the first proposal, and has the lesson where its week is over; empty where it is mixed.
   */
  private Optional<Rung> lesson(int week, int weekday) {
    LocalDate day = day(week, weekday);
    Proposals proposals = proposals(day);
    Proposal first = first(proposals);
    boolean isMixed = first.why().kind() == Proposal.Kind.LOOK_AGAIN;
    Lesson lesson = maker.make(proposals, first.why().kind(), rung(first.rung()), MINUTES);
    lessons.add(told(first, new When(room, week - WEEKS, weekday), lesson));
    for (Lesson.Part part : lesson.parts()) {
      part.lines().forEach(line -> last.put(line.rung().id(), day));
    }
    String about = isMixed ? "" : first.rung();
    if (week <= WEEKS) {
      given.add(new Taught.Topic(day, about, first.slip()));
      have(lesson, first.slip());
    } else {
      planned.add(about);
    }
    return isMixed ? Optional.empty() : Optional.of(rung(first.rung()));
  }

  /** Roots are for the oldest. */
  private Proposal first(Proposals proposals) {
    return proposals.all().stream()
        .filter(each -> rung(each.rung()).operation() != Operation.ROOT || room.equals(OLDEST))
        .findFirst()
        .orElseThrow();
  }

  private static List<Rung> again(Proposals proposals, Rung but) {
    return proposals.opener().stream()
        .map(each -> rung(each.rung()))
        .filter(each -> !each.equals(but))
        .toList();
  }

  private void have(Lesson lesson, String slip) {
    for (int pupil = 0; pupil < children.size(); pupil++) {
      DemoChild child = children.get(pupil);
      child.untaught(slip);
      for (Lesson.Part part : lesson.parts()) {
        if (part.pupils().isEmpty() || part.pupils().contains((long) pupil)) {
          part.lines().forEach(line -> child.practise(line.rung().id(), line.count()));
        }
      }
    }
  }

  private DemoWeeks.Lesson told(Proposal first, When when, Lesson lesson) {
    boolean half = when.week() == -5 && when.weekday() == 3;
    String note = random.nextInt(3) == 0 ? NOTES.get(random.nextInt(NOTES.size())) : "";
    return new DemoWeeks.Lesson(
        when,
        first.why().kind().name(),
        first.rung(),
        first.slip(),
        title(first),
        half ? "HALF" : "DONE",
        half ? "The bell rang before the checks." : note,
        lesson.parts().stream().map(DemoTerm::told).toList());
  }

  private static Part told(Lesson.Part part) {
    List<SetLineView> lines =
        part.lines().stream()
            .map(line -> new SetLineView(line.rung().id(), null, line.method(), line.count()))
            .toList();
    List<Integer> some = part.pupils().stream().map(Long::intValue).toList();
    return new Part(part.kind().name(), part.minutes(), lines, some.isEmpty() ? null : some);
  }

  private String title(Proposal first) {
    return switch (first.why().kind()) {
      case TEACH -> words.rung(first.rung());
      case RETEACH ->
          Sentences.of("plan.reteach", "rung", words.slip(first.slip()).orElseThrow().name());
      case LOOK_AGAIN -> Sentences.of("plan.mixed");
    };
  }

  /** Sums of a lesson's rung, and some to look at again; a mixed lesson has only these. */
  private List<Item> items(Optional<Rung> goal, int week, int weekday) {
    long seed = SEED + 100L * week + weekday;
    List<Item> items = new ArrayList<>();
    goal.ifPresent(own -> items.addAll(items(own, OWN, seed)));
    List<Rung> again = again(proposals(day(week, weekday)), goal.orElse(null));
    for (int i = 0; items.size() < SUMS; i++) {
      Rung rung = again.isEmpty() ? goal.orElseThrow() : again.get(i % again.size());
      items.addAll(items(rung, 1, seed + 31L * i));
    }
    return items;
  }

  private static List<Item> items(Rung rung, int count, long seed) {
    return rung.draw(count, seed).stream()
        .map(sum -> Item.of(sum, rung.methods().get(0), rung.id()))
        .toList();
  }

  private void hand(int week, int weekday, String about, String kind, List<Item> items) {
    List<SlipKey> keys = items.stream().map(item -> SlipKey.of(item, Style.STANDARD)).toList();
    LocalDate day = day(week, weekday);
    List<String> answers = new ArrayList<>();
    for (int pupil = 0; pupil < children.size(); pupil++) {
      List<Answered> row = new ArrayList<>();
      for (int i = 0; i < items.size(); i++) {
        row.add(children.get(pupil).answer(items.get(i), keys.get(i), week));
      }
      List<Work> all = worked.get(pupil);
      int first = all.size();
      for (int i = 0; i < items.size(); i++) {
        all.add(new Work(day, items.get(i), row.get(i).given()));
      }
      Map<Integer, List<Slip>> said = lately.said(all, day);
      List<String> told = new ArrayList<>();
      for (int i = 0; i < items.size(); i++) {
        String slip = SlipIds.of(said.getOrDefault(first + i, List.of()));
        told.add(row.get(i).told(slip));
        see(pupil, items.get(i).rung(), day, row.get(i), slip);
      }
      answers.add(String.join(" ", told));
    }
    List<DemoWeeks.Sum> sums = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      String plain = WorkingWords.plain(item.problem());
      sums.add(new DemoWeeks.Sum(plain, item.method(), item.rung(), typed(keys.get(i).right())));
    }
    String title = THINGS.get(random.nextInt(THINGS.size())) + ": " + about;
    handouts.add(new Handout(new When(room, week - WEEKS, weekday), title, kind, sums, answers));
  }

  private void see(int pupil, String rung, LocalDate day, Answered answered, String said) {
    if (answered.answer().isPresent()) {
      Evidence evidence = answered.right() ? Evidence.right(day) : Evidence.wrong(day, said);
      seen.get(pupil).computeIfAbsent(rung, any -> new ArrayList<>()).add(evidence);
    }
  }

  private static String typed(Answer answer) {
    return answer instanceof Answer.Quotient quotient && !quotient.remainder().isZero()
        ? answer.value() + " r " + quotient.remainder()
        : answer.value().toString();
  }
}
