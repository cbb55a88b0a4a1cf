package bemble.app.slate;

import bemble.app.json.Slice;
import bemble.app.slate.AttemptView.AttemptEntry;
import bemble.app.slate.AttemptView.AttemptOutcome;
import bemble.app.table.Stored;
import bemble.app.words.Sentences;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.app.working.WorkingWords;
import bemble.judge.Judge;
import bemble.method.Sum;
import bemble.style.Style;
import java.util.List;
import java.util.Objects;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** The attempts in a list. */
@Service
public class AttemptList {
  private static final Logger LOG = LoggerFactory.getLogger(AttemptList.class);

  private final AttemptMapper mapper;
  private final AttemptReader reader;
  private final Sums sums;
  private final Stored stored;

  AttemptList(AttemptMapper mapper, AttemptReader reader, Sums sums, Stored stored) {
    this.mapper = mapper;
    this.reader = reader;
    this.sums = sums;
    this.stored = stored;
  }

  /** A slice of all attempts: those begun before the one of that id. */
  public Slice<AttemptEntry> slice(long before) {
    List<AttemptEntry> entries = mapper.list(before, Slice.SIZE).stream().map(this::entry).toList();
    return new Slice<>(entries, mapper.count());
  }

  /** Has a page that is handed in judged by the present judge. */
  public void judge(long id) {
    reader.judge(id, reader.page(reader.find(id)));
  }

  /** A bad record is shown as one, and leaves the others as they are. */
  private AttemptEntry entry(ListedAttemptRow row) {
    try {
      return readable(row);
    } catch (RuntimeException e) {
      LOG.error("Attempt {} cannot be read", row.id(), e);
      return new AttemptEntry(
          row.id(),
          row.plain(),
          "",
          row.who(),
          row.begunAt(),
          new AttemptOutcome(row.handedInAt() != null, 0, Sentences.of("damaged.attempt"), 1));
    }
  }

  private AttemptEntry readable(ListedAttemptRow row) {
    String finding = row.finding();
    long findings = row.findings() == null ? 0 : row.findings();
    if (row.handedInAt() != null && !Objects.equals(row.judgedBy(), Judge.VERSION)) {
      // Handed in before verdicts were kept, or judged by an earlier judge.
      PageJudgement verdict = reader.judge(row.id(), reader.page(reader.find(row.id())));
      finding = verdict.finding();
      findings = verdict.findings();
    }
    Style style = stored.style(row.style());
    Sum sum = sums.read(new SumRef(row.plain(), row.method(), style));
    WorkingWords words = WorkingWords.of(style);
    return new AttemptEntry(
        row.id(),
        words.problem(sum.problem()),
        words.name(sum.method()),
        row.who(),
        row.begunAt(),
        new AttemptOutcome(
            row.handedInAt() != null,
            OpenPage.seconds(row.begunAt(), row.handedInAt(), row.lastMillis()),
            finding,
            findings));
  }
}
