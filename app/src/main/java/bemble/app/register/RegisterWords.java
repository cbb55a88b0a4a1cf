package bemble.app.register;

import bemble.app.ladder.ClassLadder;
import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.marking.SlipLabels;
import bemble.app.register.RegisterJson.RungLabel;
import bemble.app.sets.SetWords;
import bemble.app.words.Language;
import bemble.app.words.Sentences;
import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.problem.Operation;
import bemble.progress.Progress;
import bemble.progress.Rules;
import bemble.progress.Shortfall;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Puts standings into words. */
public final class RegisterWords {
  private final SetWords words;

  /** Words in the conventions of a class. */
  public RegisterWords(SetWords words) {
    this.words = words;
  }

  /** A day without its year: 4 November. */
  public static String day(LocalDate day) {
    return Language.day(day);
  }

  /** The ladder of the class. */
  public ClassLadder ladder() {
    return words.ladder();
  }

  /** The rungs of the class by their names. */
  List<RungLabel> rungs() {
    return ladder().rungs().stream().map(this::label).toList();
  }

  /** A rung by its name. */
  public RungLabel label(String id) {
    return label(ladder().find(id).orElseThrow());
  }

  private RungLabel label(Rung rung) {
    return new RungLabel(rung.id(), rung.operation(), words.rung(rung.id()), words.news(rung.id()));
  }

  /** The name of a rung. */
  public String rung(String id) {
    return words.rung(id);
  }

  /** The name of an operation. */
  public String operation(Operation operation) {
    return words.operation(operation);
  }

  /** Some sums of a rung. */
  String sums(Rung rung, int many) {
    return rung.draw(many, 4).stream()
        .map(problem -> words.problem(Item.of(problem, rung.methods().get(0), rung.id())))
        .collect(Collectors.joining(",  "));
  }

  /** A slip by its name; empty for one that this Bemble does not have. */
  public Optional<SlipLabel> slip(String id) {
    return SlipLabels.find(id, words);
  }

  /** The reason of a standing: 9 of the last 10 right on 3 days. */
  String why(Progress progress) {
    Progress.Latest latest = progress.latest();
    if (latest.of() == 0) {
      return Sentences.of("register.nothing");
    }
    List<String> parts = new ArrayList<>();
    parts.add(
        Sentences.of(
            "register.right", "right", latest.right(), "last", latest.of(), "days", latest.days()));
    if (latest.helped() > 0) {
      parts.add(Sentences.of("register.helped", "helped", latest.helped()));
    }
    progress
        .slip()
        .flatMap(
            last ->
                slip(last.slip())
                    .map(
                        slip ->
                            Sentences.of(
                                "register.slip", "slip", slip.name(), "day", day(last.day()))))
        .ifPresent(parts::add);
    String told = String.join("; ", parts) + ".";
    if (progress.isStillSure() && latest.wrongOn().isPresent()) {
      told += " " + stillSure(latest.of() - latest.right(), latest.wrongOn().get());
    }
    if (progress.lookAgain().isPresent()) {
      return told
          + " "
          + Sentences.of("register.look-again", "day", day(progress.lookAgain().get()));
    }
    String shortfalls =
        progress.shortfalls().stream()
            .sorted()
            .map(RegisterWords::lack)
            .collect(Collectors.joining(", "));
    return shortfalls.isEmpty()
        ? told
        : told + " " + Sentences.of("register.shortfalls", "reasons", shortfalls);
  }

  private static String stillSure(int wrong, LocalDate last) {
    return wrong == 1
        ? Sentences.of("register.still-sure", "day", day(last))
        : Sentences.of("register.still-sure-more", "day", day(last), "wrong", wrong);
  }

  private static String lack(Shortfall lack) {
    return switch (lack) {
      case TOO_FEW -> Sentences.of("register.lack.few");
      case TOO_MANY_WRONG -> Sentences.of("register.lack.wrong");
      case TOO_FEW_DAYS -> Sentences.of("register.lack.days");
      case SLIP_LATELY -> Sentences.of("register.lack.slip");
    };
  }

  /** The rules of the standings. */
  static List<String> rules(Rules rules) {
    String weeks = rules.weeks().stream().map(String::valueOf).collect(Collectors.joining(", "));
    Rules.Nearly nearly = rules.nearly();
    Rules.Sure sure = rules.sure();
    return List.of(
        Sentences.of("register.rule.begun"),
        Sentences.of(
            "register.rule.nearly",
            "right",
            nearly.least(),
            "last",
            nearly.latest(),
            "wrong",
            nearly.wrong()),
        Sentences.of(
            "register.rule.sure",
            "right",
            sure.least(),
            "last",
            sure.latest(),
            "wrong",
            sure.wrong(),
            "days",
            sure.days(),
            "clean",
            sure.slipDays()),
        Sentences.of(
            "register.rule.fall",
            "wrong",
            sure.wrongToFall(),
            "last",
            sure.latest(),
            "times",
            sure.slipsToFall(),
            "days",
            sure.slipDays()),
        Sentences.of("register.rule.help"),
        Sentences.of("register.rule.look-again", "weeks", weeks));
  }
}
