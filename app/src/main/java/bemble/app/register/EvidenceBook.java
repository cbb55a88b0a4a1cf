package bemble.app.register;

import bemble.app.ladder.Ladders;
import bemble.app.marking.AnswerBook;
import bemble.app.register.RegisterJson.EvidenceView;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.slate.AttemptList;
import bemble.judge.Judge;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Counts evidence anew: the rung of each sum, and the present judge's findings on each page and
 * answer. A teacher's decisions stay.
 */
@Service
public class EvidenceBook {
  private static final Logger LOG = LoggerFactory.getLogger(EvidenceBook.class);

  private final RegisterMapper mapper;
  private final Drafts drafts;
  private final Ladders ladders;
  private final AttemptList attempts;
  private final AnswerBook answers;

  EvidenceBook(
      RegisterMapper mapper,
      Drafts drafts,
      Ladders ladders,
      AttemptList attempts,
      AnswerBook answers) {
    this.mapper = mapper;
    this.drafts = drafts;
    this.ladders = ladders;
    this.attempts = attempts;
    this.answers = answers;
  }

  /** Counts all evidence anew; changes nothing where nothing has changed. */
  public EvidenceView again() {
    int placed =
        place(mapper.unplacedHandoutSums(), mapper::placeHandoutSum)
            + place(mapper.unplacedWork(), mapper::placeWork);
    List<Long> unjudged = mapper.unjudged(Judge.VERSION);
    unjudged.forEach(attempts::judge);
    int marked = answers.markAgain();
    return new EvidenceView(placed, unjudged.size(), marked);
  }

  private int place(List<UnplacedRow> sums, BiFunction<UnplacedRow, String, Integer> put) {
    int placed = 0;
    for (UnplacedRow sum : sums) {
      Optional<String> rung = rung(sum);
      if (rung.isPresent()) {
        placed += put.apply(sum, rung.get());
      }
    }
    return placed;
  }

  private Optional<String> rung(UnplacedRow sum) {
    try {
      String method = sum.method().isEmpty() ? null : sum.method();
      String rung =
          drafts
              .item(new SumRequest(sum.plain(), method, null, null))
              .placed(ladders.current().ladder())
              .rung();
      return Optional.of(rung).filter(found -> !found.isEmpty());
    } catch (RuntimeException e) {
      LOG.error("A kept sum cannot be read: {}", sum.plain(), e);
      return Optional.empty();
    }
  }
}
