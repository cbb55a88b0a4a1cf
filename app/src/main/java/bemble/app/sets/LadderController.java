package bemble.app.sets;

import bemble.app.house.Classes;
import bemble.app.sets.SetJson.RungView;
import bemble.ladder.Ladder;
import bemble.ladder.Rung;
import bemble.style.Style;
import bemble.wording.Wording;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rungs of every operation, in the words of the class. */
@RestController
@RequestMapping("/api/ladder")
class LadderController {
  private final Classes classes;

  LadderController(Classes classes) {
    this.classes = classes;
  }

  @GetMapping
  List<RungView> rungs() {
    Style style = classes.currentStyle();
    SetWords words = new SetWords(style);
    Wording wording = new Wording(style);
    return Ladder.all().stream().map(rung -> view(rung, words, wording)).toList();
  }

  private static RungView view(Rung rung, SetWords words, Wording wording) {
    RecipeWords recipe = new RecipeWords(wording);
    return new RungView(
        rung.id(),
        rung.operation().name(),
        wording.label("operation." + rung.operation().id(), Map.of()),
        words.rung(rung.id(), "name"),
        words.rung(rung.id(), "new"),
        Recipes.view(rung.recipe()),
        recipe.wishes(rung.recipe()),
        rung.methods().get(0),
        rung.needs());
  }
}
