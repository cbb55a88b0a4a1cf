package bemble.ladder;

import bemble.problem.Operation;
import bemble.recipe.Range;
import bemble.recipe.Recipe;
import bemble.recipe.Size;
import bemble.recipe.Trait;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Puts a rung together, so that a ladder reads as a table. */
final class RungBuilder {
  private final String id;
  private final Operation operation;
  private final List<Size> sizes = new ArrayList<>();
  private final Map<Trait, Range> wishes = new EnumMap<>(Trait.class);
  private final Map<Trait, Range> adds = new EnumMap<>(Trait.class);
  private List<Integer> decimals = List.of();
  private List<String> methods;
  private int places;

  private RungBuilder(Operation operation, String id, String method) {
    this.operation = operation;
    this.id = operation.id() + "-" + id;
    this.methods = List.of(method);
  }

  static RungBuilder rung(Operation operation, String id, String method) {
    return new RungBuilder(operation, id, method);
  }

  /** The next number has so many figures. */
  RungBuilder number(int from, int to) {
    sizes.add(Size.of(from, to));
    return this;
  }

  /** The next number has so many figures of these. */
  RungBuilder number(int from, int to, String of) {
    sizes.add(new Size(new Range(from, to), of));
    return this;
  }

  /** Asks for numbers of one size. */
  RungBuilder numbers(int count, int from, int to) {
    for (int i = 0; i < count; i++) {
      number(from, to);
    }
    return this;
  }

  /** Asks for a trait that the rung before does not ask for: it is the rung's news. */
  RungBuilder adds(Trait trait, Range range) {
    adds.put(trait, range);
    return with(trait, range);
  }

  RungBuilder adds(Trait trait) {
    return adds(trait, Range.atLeast(1));
  }

  RungBuilder with(Trait trait, Range range) {
    wishes.put(trait, range);
    return this;
  }

  RungBuilder with(Trait trait, int count) {
    return with(trait, Range.exactly(count));
  }

  RungBuilder without(Trait... traits) {
    for (Trait trait : traits) {
      with(trait, 0);
    }
    return this;
  }

  RungBuilder decimals(Integer... each) {
    decimals = List.of(each);
    return this;
  }

  RungBuilder methods(String... ids) {
    methods = List.of(ids);
    return this;
  }

  RungBuilder places(int after) {
    places = after;
    return this;
  }

  /** Sets the rungs of which a pupil must be sure before, each named without its operation. */
  Rung needs(String... before) {
    List<String> needs = new ArrayList<>();
    for (String each : before) {
      needs.add(operation.id() + "-" + each);
    }
    Recipe recipe = new Recipe(operation, sizes, wishes, places);
    return new Rung(id, recipe, adds, decimals, methods, needs);
  }
}
