package bemble.app.sets;

import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.ladder.RecipeWords;
import bemble.app.ladder.Recipes;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.SetJson.ApartRequest;
import bemble.app.sets.SetJson.ApartView;
import bemble.app.sets.SetJson.BadLine;
import bemble.app.sets.SetJson.DraftRequest;
import bemble.app.sets.SetJson.DraftView;
import bemble.app.sets.SetJson.EvenRequest;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetJson.SumView;
import bemble.app.sets.SetJson.TypedView;
import bemble.app.sets.SetJson.WorkloadView;
import bemble.app.words.Language;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.method.Sum;
import bemble.methods.Methods;
import bemble.practice.EvenOut;
import bemble.practice.Item;
import bemble.practice.Lesson;
import bemble.practice.LessonPart;
import bemble.practice.SetLine;
import bemble.practice.SetMaker;
import bemble.practice.SlipKey;
import bemble.practice.TellingApart;
import bemble.problem.Problem;
import bemble.recipe.Recipe;
import bemble.slip.Slip;
import bemble.style.Style;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Makes sets that are not kept yet. */
@Service
public class Drafts {
  private static final Logger LOG = LoggerFactory.getLogger(Drafts.class);

  /** Sums of the class's latest sets do not come again. */
  private static final int LATEST_SETS = 3;

  private static final int MOST_TYPED = 200;

  /** Sums that a set which tells slips apart is chosen from. */
  private static final int POOL = 150;

  private final Random seeds = new SecureRandom();
  private final Classes classes;
  private final Sums sums;
  private final SetMapper mapper;
  private final Paces paces;
  private final Ladders ladders;

  Drafts(Classes classes, Sums sums, SetMapper mapper, Paces paces, Ladders ladders) {
    this.classes = classes;
    this.sums = sums;
    this.mapper = mapper;
    this.paces = paces;
    this.ladders = ladders;
  }

  /** Sums of some lines. */
  public DraftView draft(DraftRequest request) {
    Style style = classes.currentStyle();
    List<SetLine> lines = request.lines().stream().map(line -> line(line, style)).toList();
    Set<String> avoided = new HashSet<>(latest());
    for (String plain : request.avoided() == null ? List.<String>of() : request.avoided()) {
      avoided.add(item(new SumRequest(plain, null, null, null)).key());
    }
    Map<Integer, Item> held = held(request, lines);
    long seed = request.seed() == null ? seeds.nextLong() : request.seed();
    SetMaker maker = new SetMaker(style);
    boolean lesson = Boolean.TRUE.equals(request.lesson());
    SetMaker.Order order = request.order() == null ? SetMaker.Order.AS_LISTED : request.order();
    List<Item> items =
        lesson
            ? maker.lesson(Lesson.about(lines.get(0)), avoided, seed)
            : maker.make(lines, held, avoided, order, seed);
    int wanted = lesson ? items.size() : lines.stream().mapToInt(SetLine::count).sum();
    SetWords words = new SetWords(style, ladders.current());
    return new DraftView(
        words.sums(items), words.workload(items, paces.current()), wanted - items.size());
  }

  /** The sums of a set, changed until no number fact stands out. */
  DraftView even(EvenRequest request) {
    Style style = classes.currentStyle();
    List<SetLine> lines = request.lines().stream().map(line -> line(line, style)).toList();
    List<Item> items = request.sums().stream().map(this::item).toList();
    Set<Integer> held = request.held() == null ? Set.of() : Set.copyOf(request.held());
    long seed = request.seed() == null ? seeds.nextLong() : request.seed();
    List<Item> even = new EvenOut(style).of(lines, items, held, new HashSet<>(latest()), seed);
    SetWords words = new SetWords(style, ladders.current());
    return new DraftView(words.sums(even), words.workload(even, paces.current()), 0);
  }

  /** A set that is held stays where it is, each sum as one of the line at its place. */
  private Map<Integer, Item> held(DraftRequest request, List<SetLine> lines) {
    Map<Integer, Item> held = new HashMap<>();
    int place = 0;
    for (SetLine line : lines) {
      for (int i = 0; i < line.count(); i++, place++) {
        String plain = request.held() == null ? null : request.held().get(place);
        if (plain != null) {
          held.put(place, item(new SumRequest(plain, line.method(), line.rung().id(), null)));
        }
      }
    }
    return held;
  }

  /** Keys of the sums in the latest sets of the current class; a bad record has none. */
  private List<String> latest() {
    List<String> keys = new ArrayList<>();
    for (SetSumRow row :
        classes.current().map(id -> mapper.latestSums(id, LATEST_SETS)).orElse(List.of())) {
      try {
        keys.add(item(new SumRequest(row.plain(), row.method(), row.rung(), null)).key());
      } catch (RefusedException e) {
        LOG.error("A sum of a set cannot be read: {}", row.plain(), e);
      }
    }
    return keys;
  }

  /** The line that was sent; refused where no sum fits it. */
  public SetLine line(SetLineView view, Style style) {
    Rung rung = rung(view);
    String method = view.method() == null ? rung.methods().get(0) : view.method();
    Methods.find(rung.operation(), method)
        .orElseThrow(() -> RefusedException.of("no-method", "method", method));
    new RecipeWords(Language.wording(style)).refuseClash(rung.recipe());
    return new SetLine(rung, method, view.count());
  }

  private Rung rung(SetLineView view) {
    String id = view.rung();
    if (id != null && !id.isEmpty()) {
      return ladders
          .current()
          .find(id)
          .orElseThrow(() -> RefusedException.of("no-rung", "rung", id));
    }
    Recipe recipe = Recipes.read(view.recipe());
    List<String> methods = Methods.of(recipe.operation()).stream().map(Method::id).toList();
    return new Rung("", recipe, Map.of(), List.of(), methods, List.of());
  }

  /** A sum in plain figures; refused where it cannot be read, or not worked by its method. */
  public Item item(SumRequest request) {
    Sum sum = sums.read(new SumRef(request.plain(), request.method(), Style.STANDARD));
    // A sum whose rung the class does not have is kept without one.
    String rung = request.rung() != null && ladders.knows(request.rung()) ? request.rung() : "";
    LessonPart part = request.part() == null ? LessonPart.PRACTISE : request.part();
    return new Item(sum.problem(), sum.method().id(), rung, part);
  }

  /** Sums typed one to a line, in the class's own marks; lines that are none are named. */
  TypedView typed(List<String> lines) {
    Style style = classes.currentStyle();
    SetWords words = new SetWords(style, ladders.current());
    List<SumView> good = new ArrayList<>();
    List<BadLine> bad = new ArrayList<>();
    Set<String> keys = new HashSet<>();
    if (lines.size() > MOST_TYPED) {
      throw RefusedException.of("too-many-lines", "most", MOST_TYPED);
    }
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).isBlank()) {
        continue;
      }
      try {
        Sum sum = sums.read(new SumRef(PastedSum.bare(lines.get(i)), null, style));
        Item item = Item.of(sum.problem(), sum.method().id(), "");
        if (!keys.add(item.key())) {
          throw RefusedException.of("sum-twice");
        }
        good.add(words.sum(item));
      } catch (RefusedException refused) {
        bad.add(new BadLine(i + 1, lines.get(i).strip(), refused.sentence()));
      }
    }
    return new TypedView(good, bad);
  }

  private SetWords words() {
    return new SetWords(classes.currentStyle(), ladders.current());
  }

  WorkloadView workload(List<SumRequest> requests) {
    return words().workload(items(requests), paces.current());
  }

  List<KeyView> slipKey(List<SumRequest> requests) {
    SetWords words = words();
    return items(requests).stream().map(words::key).toList();
  }

  private List<Item> items(List<SumRequest> requests) {
    if (requests.isEmpty() || requests.size() > MOST_TYPED) {
      throw RefusedException.of("too-many-sums", "most", MOST_TYPED);
    }
    return requests.stream().map(this::item).toList();
  }

  /** Sums of a line that tell slips apart. */
  public ApartView tellApart(ApartRequest request) {
    Style style = classes.currentStyle();
    SetLine line = line(request.line(), style);
    Method<?> method = Methods.find(line.rung().operation(), line.method()).orElseThrow();
    List<Slip> known = SlipKey.slips(method);
    List<Slip> slips = request.slips() == null ? known : chosen(request.slips(), known);
    if (slips.isEmpty()) {
      throw RefusedException.of("no-slips");
    }
    long seed = request.seed() == null ? seeds.nextLong() : request.seed();
    List<Item> pool = new ArrayList<>();
    for (Problem problem : line.rung().draw(POOL, seed)) {
      if (Methods.misfit(method, problem).isEmpty()) {
        pool.add(Item.of(problem, method.id(), line.rung().id()));
      }
    }
    TellingApart set = TellingApart.among(pool, slips, style);
    SetWords words = new SetWords(style, ladders.current());
    return new ApartView(
        words.sums(set.items()),
        slips.stream().map(words::slip).toList(),
        words.answers(set),
        set.doubts().stream().map(words::doubt).toList());
  }

  private static List<Slip> chosen(List<String> ids, List<Slip> known) {
    List<Slip> chosen = new ArrayList<>();
    for (String id : ids) {
      chosen.add(
          known.stream()
              .filter(slip -> slip.id().equals(id))
              .findFirst()
              .orElseThrow(() -> RefusedException.of("no-such-slip", "slip", id)));
    }
    return chosen;
  }
}
