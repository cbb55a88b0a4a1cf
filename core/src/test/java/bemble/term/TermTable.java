package bemble.term;

import bemble.progress.Progress;
import bemble.progress.Rules;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import java.util.function.LongFunction;
import org.junit.jupiter.api.Test;

/** Renews the tables of docs/plan.md. Not a test: run by {@code ./bemble term}. */
class TermTable {
  private static final Path PAGE = Path.of("..", "docs", "plan.md");
  private static final String BEGIN = "<!-- simulated by ./bemble term -->\n";
  private static final int SEEDS = 20;

  /** The first of the seeds that nothing was tuned on. */
  private static final long FIRST_SEED = 7000;

  private static final List<Kind> KINDS = List.of(Kind.QUICK, Kind.AVERAGE, Kind.WEAK);
  private static final int[] SIZES = {12, 18, 24, 28, 32};

  private static final Map<String, LongFunction<Strategy>> WAYS = new LinkedHashMap<>();

  static {
    WAYS.put("Bemble's first proposal each day", seed -> Strategies.bemble(Rules.STANDARD));
    WAYS.put(
        "fixed order, two lessons a rung, opener of the oldest", seed -> Strategies.fixedOpener());
    WAYS.put(
        "fixed order, two lessons a rung, Fridays for review",
        seed -> Strategies.withFridays(Strategies.fixedWeekly()));
    WAYS.put("a random rung of those that are ready", Strategies::random);
    WAYS.put("an oracle that sees true strength", seed -> Strategies.oracle());
  }

  private static final Map<String, Mind> MINDS = new LinkedHashMap<>();

  static {
    MINDS.put("as above", Mind.USUAL);
    MINDS.put("flatter answers", Mind.FLAT);
    MINDS.put("stubborn slips", Mind.STUBBORN);
    MINDS.put("no rehearsal by harder rungs", Mind.APART);
    MINDS.put("faster forgetting", Mind.FORGETFUL);
  }

  @Test
  void renew() throws IOException {
    String before = Files.readString(PAGE);
    String head = before.substring(0, before.indexOf(BEGIN) + BEGIN.length());
    Files.writeString(PAGE, head + ways() + sizes() + minds() + register());
  }

  /** Some figures with their mean and the half width of its interval of 95 %. */
  private static final class Figures {
    private final List<Double> all = new ArrayList<>();

    void add(double figure) {
      all.add(figure);
    }

    double mean() {
      return all.stream().mapToDouble(each -> each).average().orElse(0);
    }

    double half() {
      double mean = mean();
      double squares = all.stream().mapToDouble(each -> (each - mean) * (each - mean)).sum();
      return 1.96 * Math.sqrt(squares / (all.size() - 1) / all.size());
    }

    String told() {
      return String.format(Locale.ROOT, "%.1f ± %.1f", mean(), half());
    }
  }

  private record Told(Figures mean, Figures lowest) {
    static Told of(Kind kind, int size, Mind mind, LongFunction<Strategy> way) {
      Told told = new Told(new Figures(), new Figures());
      for (long seed = FIRST_SEED; seed < FIRST_SEED + SEEDS; seed++) {
        Term.Result result = new Term(kind, size, mind, way.apply(seed), seed).run();
        told.mean.add(result.mean());
        told.lowest.add(result.lowest());
      }
      return told;
    }

    /** How much more this is, class by class. */
    Told over(Told other) {
      Told more = new Told(new Figures(), new Figures());
      for (int i = 0; i < mean.all.size(); i++) {
        more.mean.add(mean.all.get(i) - other.mean.all.get(i));
        more.lowest.add(lowest.all.get(i) - other.lowest.all.get(i));
      }
      return more;
    }

    String told() {
      return mean.told() + " (" + lowest.told() + ")";
    }
  }

  private static String ways() {
    StringBuilder rows =
        new StringBuilder("\n| | quick class | average | weak |\n| --- | --- | --- | --- |\n");
    List<Told> all = new ArrayList<>();
    WAYS.forEach(
        (name, way) -> {
          rows.append("| ").append(name);
          for (Kind kind : KINDS) {
            Told told = Told.of(kind, 24, Mind.USUAL, way);
            rows.append(" | ").append(told.told());
            all.add(told);
          }
          rows.append(" |\n");
        });
    List<Told> own = all.subList(0, KINDS.size());
    List<Told> oracle = all.subList(all.size() - KINDS.size(), all.size());
    rows.append(
        "\nBemble reaches %s of the oracle's rungs in the three kinds"
            .formatted(share(own, oracle, Told::mean)));
    rows.append(
        " of class on average, and %s of those of its lowest quarter.\n"
            .formatted(share(own, oracle, Told::lowest)));
    return rows.toString();
  }

  private static String share(List<Told> own, List<Told> others, Function<Told, Figures> which) {
    double sum = 0;
    for (int i = 0; i < own.size(); i++) {
      sum += which.apply(own.get(i)).mean() / which.apply(others.get(i)).mean();
    }
    return String.format(Locale.ROOT, "%.0f %%", 100 * sum / own.size());
  }

  private static String sizes() {
    StringBuilder rows =
        new StringBuilder(
            "\nBemble over fixed order with opener, average class, by its size:\n\n"
                + "| pupils | rungs more | of the lowest quarter |\n| --- | --- | --- |\n");
    for (int size : SIZES) {
      Told more = more(Kind.AVERAGE, size, Mind.USUAL);
      rows.append("| %d | %s | %s |\n".formatted(size, more.mean().told(), more.lowest().told()));
    }
    return rows.toString();
  }

  private static Told more(Kind kind, int size, Mind mind) {
    List<LongFunction<Strategy>> ways = List.copyOf(WAYS.values());
    return Told.of(kind, size, mind, ways.get(0)).over(Told.of(kind, size, mind, ways.get(1)));
  }

  private static String minds() {
    StringBuilder rows =
        new StringBuilder(
            "\nThe same with 24 pupils, where pupils are other than in the first table:\n\n"
                + "| | quick class | average | weak |\n| --- | --- | --- | --- |\n");
    MINDS.forEach(
        (name, mind) -> {
          rows.append("| ").append(name);
          KINDS.forEach(kind -> rows.append(" | ").append(more(kind, 24, mind).told()));
          rows.append(" |\n");
        });
    return rows.toString();
  }

  /** Compares the standings of the register with the truth. */
  private static final class Truth implements Term.Look {
    private static final int FRIDAY = 4;

    private int sure;
    private int trulySure;
    private int had;
    private int hidden;
    private int falls;
    private int wrongFalls;
    private final Map<String, Boolean> said = new LinkedHashMap<>();
    private final Map<String, Boolean> was = new LinkedHashMap<>();

    @Override
    public void before(Room room, int day) {
      each(room, day, (square, told, is) -> was.put(square, is));
    }

    @Override
    public void after(Room room, int day) {
      each(
          room,
          day,
          (square, told, is) -> {
            boolean says = told.standing().isSure();
            if (Boolean.TRUE.equals(said.put(square, says)) && !says) {
              falls++;
              wrongFalls += was.getOrDefault(square, false) ? 1 : 0;
            }
            if (day % 7 == FRIDAY) {
              count(says, is, told.latest().days() > 1);
            }
          });
    }

    private void count(boolean says, boolean is, boolean onDays) {
      sure += says ? 1 : 0;
      trulySure += says && is ? 1 : 0;
      had += is && onDays ? 1 : 0;
      hidden += is && onDays && !says ? 1 : 0;
    }

    private interface Square {
      void look(String square, Progress told, boolean is);
    }

    private void each(Room room, int day, Square look) {
      var progress = room.progress(day, Rules.STANDARD);
      for (int pupil = 0; pupil < room.children().size(); pupil++) {
        for (int rung = 0; rung < Rungs.COUNT; rung++) {
          Progress told = progress.of(pupil, Rungs.ALL.get(rung).id());
          if (told.latest().of() > 0) {
            look.look(pupil + " " + rung, told, room.children().get(pupil).isSure(rung, day));
          }
        }
      }
    }

    String told() {
      return " | %s | %s | %s | %s"
          .formatted(
              share(trulySure, sure),
              share(hidden, had),
              share(falls, sure),
              share(wrongFalls, falls));
    }

    void nextClass() {
      said.clear();
      was.clear();
    }
  }

  private static String register() {
    StringBuilder rows =
        new StringBuilder(
            "\n"
                + "The register at the ends of the weeks against the truth, which is: right nine"
                + " times of ten.\n\n"
                + "| | said to be sure, and is | is sure, worked on two days or more, and is not"
                + " said to be | falls from sure | of which wrong |\n"
                + "| --- | --- | --- | --- | --- |\n");
    for (String name : List.of("as above", "flatter answers")) {
      for (Kind kind : KINDS) {
        rows.append("| ").append(kind.name()).append(" class, ").append(name);
        rows.append(truth(kind, MINDS.get(name)).told()).append(" |\n");
      }
    }
    return rows.toString();
  }

  private static Truth truth(Kind kind, Mind mind) {
    Truth truth = new Truth();
    for (long seed = FIRST_SEED; seed < FIRST_SEED + SEEDS; seed++) {
      new Term(kind, 24, mind, Strategies.bemble(Rules.STANDARD), seed).run(truth);
      truth.nextClass();
    }
    return truth;
  }

  private static String share(int some, int of) {
    return String.format(Locale.ROOT, "%.1f %% of %,d", 100.0 * some / Math.max(1, of), of);
  }
}
