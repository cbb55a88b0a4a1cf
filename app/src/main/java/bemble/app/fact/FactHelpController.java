package bemble.app.fact;

import bemble.app.house.Classes;
import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.fact.Fact;
import bemble.help.FactHelp;
import bemble.help.Way;
import bemble.paper.Paper;
import bemble.words.Wording;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.math.BigInteger;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Help with a number fact, on demand. */
@RestController
@RequestMapping("/api/fact-help")
class FactHelpController {
  private static final String NO_FACT = "{valid.fact}";
  private final Classes classes;

  FactHelpController(Classes classes) {
    this.classes = classes;
  }

  /** The kind of a fact and the numbers that it joins. */
  record FactRequest(
      @NotNull(message = NO_FACT) Fact.Kind kind,
      @NotEmpty(message = NO_FACT) @Size(max = 100, message = NO_FACT)
          List<@NotNull(message = NO_FACT) @Pattern(regexp = "\\d{1,60}", message = NO_FACT) String>
              operands) {}

  /** One way to the fact, with a picture where one helps. */
  record WayView(String text, @Nullable Paper drawing) {}

  @PostMapping
  List<WayView> help(@Valid @RequestBody FactRequest request) {
    List<BigInteger> operands = request.operands().stream().map(BigInteger::new).toList();
    Wording wording = Language.wording(classes.currentStyle());
    return FactHelp.of(fact(request.kind(), operands)).stream()
        .map(way -> view(way, wording))
        .toList();
  }

  private static Fact fact(Fact.Kind kind, List<BigInteger> operands) {
    try {
      return Fact.of(kind, operands);
    } catch (IllegalArgumentException e) {
      throw RefusedException.of("no-fact");
    }
  }

  private static WayView view(Way way, Wording wording) {
    return new WayView(wording.say(way.remark()), way.drawing().orElse(null));
  }
}
