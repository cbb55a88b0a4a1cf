package bemble.app.sets;

import bemble.app.ladder.ClassLadder;
import bemble.app.sets.SetJson.ChosenSum;
import bemble.app.sets.SetJson.FactUse;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SlipName;
import bemble.app.sets.SetJson.SumView;
import bemble.app.sets.SetJson.WorkloadView;
import bemble.app.sets.SetJson.WrongAnswer;
import bemble.app.working.WorkingWords;
import bemble.demand.DemandReader;
import bemble.method.AnswerSquares;
import bemble.method.Sum;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.practice.Item;
import bemble.practice.Pace;
import bemble.practice.SlipKey;
import bemble.practice.TellingApart;
import bemble.practice.Workload;
import bemble.problem.Operation;
import bemble.procedure.Answer;
import bemble.procedure.Working;
import bemble.slate.SheetRoom;
import bemble.slip.Slip;
import bemble.style.Style;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/** Puts sets into the words of a class. */
public final class SetWords {
  private final Style style;
  private final ClassLadder ladder;
  private final WorkingWords words;

  /** Words in the conventions of a class. */
  public SetWords(Style style, ClassLadder ladder) {
    this.style = style;
    this.ladder = ladder;
    words = WorkingWords.of(style);
  }

  SumView sum(Item item) {
    Sum sum = item.sum(style);
    Working working = sum.work();
    return new SumView(
        new ChosenSum(
            WorkingWords.plain(item.problem()),
            words.problem(item.problem()),
            item.method(),
            words.name(sum.method()),
            item.rung(),
            ladder.find(item.rung()).isPresent() ? rung(item.rung()) : null,
            item.part()),
        answer(item, working.answer()),
        DemandReader.of(working).seconds(),
        sheet(sum, working),
        AnswerSquares.of(working, style));
  }

  /**
   * The sum as it is set out, in the room that any such sum may need, and in the next step the
   * figures that its boxes are for.
   */
  private static Paper sheet(Sum sum, Working working) {
    Paper page = working.paper();
    Area room = SheetRoom.of(sum, page.extent());
    List<Mark> marks = new ArrayList<>();
    sum.ruled(room, working.setOut()).forEach(mark -> marks.add(fresh(mark, 0)));
    page.marks().stream()
        .filter(mark -> mark.role().kind() == Role.Kind.ANSWER)
        .forEach(mark -> marks.add(fresh(mark, 1)));
    return new Paper(room, page.onesColumn(), marks);
  }

  private static Mark fresh(Mark mark, int step) {
    return new Mark(mark.id(), mark.role(), mark.place(), step, mark.shape());
  }

  List<SumView> sums(List<Item> items) {
    return items.stream().map(this::sum).toList();
  }

  /** The ladder of the class. */
  public ClassLadder ladder() {
    return ladder;
  }

  /** The name of a rung. */
  public String rung(String id) {
    return ladder.name(id, words.wording());
  }

  /** The news of a rung: the difficulty that it adds. */
  public String news(String id) {
    return ladder.news(id, words.wording());
  }

  /** The name of an operation: Square roots. */
  public String operation(Operation operation) {
    return words.wording().label("operation." + operation.id(), Map.of());
  }

  /** The sum as the class writes it. */
  public String problem(Item item) {
    return words.problem(item.problem());
  }

  /** The answer of a sum, as the class writes it. */
  public String answer(Item item) {
    return answer(item, item.sum(style).work().answer());
  }

  private String answer(Item item, Answer answer) {
    String text = words.answer(item.problem(), answer, style).text();
    String value = answer.value().toString();
    return text.startsWith(value)
        ? words.wording().number(answer.value()) + text.substring(value.length())
        : text;
  }

  WorkloadView workload(List<Item> items, Pace pace) {
    Workload load = Workload.of(items, style);
    List<FactUse> uses =
        load.uses().entrySet().stream()
            .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
            .map(use -> new FactUse(fact(use.getKey()), use.getValue()))
            .toList();
    return new WorkloadView(
        load.facts(),
        load.figures(),
        load.seconds(),
        (int) pace.seconds(load.seconds()),
        pace.sums(),
        uses);
  }

  /** A number fact as it is asked: 6 × 8. */
  public static String fact(Workload.Pair pair) {
    return switch (pair.kind()) {
      case ADD -> pair.smaller() + " + " + pair.larger();
      case SUBTRACT -> pair.larger() + " − " + pair.smaller();
      default -> pair.smaller() + " × " + pair.larger();
    };
  }

  /** A slip by its name. */
  public SlipName slip(Slip slip) {
    return new SlipName(
        slip.id(), words.wording().label("slip." + slip.named().id() + ".name", Map.of()));
  }

  KeyView key(Item item) {
    SlipKey key = SlipKey.of(item, style);
    List<WrongAnswer> wrong =
        key.wrong().entrySet().stream()
            .map(
                each ->
                    new WrongAnswer(
                        answer(item, each.getKey()),
                        each.getValue().stream().map(this::slip).toList()))
            .toList();
    return new KeyView(words.problem(item.problem()), answer(item, key.right()), wrong);
  }

  List<List<String>> answers(TellingApart set) {
    return IntStream.range(0, set.items().size())
        .mapToObj(
            i ->
                set.answers().get(i).stream()
                    .map(answer -> answer(set.items().get(i), answer))
                    .toList())
        .toList();
  }

  String doubt(TellingApart.Doubt doubt) {
    String slip = slip(doubt.slip()).name();
    return doubt.other() == null
        ? words.wording().label("apart.seldom", Map.of("slip", slip))
        : words
            .wording()
            .label("apart.alike", Map.of("slip", slip, "other", slip(doubt.other()).name()));
  }
}
