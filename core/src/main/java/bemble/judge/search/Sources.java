package bemble.judge.search;

import bemble.judge.reading.Prediction;
import bemble.judge.reading.Prediction.Seen;
import bemble.paper.Role;
import bemble.procedure.Entry;
import bemble.procedure.Section;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Where the slip behind a difference may have happened. */
final class Sources {
  /** How many sections before the one where a difference shows are searched for its slip. */
  private static final int SECTIONS_BACK = 2;

  private Sources() {}

  /**
   * The section in which a difference shows, those shortly before it, and those of the small
   * figures that it came from, which need not be written.
   *
   * @param runsOn whether figures go on where nothing is due, which the next column may have
   *     written
   */
  static List<Section> before(Seen wrong, Prediction prediction, boolean runsOn) {
    Set<Entry> small = new HashSet<>();
    addSmall(wrong.entry(), small);
    Set<Section> sources = new HashSet<>();
    List<Section> sections = new ArrayList<>();
    for (var step : prediction.working().steps()) {
      sections.remove(step.section());
      sections.add(0, step.section());
      if (step.entries().stream().anyMatch(small::contains)) {
        sources.add(step.section());
      }
      if (step == wrong.step()) {
        break;
      }
    }
    List<Section> near = sections.subList(0, Math.min(sections.size(), SECTIONS_BACK + 1));
    Section here = wrong.step().section();
    Stream<Section> next =
        runsOn && here.kind() == Section.Kind.COLUMN
            ? Stream.of(Section.column(here.number() + 1))
            : Stream.empty();
    Stream<Section> before =
        sections.stream().filter(each -> near.contains(each) || sources.contains(each));
    return Stream.concat(before, next).toList();
  }

  private static void addSmall(Entry from, Set<Entry> small) {
    for (Entry read : from.reads()) {
      if (read.slot().role().kind() == Role.Kind.AID && small.add(read)) {
        addSmall(read, small);
      }
    }
  }
}
