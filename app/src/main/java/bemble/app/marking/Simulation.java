package bemble.app.marking;

import bemble.app.house.PupilRow;
import bemble.app.marking.MarkingJson.CellRequest;
import bemble.app.marking.MarkingJson.CellsView;
import bemble.app.marking.MarkingJson.SimulatedRequest;
import bemble.app.refusal.RefusedException;
import bemble.diagnosis.SimulatedPupil;
import bemble.method.Sum;
import bemble.practice.Item;
import bemble.practice.SlipKey;
import bemble.procedure.Working;
import bemble.slip.Slip;
import bemble.slip.Slips;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Has simulated pupils fill in a handout, for whoever wants to see how marking goes. */
@Service
public class Simulation {
  private static final double WITH_A_SLIP = 0.55;
  private static final double MADE = 0.85;
  private static final double MISSED = 0.05;
  private static final double BLANK = 0.02;

  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final AnswerBook book;

  Simulation(HandoutMapper mapper, Handouts handouts, AnswerBook book) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.book = book;
  }

  /** Enters answers for all pupils of whom nothing is entered yet. */
  public CellsView fill(long id, SimulatedRequest request) {
    List<CellRequest> cells = answers(id, request);
    return cells.isEmpty() ? new CellsView(List.of(), List.of()) : book.put(id, cells);
  }

  /** Made-up answers of the pupils for whom nothing is entered yet. */
  public List<CellRequest> answers(long id, SimulatedRequest request) {
    return pages(id, request).stream()
        .map(page -> new CellRequest(page.pupil(), page.number(), page.given(), null, null))
        .toList();
  }

  /**
   * The page of a pupil for a sum.
   *
   * @param working empty where it is left blank
   * @param given the answer as it is typed
   */
  public record SimulatedPage(
      long pupil, int number, Sum sum, Optional<Working> working, String given) {}

  /** The pages that lead to these answers. */
  public List<SimulatedPage> pages(long id, SimulatedRequest request) {
    Marker marker = handouts.marker(handouts.find(id));
    List<Slip> slips = slips(marker, request.slips());
    Set<Long> done = new HashSet<>();
    mapper.answers(id).stream().map(AnswerRow::pupilId).forEach(done::add);
    Random random = new Random(request.seed() == null ? id : request.seed());
    List<SimulatedPage> pages = new ArrayList<>();
    List<PupilRow> pupils = mapper.pupils(id);
    int most = request.most() == null ? pupils.size() : Math.max(0, request.most());
    for (PupilRow pupil : pupils.subList(0, Math.min(most, pupils.size()))) {
      Optional<Slip> slip =
          slips.isEmpty() || random.nextDouble() > WITH_A_SLIP
              ? Optional.empty()
              : Optional.of(slips.get(random.nextInt(slips.size())));
      SimulatedPupil simulated = new SimulatedPupil(slip, MADE, MISSED, BLANK);
      for (int i = 0; i < marker.items().size(); i++) {
        Sum sum = marker.items().get(i).sum(marker.style());
        Optional<Working> working = simulated.page(sum, random);
        if (!done.contains(pupil.id())) {
          String given = working.map(Working::answer).map(marker::typed).orElse(Marker.BLANK);
          pages.add(new SimulatedPage(pupil.id(), i, sum, working, given));
        }
      }
    }
    return pages;
  }

  private static List<Slip> slips(Marker marker, @Nullable List<String> ids) {
    Set<Slip> known = new LinkedHashSet<>();
    for (Item item : marker.items()) {
      SlipKey.slips(item.sum(marker.style()).method()).stream()
          .filter(slip -> !slip.isOfFacts())
          .forEach(known::add);
    }
    if (ids == null) {
      return List.copyOf(known);
    }
    List<Slip> chosen = new ArrayList<>();
    for (String id : ids) {
      Slip slip = Slips.find(id).orElseThrow(() -> RefusedException.of("no-such-slip", "slip", id));
      if (known.contains(slip)) {
        chosen.add(slip);
      }
    }
    return chosen;
  }
}
