package bemble.app.slate;

import bemble.app.refusal.MissingException;
import bemble.app.refusal.StaleException;
import bemble.app.table.Stored;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.judge.Judge;
import bemble.method.Sum;
import bemble.slate.Stroke;
import bemble.style.Style;
import org.springframework.stereotype.Component;

/** Reads the pages of attempts, and keeps the judgements of them. */
@Component
class AttemptReader {
  private final AttemptMapper mapper;
  private final Sums sums;
  private final Stored stored;
  private final Turns turns;

  AttemptReader(AttemptMapper mapper, Sums sums, Stored stored, Turns turns) {
    this.mapper = mapper;
    this.sums = sums;
    this.stored = stored;
    this.turns = turns;
  }

  AttemptRow find(long id) {
    return mapper.find(id).orElseThrow(AttemptReader::missing);
  }

  OpenPage page(AttemptRow row) {
    Style style = stored.style(row.style());
    Sum sum = sums.read(new SumRef(row.plain(), row.method(), style));
    if (row.layout() != sum.method().layout()) {
      throw new StaleException("laid-out-otherwise");
    }
    return new OpenPage(
        row, sum, mapper.strokes(row.id()).stream().map(AttemptReader::stroke).toList(), turns);
  }

  private static StrokeView stroke(StrokeRow row) {
    Stroke.Kind kind = Stroke.Kind.valueOf(row.kind());
    return new StrokeView(
        row.number(), row.millis(), kind, row.rowAt(), row.columnAt(), row.text());
  }

  /** The judgement of a page that is handed in; it is kept. */
  PageJudgement judge(long id, OpenPage page) {
    PageJudgement verdict = page.verdict();
    mapper.judged(id, Judge.VERSION, verdict);
    return verdict;
  }

  static MissingException missing() {
    return new MissingException("attempt");
  }
}
