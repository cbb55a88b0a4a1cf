package bemble.app.ladder;

import bemble.app.house.Classes;
import bemble.app.ladder.LadderJson.RungChange;
import bemble.app.ladder.LadderJson.RungNames;
import bemble.app.ladder.LadderJson.RungRequest;
import bemble.app.ladder.LadderJson.RungSums;
import bemble.app.ladder.LadderJson.RungView;
import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.ladder.Ladder;
import bemble.ladder.PlacedRung;
import bemble.ladder.Rung;
import bemble.method.Method;
import bemble.methods.Methods;
import bemble.problem.Operation;
import bemble.recipe.Recipe;
import bemble.style.Style;
import bemble.words.Wording;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Changes the ladder of the current class: names, order, hidden rungs, own rungs. */
@Service
public class LadderBook {
  private static final int MOST_OWN = 60;

  /** Sums that are tried with the method of a new rung. */
  private static final int TRIED = 20;

  private final Ladders ladders;
  private final LadderMapper mapper;
  private final Classes classes;
  private final ObjectMapper json;

  /** Several changes, all or none. */
  private final TransactionOperations transactions;

  LadderBook(
      Ladders ladders,
      LadderMapper mapper,
      Classes classes,
      ObjectMapper json,
      TransactionOperations transactions) {
    this.ladders = ladders;
    this.mapper = mapper;
    this.classes = classes;
    this.json = json;
    this.transactions = transactions;
  }

  /** All rungs in the order of the class, including hidden ones. */
  public List<RungView> view() {
    ClassLadder ladder = ladders.current();
    Style style = classes.currentStyle();
    return ladder.ladder().placedRungs().stream()
        .map(placed -> view(placed, ladder, style))
        .toList();
  }

  private static RungView view(PlacedRung placed, ClassLadder ladder, Style style) {
    Rung rung = placed.rung();
    Wording wording = Language.wording(style);
    return new RungView(
        rung.id(),
        new RungNames(
            rung.operation().name(),
            wording.label("operation." + rung.operation().id(), Map.of()),
            ladder.name(rung.id(), wording),
            ladder.news(rung.id(), wording)),
        new RungSums(
            Recipes.view(rung.recipe()),
            new RecipeWords(wording).wishes(rung.recipe()),
            rung.methods().get(0)),
        rung.needs(),
        isOwn(rung),
        placed.hidden());
  }

  private static boolean isOwn(Rung rung) {
    return Ladder.STANDARD.find(rung.id()).isEmpty();
  }

  /** Renames, hides, shows or moves a rung. */
  List<RungView> change(String id, RungChange change) {
    return changing(
        rows -> {
          LadderRow row = rows.get(place(id, rows));
          Operation operation = rung(id).operation();
          String name = change.name() == null ? row.name() : change.name();
          if (name.isEmpty() && isOwn(rung(id))) {
            throw RefusedException.of("rung-without-name");
          }
          Wording wording = Language.wording(classes.currentStyle());
          String shown = name.isEmpty() ? ClassLadder.STANDARD.name(id, wording) : name;
          refuseTaken(shown, id, operation);
          LadderRow changed =
              new LadderRow(
                  id,
                  change.hidden() == null ? row.hidden() : change.hidden(),
                  name,
                  change.news() == null ? row.news() : change.news().strip(),
                  row.recipe(),
                  row.method());
          rows.set(place(id, rows), changed);
          if (rows.stream()
              .noneMatch(each -> !each.hidden() && rung(each.rung()).operation() == operation)) {
            throw RefusedException.of("last-rung");
          }
          return change.behind() == null ? rows : moved(rows, changed, change.behind());
        });
  }

  private List<LadderRow> moved(List<LadderRow> rows, LadderRow row, String behind) {
    Operation operation = rung(row.rung()).operation();
    List<LadderRow> moved = new ArrayList<>(rows);
    moved.remove(row);
    if (!behind.isEmpty() && rung(behind).operation() != operation) {
      throw RefusedException.of("rung-of-another", "rung", behind);
    }
    moved.add(behind.isEmpty() ? 0 : place(behind, moved) + 1, row);
    return moved;
  }

  private void refuseTaken(String name, String id, Operation operation) {
    boolean isTaken =
        view().stream()
            .filter(
                each -> each.names().operation().equals(operation.name()) && !each.id().equals(id))
            .anyMatch(each -> each.names().name().equalsIgnoreCase(name));
    if (isTaken) {
      throw RefusedException.of("rung-name-taken", "name", name);
    }
  }

  /** Adds a rung of the class's own. */
  List<RungView> add(RungRequest request) {
    Recipe recipe = Recipes.read(request.recipe());
    new RecipeWords(Language.wording(classes.currentStyle())).refuseClash(recipe);
    Method<?> method =
        Methods.find(recipe.operation(), request.method())
            .orElseThrow(() -> RefusedException.of("no-method", "method", request.method()));
    String id = "own-" + UUID.randomUUID();
    Rung rung = Rung.own(id, recipe, method.id());
    if (rung.draw(TRIED, 1).stream().noneMatch(sum -> Methods.misfit(method, sum).isEmpty())) {
      throw RefusedException.of("rung-misfit");
    }
    String name = request.name();
    String news = request.news() == null ? "" : request.news().strip();
    LadderRow row =
        new LadderRow(
            id, false, name, news, json.valueToTree(Recipes.view(rung.recipe())), method.id());
    return changing(
        rows -> {
          refuseTaken(name, id, recipe.operation());
          if (rows.stream().filter(each -> !each.recipe().isMissingNode()).count() >= MOST_OWN) {
            throw RefusedException.of("too-many-rungs", "most", MOST_OWN);
          }
          String last = rows.stream().map(LadderRow::rung).reduce((one, next) -> next).orElse("");
          String behind = request.behind() == null ? last : request.behind();
          List<LadderRow> more = new ArrayList<>(rows);
          more.add(behind.isEmpty() ? 0 : place(behind, more) + 1, row);
          return more;
        });
  }

  /** Takes out a rung of the class's own that nothing has been worked of. */
  List<RungView> remove(String id) {
    if (!isOwn(rung(id))) {
      throw RefusedException.of("rung-shipped");
    }
    int worked = mapper.worked(classId(), id);
    if (worked > 0) {
      throw RefusedException.of("rung-worked", "sums", worked);
    }
    return changing(rows -> rows.stream().filter(row -> !row.rung().equals(id)).toList());
  }

  /** Puts the shipped rungs back into their order, shown and with Bemble's words; own ones stay. */
  List<RungView> asShipped() {
    return changing(
        rows -> {
          List<LadderRow> own = new ArrayList<>();
          for (PlacedRung placed : Ladder.STANDARD.placedRungs()) {
            own.add(LadderRow.shipped(placed.rung().id()));
          }
          rows.stream().filter(row -> !row.recipe().isMissingNode()).forEach(own::add);
          return own;
        });
  }

  private List<RungView> changing(UnaryOperator<List<LadderRow>> change) {
    long classId = classId();
    transactions.executeWithoutResult(
        status -> {
          mapper.lock(classId);
          // Another window may have changed it while this one waited.
          ladders.forget(classId);
          List<LadderRow> rows = change.apply(rows(classId));
          mapper.clear(classId);
          mapper.put(classId, rows);
        });
    ladders.forget(classId);
    return view();
  }

  private long classId() {
    return classes.here();
  }

  private Rung rung(String id) {
    return ladders.current().find(id).orElseThrow(() -> RefusedException.of("no-rung", "rung", id));
  }

  /** All rungs of the class as rows, once it has made a change. */
  private List<LadderRow> rows(long classId) {
    Map<String, LadderRow> kept = new HashMap<>();
    mapper.of(classId).forEach(row -> kept.put(row.rung(), row));
    List<LadderRow> rows = new ArrayList<>();
    for (PlacedRung placed : ladders.of(classId).ladder().placedRungs()) {
      String id = placed.rung().id();
      rows.add(Optional.ofNullable(kept.get(id)).orElse(LadderRow.shipped(id)));
    }
    return rows;
  }

  private static int place(String id, List<LadderRow> rows) {
    int place = rows.stream().map(LadderRow::rung).toList().indexOf(id);
    if (place < 0) {
      throw RefusedException.of("no-rung", "rung", id);
    }
    return place;
  }
}
