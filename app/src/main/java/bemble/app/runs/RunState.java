package bemble.app.runs;

import bemble.app.runs.RunJson.RunTelling;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.judge.report.SettingOut;
import bemble.practice.Item;
import bemble.practice.PassMark;
import bemble.practice.Run;
import bemble.practice.Run.Result;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A run as it is kept: its row, and the rows of its sums in order. */
record RunState(RunRow row, List<RunSumRow> sums) {
  /** The run as the rules see it: only settled sums count. */
  Run run() {
    List<Result> results =
        settled().stream().map(sum -> new Result(sum.isRight(), sum.slip())).toList();
    PassMark mark = new PassMark(row.passMark(), row.inARow());
    return new Run(mark, firsts(), !isSilent(), results);
  }

  /** How many sums the first round has; 0 for a run without an end. */
  int firsts() {
    return isEndless() ? 0 : (int) sums.stream().filter(sum -> sum.againOf() == null).count();
  }

  boolean isEndless() {
    return !row.rung().isEmpty();
  }

  List<RunSumRow> settled() {
    return sums.stream().filter(sum -> sum.settledRight() != null).toList();
  }

  /** How long the settled sums took in all. */
  long seconds() {
    return settled().stream().mapToLong(RunSumRow::settledSeconds).sum();
  }

  /** How long each of them took; null where there is none. */
  @Nullable Long secondsEach() {
    int sums = settled().size();
    return sums == 0 ? null : Math.round((double) seconds() / sums);
  }

  /** The sum that is begun and not settled. */
  Optional<RunSumRow> current() {
    return sums.stream().filter(RunSumRow::isInWork).findFirst();
  }

  RunTelling telling() {
    return RunTelling.valueOf(row.telling());
  }

  SettingOut settingOut() {
    return SettingOut.valueOf(row.settingOut());
  }

  /** Whether the results of its sums may not be told before it ends. */
  boolean isSilent() {
    return telling() == RunTelling.AT_END;
  }

  boolean hasEnded() {
    return row.endedAt() != null;
  }

  static Item item(RunSumRow sum, Drafts drafts) {
    return drafts.item(new SumRequest(sum.plain(), sum.method(), sum.rung(), null));
  }
}
