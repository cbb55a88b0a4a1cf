package bemble.app.marking;

import bemble.app.ladder.ClassLadder;
import bemble.app.marking.MarkingJson.KnownAnswer;
import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.SetWords;
import bemble.app.words.Language;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Diagnoser;
import bemble.diagnosis.Diagnosis;
import bemble.diagnosis.Outcome;
import bemble.diagnosis.Pool;
import bemble.diagnosis.Reply;
import bemble.notation.Notation;
import bemble.number.Numeral;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.practice.Workload;
import bemble.procedure.Answer;
import bemble.slip.Slip;
import bemble.style.Choice;
import bemble.style.Style;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Marks answers to some sums in the style of a class. The wrong answers of slips are worked out
 * once; the diagnoser of a whole row when it is first needed.
 */
final class Marker {
  static final String BLANK = "";
  static final String LEFT_OUT = "-";
  static final String WRONG = "x";
  static final String ABSENT = "absent";

  private final List<Item> items;
  private final Style style;
  private final ClassLadder ladder;

  /** The words by language: each screen may ask in its own. */
  private final Map<String, SetWords> words = new ConcurrentHashMap<>();

  private final List<SlipKey> keys;
  private @Nullable Diagnoser diagnoser;
  private @Nullable Pool pool;

  Marker(List<Item> items, Style style, ClassLadder ladder) {
    this.items = List.copyOf(items);
    this.style = style;
    this.ladder = ladder;
    keys = items.stream().map(item -> SlipKey.of(item, style)).toList();
  }

  List<Item> items() {
    return items;
  }

  Style style() {
    return style;
  }

  /** Other sums of the same rungs. */
  Pool like(long seed) {
    return Pool.like(items, ladder.ladder(), style, seed);
  }

  SetWords words() {
    String language = Language.current(style.language());
    return words.computeIfAbsent(language, any -> new SetWords(style, ladder));
  }

  /** An answer as it is typed in the marks of the class: 18 r 4. */
  String typed(Answer answer) {
    String rest =
        answer instanceof Answer.Quotient quotient && !quotient.remainder().isZero()
            ? " " + Notation.of(style).text("remainder.letter") + " " + quotient.remainder()
            : "";
    return marked(answer.value() + rest);
  }

  Answer right(int place) {
    return keys.get(place).right();
  }

  /** The wrong answers that slips give. */
  Set<Answer> slipped(int place) {
    return keys.get(place).wrong().keySet();
  }

  /** The kind of answer that a word such as "blank" stands for; empty for any other text. */
  static Optional<AnswerSpace> word(String text) {
    return switch (text) {
      case BLANK -> Optional.of(new AnswerSpace.Blank());
      case LEFT_OUT -> Optional.of(new AnswerSpace.LeftOut());
      case WRONG -> Optional.of(new AnswerSpace.NoNumber());
      case ABSENT -> Optional.of(new AnswerSpace.Absent());
      default -> Optional.empty();
    };
  }

  /** Reads a text as the answer to a sum; refuses it with a sentence if it is none. */
  AnswerSpace given(int place, String text) {
    Optional<AnswerSpace> word = word(text);
    if (word.isPresent()) {
      return word.get();
    }
    Optional<Reply.Fault> fault = fault(place, text);
    if (fault.isPresent()) {
      throw refused(fault.get(), text, words().problem(items.get(place)));
    }
    return new AnswerSpace.Answered(Reply.read(text, style));
  }

  private Optional<Reply.Fault> fault(int place, String text) {
    return Reply.fault(text, items.get(place).problem().operation(), style);
  }

  private boolean hasComma() {
    return style.has(Choice.DecimalMark.COMMA);
  }

  /**
   * The outcomes of the right answer and of those of slips, in every way in which they may be
   * typed.
   */
  List<KnownAnswer> known(int place) {
    SlipKey key = keys.get(place);
    return Stream.concat(Stream.of(key.right()), key.wrong().keySet().stream())
        .flatMap(this::ways)
        .distinct()
        .filter(text -> fault(place, text).isEmpty())
        .map(text -> known(place, text))
        .toList();
  }

  private KnownAnswer known(int place, String text) {
    AnswerSpace given = given(place, text);
    List<SlipLabel> slips = slips(place, given).stream().map(this::label).toList();
    return new KnownAnswer(text, outcome(place, given), slips);
  }

  private Stream<String> ways(Answer answer) {
    Stream<String> ways = Stream.of(typed(answer), shortest(answer.value()));
    return answer instanceof Answer.SquareRoot root
        ? Stream.concat(ways, Stream.of(shortest(root.rounded())))
        : ways;
  }

  private String shortest(Numeral number) {
    return marked(number.value().stripTrailingZeros().toPlainString());
  }

  private String marked(String number) {
    return hasComma() ? number.replace('.', ',') : number;
  }

  private static RefusedException refused(Reply.Fault fault, String text, String sum) {
    return switch (fault) {
      case NO_NUMBER -> RefusedException.of("answer-no-number", "text", text, "problem", sum);
      case ODD_MARK ->
          RefusedException.of(
              "answer-odd-mark",
              "text",
              text,
              "meant",
              text.replaceAll("[.,]", ""),
              "problem",
              sum);
      case TOO_LONG -> RefusedException.of("answer-too-long", "problem", sum);
      case NO_REMAINDER_HERE -> RefusedException.of("answer-no-remainder", "problem", sum);
    };
  }

  Outcome outcome(int place, AnswerSpace given) {
    if (given instanceof AnswerSpace.Answered answered) {
      return answered.reply().is(keys.get(place).right()) ? Outcome.RIGHT : Outcome.WRONG;
    }
    return Outcome.without(given);
  }

  /** The slips that give a wrong answer, the likelier first. */
  List<Slip> slips(int place, AnswerSpace given) {
    if (outcome(place, given) != Outcome.WRONG
        || !(given instanceof AnswerSpace.Answered answered)) {
      return List.of();
    }
    Reply reply = answered.reply();
    return keys.get(place).wrong().entrySet().stream()
        .filter(each -> reply.is(each.getKey()))
        .flatMap(each -> each.getValue().stream())
        .distinct()
        .toList();
  }

  SlipLabel label(Slip slip) {
    return SlipLabels.of(List.of(slip), words());
  }

  /** Diagnoses the answers of a pupil; a place without an answer counts as not asked. */
  synchronized Diagnosis diagnosis(List<AnswerSpace> given) {
    return diagnoser().of(given);
  }

  /** The fact that was missed where a wrong answer was given, if it can only be one. */
  synchronized Optional<Workload.Pair> factMissed(int place, AnswerSpace given) {
    return given instanceof AnswerSpace.Answered answered
        ? diagnoser().factMissed(place, answered.reply())
        : Optional.empty();
  }

  /** Other sums of the same rungs, of which one may be asked next. */
  synchronized Pool pool() {
    if (pool == null) {
      pool = like(17);
    }
    return pool;
  }

  synchronized List<Item> askNext(List<AnswerSpace> given, int most) {
    return diagnoser().askNext(given, pool(), most);
  }

  private Diagnoser diagnoser() {
    if (diagnoser == null) {
      diagnoser = new Diagnoser(items, style);
    }
    return diagnoser;
  }

  /** The answers of a pupil by their places. A teacher's decision counts as decided. */
  List<AnswerSpace> row(List<AnswerRow> answers) {
    AnswerSpace[] row = new AnswerSpace[items.size()];
    Arrays.fill(row, new AnswerSpace.LeftOut());
    for (AnswerRow answer : answers) {
      if (answer.number() < row.length && !answer.overruled()) {
        row[answer.number()] = given(answer.number(), answer.given());
      }
    }
    return List.of(row);
  }
}
