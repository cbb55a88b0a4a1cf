package bemble.app.marking;

import bemble.app.marking.MarkingJson.ExplanationView;
import bemble.app.marking.MarkingJson.Grounds;
import bemble.app.marking.RecentWork.OfPupil;
import bemble.diagnosis.Explanation;
import bemble.diagnosis.Lately;
import bemble.diagnosis.Lately.Told;
import bemble.diagnosis.Pool;
import bemble.diagnosis.Sureness;
import bemble.practice.Item;
import bemble.slip.Slip;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Explains the answers to one handout by the recent work of a pupil. */
final class PupilAnswers {
  /** Explanations that are less likely are not worth a look. */
  private static final double WORTH_A_LOOK = 0.05;

  private static final int MOST_EXPLANATIONS = 3;

  private final long handout;
  private final OfPupil work;
  private final Lately lately;

  /** The diagnoses of the handout's operations. */
  private final List<Told> told;

  PupilAnswers(long handout, OfPupil work, LocalDate day, Lately lately) {
    this.handout = handout;
    this.work = work;
    this.lately = lately;
    told =
        lately.told(work.works(), day).values().stream()
            .filter(each -> each.places().stream().anyMatch(this::isHere))
            .toList();
  }

  private boolean isHere(int place) {
    RecentRow row = work.rows().get(place);
    return row.handoutId() != null && row.handoutId() == handout;
  }

  /** The sure explanations that show in an answer to the handout, at most one of each operation. */
  List<Explanation> sure() {
    return told.stream()
        .flatMap(
            each ->
                each
                    .diagnosis()
                    .sure()
                    .filter(sure -> !here(each, sure.explains()).isEmpty())
                    .stream())
        .toList();
  }

  /** The slips that may be printed: those that are sure and told from all others. */
  List<Slip> printed() {
    return sure().stream()
        .filter(each -> each.alike().isEmpty())
        .flatMap(each -> each.slips().stream())
        .toList();
  }

  /** The sums of the handout, from 0, whose answers an explanation gives. */
  List<Integer> here(Explanation explanation) {
    return told.stream()
        .filter(each -> each.diagnosis().explanations().contains(explanation))
        .findFirst()
        .map(each -> here(each, explanation.explains()))
        .orElse(List.of());
  }

  private List<Integer> here(Told each, List<Integer> places) {
    return places.stream()
        .map(place -> each.places().get(place))
        .filter(this::isHere)
        .map(place -> work.rows().get(place).number())
        .toList();
  }

  /** The likeliest explanations in words, what is sure first. */
  List<ExplanationView> explanations(Marker marker) {
    List<ExplanationView> views = new ArrayList<>();
    for (Told each : told) {
      Optional<Explanation> sure = each.diagnosis().sure();
      each.diagnosis().explanations().stream()
          .filter(one -> one.probability() >= WORTH_A_LOOK || sure.filter(one::equals).isPresent())
          .limit(MOST_EXPLANATIONS)
          .forEach(one -> views.add(view(each, one, sure.filter(one::equals).isPresent(), marker)));
    }
    views.sort(
        Comparator.comparing(ExplanationView::sure)
            .thenComparing(ExplanationView::probability)
            .reversed());
    return views.stream().limit(MOST_EXPLANATIONS).toList();
  }

  private ExplanationView view(Told each, Explanation one, boolean isSure, Marker marker) {
    List<Integer> explains = here(each, one.explains());
    List<Integer> against = here(each, one.against());
    return new ExplanationView(
        one.alike().isEmpty()
            ? one.slips().stream().map(marker::label).toList()
            : List.of(SlipLabels.of(one.names(), marker.words())),
        one.isOwn(),
        one.probability(),
        Sureness.of(isSure ? Math.max(one.probability(), Explanation.SURE) : one.probability()),
        isSure,
        new Grounds(
            explains,
            against,
            one.explains().size() - explains.size(),
            one.against().size() - against.size()));
  }

  /** Sums that would decide a doubt. */
  List<Item> askNext(Pool pool, int most) {
    return told.stream()
        .flatMap(each -> lately.askNext(each, pool, most).stream())
        .distinct()
        .limit(most)
        .toList();
  }
}
