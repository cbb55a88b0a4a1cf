package bemble.app.mistake;

import bemble.app.export.Exports;
import bemble.app.export.PdfRequest;
import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.mistake.MistakeJson.AfterView;
import bemble.app.mistake.MistakeJson.LinedUpView;
import bemble.app.mistake.MistakeJson.MistakeRequest;
import bemble.app.mistake.MistakeJson.MistakeView;
import bemble.app.mistake.MistakeJson.VoteRequest;
import bemble.app.refusal.RefusedException;
import bemble.app.words.SlipIds;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.app.working.Workings;
import bemble.ladder.Ladder;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.mistake.LinedUpWrongly;
import bemble.mistake.SharedMistake;
import bemble.number.Whole;
import bemble.paper.Role;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.procedure.Entry;
import bemble.procedure.Hand;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.style.Style;
import bemble.words.Wording;
import java.math.BigInteger;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Makes a page of a slip that several share, and keeps how a class voted on it. */
@Service
class Mistakes {
  private final Sums sums;
  private final Workings workings;
  private final Ladders ladders;
  private final Classes classes;
  private final Exports exports;
  private final VoteMapper votes;
  private final Clock clock;

  Mistakes(
      Sums sums,
      Workings workings,
      Ladders ladders,
      Classes classes,
      Exports exports,
      VoteMapper votes,
      Clock clock) {
    this.sums = sums;
    this.workings = workings;
    this.ladders = ladders;
    this.classes = classes;
    this.exports = exports;
    this.votes = votes;
    this.clock = clock;
  }

  MistakeView make(MistakeRequest request) {
    SharedMistake made = made(request);
    Wording wording = WorkingWords.of(made.sum().style()).wording();
    return new MistakeView(
        made.slip().named().id(),
        wording.label("slip." + made.slip().named().id() + ".ask", Map.of()),
        workings.view(made.sum(), made.wrong(), step -> told(step, made, wording)),
        made.first(),
        made.squares(),
        made.after().stream().map(item -> after(item, made.sum().style())).toList(),
        made.slip().isOfSettingOut());
  }

  private SharedMistake made(MistakeRequest request) {
    String id = request.slip();
    Optional<Slip> wanted = id == null || id.isBlank() ? Optional.empty() : Optional.of(slip(id));
    Style style = classes.currentStyle();
    Ladder ladder = ladders.current().ladder();
    List<Item> had = new ArrayList<>();
    request.sums().forEach(sum -> had.add(item(sums.read(sum)).placed(ladder)));
    Set<String> keys = had.stream().map(Item::key).collect(Collectors.toSet());
    return had.stream()
        .flatMap(
            item ->
                slips(item.sum(style).method(), wanted)
                    .map(slip -> SharedMistake.of(slip, item, keys, ladder, style, request.seed())))
        .flatMap(Optional::stream)
        .findFirst()
        .orElseThrow(() -> RefusedException.of("no-sums-for-slip"));
  }

  /** The slips that the method can show: the wanted one, or else all in turn. */
  private static Stream<Slip> slips(Method<?> method, Optional<Slip> wanted) {
    return wanted.isEmpty()
        ? SlipKey.slips(method).stream().filter(slip -> !slip.isOfFacts())
        : method.slips().stream().filter(slip -> slip.named() == wanted.get().named());
  }

  private static Slip slip(String id) {
    return SlipIds.slips(id).stream()
        .findFirst()
        .orElseThrow(() -> RefusedException.of("no-such-slip", "slip", id));
  }

  private static Item item(Sum sum) {
    return Item.of(sum.problem(), sum.method().id(), "");
  }

  private static AfterView after(Item item, Style style) {
    Sum sum = item.sum(style);
    return new AfterView(WorkingWords.of(style).problem(sum.problem()), Sums.ref(sum));
  }

  /**
   * The sentence of a step of the wrong page: the setting out, if that is right, and from then on
   * only the figures that were written. No sentence says aloud what is not true.
   */
  private static String told(Step step, SharedMistake made, Wording wording) {
    if (step.section().equals(Section.SET_OUT) && !made.slip().isOfSettingOut()) {
      return wording.say(step.remark());
    }
    if (step.section().equals(Section.ANSWER)) {
      return wording.label(
          "mistake.answer",
          Map.of("problem", made.sum().problem(), "answer", made.wrong().answer().value()));
    }
    String section = wording.section(step.section());
    List<BigInteger> small = written(step, true).map(Entry::value).toList();
    List<BigInteger> figures = numbers(step);
    if (figures.isEmpty() && small.isEmpty()) {
      return wording.label("mistake.nothing", Map.of("section", section));
    }
    return wording.label(
        figures.isEmpty() ? "mistake.written-small" : "mistake.written",
        Map.of("section", section, "figures", figures, "small", small, "count", small.size()));
  }

  /** What was written in full size, the figures of a row as one number. */
  private static List<BigInteger> numbers(Step step) {
    Map<Integer, BigInteger> rows = new LinkedHashMap<>();
    written(step, false)
        .sorted(Comparator.comparing(each -> each.slot().square().column()))
        .forEach(each -> rows.merge(each.slot().square().row(), each.value(), Whole::joined));
    return List.copyOf(rows.values());
  }

  private static Stream<Entry> written(Step step, boolean small) {
    return step.entries().stream()
        .filter(each -> !each.marks().isEmpty())
        .filter(each -> (each.slot().role().kind() == Role.Kind.AID) == small);
  }

  LinedUpView linedUp(SumRef request) {
    Sum sum = sums.read(request);
    LinedUpWrongly wrong =
        LinedUpWrongly.of(sum).orElseThrow(() -> RefusedException.of("not-lined-up"));
    String said =
        WorkingWords.of(sum.style())
            .wording()
            .label(
                "mistake.lined-up",
                Map.of(
                    "problem", sum.problem(),
                    "number", wrong.number(),
                    "wrong", wrong.page().answer().value(),
                    "answer", sum.answer(Hand.TRUE).value()));
    return new LinedUpView(wrong.page().paper(), said);
  }

  void vote(VoteRequest request) {
    Slip slip = slip(request.slip());
    Sum sum = sums.read(request.sum());
    Wording wording = WorkingWords.of(sum.style()).wording();
    votes.insert(
        classes.current().orElseThrow(() -> RefusedException.of("no-class")),
        LocalDate.now(clock),
        wording.problem(sum.problem()),
        slip.id(),
        request.votes(),
        Math.min(request.right(), request.votes()));
  }

  byte[] pdf(MistakeRequest request, PdfRequest.Size size) {
    SharedMistake made = made(request);
    Wording wording = WorkingWords.of(made.sum().style()).wording();
    Function<Step, String> say = step -> told(step, made, wording);
    Working right = made.sum().work();
    return exports.strip(made.wrong(), say, right, wording, size);
  }
}
