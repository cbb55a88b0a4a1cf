package bemble.app.runs;

import bemble.app.runs.RunJson.Asked;
import bemble.app.runs.RunJson.Current;
import bemble.app.runs.RunJson.RunEntry;
import bemble.app.runs.RunJson.RunOffer;
import bemble.app.runs.RunJson.RunOutcome;
import bemble.app.runs.RunJson.RunResult;
import bemble.app.runs.RunJson.RunSum;
import bemble.app.runs.RunJson.RunView;
import bemble.app.runs.RunJson.Score;
import bemble.app.runs.RunJson.Times;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetWords;
import bemble.app.working.WorkingWords;
import bemble.ladder.Rung;
import bemble.practice.Item;
import bemble.practice.Run;
import bemble.slip.Slip;
import bemble.slip.Slips;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Puts runs into the words of a class, and says nothing of a silent one before its end. */
final class RunWords {
  /** Sums of a rung that an example is chosen from: some have been worked in the run. */
  private static final int EXAMPLES = 40;

  private final Drafts drafts;
  private final SetWords words;

  RunWords(Drafts drafts, SetWords words) {
    this.drafts = drafts;
    this.words = words;
  }

  RunEntry entry(RunState state) {
    RunRow row = state.row();
    return new RunEntry(
        row.id(),
        row.title(),
        row.who(),
        row.begunAt(),
        score(state),
        state.run().sums(),
        state.hasEnded());
  }

  private static Score score(RunState state) {
    RunRow row = state.row();
    Run run = state.run();
    boolean open = mayBeTold(state);
    return new Score(
        row.passMark(),
        row.inARow(),
        open ? run.right() : null,
        open ? run.streak() : null,
        run.worked(),
        state.hasEnded() ? run.isPassed() : null);
  }

  /** A run; {@code page} is the page to be worked on, if one is begun. */
  RunView view(RunState state, @Nullable Long page) {
    RunRow row = state.row();
    Run run = state.run();
    boolean open = mayBeTold(state);
    Optional<RunSumRow> current = state.current();
    return new RunView(
        row.id(),
        new Asked(
            row.title(),
            row.who(),
            state.telling(),
            row.withCheck(),
            state.isEndless(),
            run.sums(),
            row.setVersion() != null && !row.setStands()),
        new Times(
            row.begunAt(),
            row.endedAt(),
            row.pausedAt() != null,
            state.seconds(),
            state.secondsEach()),
        score(state),
        new Current(
            state.hasEnded() ? null : page,
            current.map(sum -> sum.againOf() != null).orElse(false),
            current.map(RunSumRow::pausedMillis).orElse(0L)),
        state.settled().stream().map(sum -> result(sum, open)).toList(),
        open && !state.hasEnded() ? offer(state, run) : null);
  }

  private static boolean mayBeTold(RunState state) {
    return state.hasEnded() || !state.isSilent();
  }

  private RunResult result(RunSumRow sum, boolean open) {
    Item item = RunState.item(sum, drafts);
    return new RunResult(
        sum.id(),
        new RunSum(sum.plain(), sum.method(), sum.rung(), words.problem(item)),
        sum.againOf() != null,
        sum.settledSeconds(),
        open ? outcome(sum, item) : RunOutcome.UNTOLD);
  }

  private RunOutcome outcome(RunSumRow sum, Item item) {
    String slip = Slips.find(sum.slip()).map(found -> words.slip(found).name()).orElse(null);
    return new RunOutcome(words.answer(item), sum.settledRight(), slip);
  }

  private @Nullable RunOffer offer(RunState state, Run run) {
    Optional<Slip> slip = run.madeTimeAndAgain().flatMap(Slips::find);
    if (slip.isEmpty()) {
      return null;
    }
    RunSumRow last = state.settled().get(state.settled().size() - 1);
    Optional<Rung> rung = words.ladder().find(last.rung());
    String back = rung.flatMap(each -> each.needs().stream().findFirst()).orElse(null);
    return new RunOffer(
        words.slip(slip.get()).name(),
        rung.map(each -> example(each, state)).orElse(last.plain()),
        last.method(),
        back,
        back == null ? null : words.rung(back));
  }

  /** A sum of the rung that was not worked in the run, where there is one. */
  private static String example(Rung rung, RunState state) {
    List<String> worked = state.sums().stream().map(RunSumRow::plain).toList();
    List<String> drawn =
        rung.draw(EXAMPLES, state.row().id()).stream().map(WorkingWords::plain).toList();
    return drawn.stream().filter(sum -> !worked.contains(sum)).findFirst().orElse(drawn.get(0));
  }
}
