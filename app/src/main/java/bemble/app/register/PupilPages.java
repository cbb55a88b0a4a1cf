package bemble.app.register;

import bemble.app.export.CutOut;
import bemble.app.export.PdfRequest;
import bemble.app.export.SetSheets;
import bemble.app.export.SetSheets.Letter;
import bemble.app.house.Classes;
import bemble.app.house.PupilEntry;
import bemble.app.house.PupilMapper;
import bemble.app.house.PupilRow;
import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.refusal.MissingException;
import bemble.app.register.RegisterJson.PupilPage;
import bemble.app.register.RegisterJson.SlipWeeks;
import bemble.app.register.RegisterJson.WorkSource;
import bemble.app.register.RegisterJson.WorkView;
import bemble.app.words.Sentences;
import bemble.app.words.SlipIds;
import bemble.ladder.Rung;
import bemble.progress.Progress;
import bemble.progress.Standing;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Tells of one pupil: slips over time, the latest work, and a letter to the parents. */
@Service
public class PupilPages {
  private static final int MOST_WEEKS = 12;
  private static final int MOST_WORK = 12;
  private static final int MOST_NAMED = 6;
  private static final int SUMS_TO_TRY = 3;

  private final Register register;
  private final RegisterMapper mapper;
  private final PupilMapper pupils;
  private final Classes classes;
  private final SetSheets sheets;
  private final Clock clock;

  PupilPages(
      Register register,
      RegisterMapper mapper,
      PupilMapper pupils,
      Classes classes,
      SetSheets sheets,
      Clock clock) {
    this.register = register;
    this.mapper = mapper;
    this.pupils = pupils;
    this.classes = classes;
    this.sheets = sheets;
    this.clock = clock;
  }

  /** The page of a pupil. */
  public PupilPage of(long id) {
    PupilRow pupil = find(id);
    List<EvidenceRow> rows = mapper.evidenceOf(id);
    RegisterWords words = register.words(pupil.classId());
    List<LocalDate> weeks =
        rows.isEmpty()
            ? List.of()
            : SchoolWeek.mondays(rows.get(0).workedOn(), LocalDate.now(clock), MOST_WEEKS);
    return new PupilPage(
        new PupilEntry(pupil.id(), pupil.name(), pupil.leftAt() != null),
        weeks,
        slips(rows, weeks, words),
        mapper.work(id, MOST_WORK).stream()
            .map(
                row ->
                    new WorkView(
                        WorkSource.valueOf(row.source()),
                        row.sourceId(),
                        row.title(),
                        row.workedOn(),
                        row.sums(),
                        row.rights()))
            .toList(),
        letter(pupil, rows));
  }

  private PupilRow find(long id) {
    return pupils.find(id).orElseThrow(() -> new MissingException("pupil"));
  }

  private static List<SlipWeeks> slips(
      List<EvidenceRow> rows, List<LocalDate> weeks, RegisterWords words) {
    Map<SlipLabel, int[]> times = new LinkedHashMap<>();
    for (EvidenceRow row : rows) {
      int week = weeks.indexOf(SchoolWeek.monday(row.workedOn()));
      if (week >= 0 && !row.allRight()) {
        words
            .slip(row.slip())
            .ifPresent(
                slip ->
                    times.computeIfAbsent(slip, any -> new int[weeks.size()])[week] += row.sums());
      }
    }
    return times.entrySet().stream()
        .map(each -> new SlipWeeks(each.getKey(), Arrays.stream(each.getValue()).boxed().toList()))
        .toList();
  }

  /** The letter to the parents of a pupil as PDF. */
  public byte[] letter(long id, PdfRequest.Size size) {
    return letter(id, letter(find(id), mapper.evidenceOf(id)), size);
  }

  /** A letter in the words of the teacher. */
  public byte[] letter(long id, List<String> lines, PdfRequest.Size size) {
    String name = find(id).name();
    return sheets.letters(List.of(new Letter(heading(name), lines)), size);
  }

  /** The letters to the parents of some pupils, each on a page of its own. */
  public byte[] letters(List<Long> ids, PdfRequest.Size size) {
    return sheets.letters(
        ids.stream()
            .map(this::find)
            .map(
                pupil ->
                    new Letter(heading(pupil.name()), letter(pupil, mapper.evidenceOf(pupil.id()))))
            .toList(),
        size);
  }

  private String heading(String name) {
    return Sentences.of(
        "letter.heading", "name", name, "day", RegisterWords.day(LocalDate.now(clock)));
  }

  private List<String> letter(PupilRow pupil, List<EvidenceRow> rows) {
    if (rows.isEmpty()) {
      return List.of(Sentences.of("letter.nothing", "name", pupil.name()));
    }
    RegisterWords words = register.words(pupil.classId());
    Map<String, Progress> progress = register.progress(pupil, rows);
    int all = rows.stream().mapToInt(EvidenceRow::sums).sum();
    int right = rows.stream().filter(EvidenceRow::allRight).mapToInt(EvidenceRow::sums).sum();
    long days = rows.stream().map(EvidenceRow::workedOn).distinct().count();
    String since = RegisterWords.day(rows.get(0).workedOn());
    List<String> lines = new ArrayList<>();
    lines.add(Sentences.of("letter.greeting", "name", pupil.name()));
    lines.add(
        Sentences.of(
            "letter.work",
            "name",
            pupil.name(),
            "sums",
            all,
            "since",
            since,
            "days",
            days,
            "right",
            right));
    sums(progress, words, Standing.SURE, Standing.LOOK_AGAIN)
        .ifPresent(
            sums -> lines.add(Sentences.of("letter.sure", "name", pupil.name(), "rungs", sums)));
    sums(progress, words, Standing.NEARLY)
        .ifPresent(sums -> lines.add(Sentences.of("letter.nearly", "rungs", sums)));
    sums(progress, words, Standing.BEGUN)
        .ifPresent(sums -> lines.add(Sentences.of("letter.begun", "rungs", sums)));
    progress.values().stream()
        .flatMap(each -> each.slip().stream())
        // A slip that is not told from another is not printed.
        .filter(last -> SlipIds.slips(last.slip()).size() == 1)
        .flatMap(last -> words.slip(last.slip()).stream())
        .distinct()
        .limit(1)
        .forEach(slip -> lines.add(Sentences.of("letter.slip", "slips", slip.name())));
    toTry(progress, words)
        .ifPresent(
            rung ->
                lines.add(
                    Sentences.of(
                        "letter.try",
                        "name",
                        pupil.name(),
                        "sums",
                        words.sums(rung, SUMS_TO_TRY))));
    return lines;
  }

  /** A sum of each rung of some standings: at home a sum says more than the name of a rung. */
  private static Optional<String> sums(
      Map<String, Progress> progress, RegisterWords words, Standing... standings) {
    List<String> all =
        words.ladder().rungs().stream()
            .filter(rung -> List.of(standings).contains(standing(progress, rung.id())))
            .map(rung -> CutOut.kept(words.sums(rung, 1)))
            .toList();
    // The latest rungs say more than the first.
    List<String> some = all.subList(Math.max(0, all.size() - MOST_NAMED), all.size());
    return some.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", some));
  }

  private static Standing standing(Map<String, Progress> progress, String rung) {
    return progress.getOrDefault(rung, Progress.NONE).standing();
  }

  /** The rung that is nearest to being sure and is not sure yet. */
  private static Optional<Rung> toTry(Map<String, Progress> progress, RegisterWords words) {
    return Stream.of(Standing.NEARLY, Standing.BEGUN, Standing.LOOK_AGAIN)
        .flatMap(
            wanted ->
                words.ladder().rungs().stream()
                    .filter(rung -> standing(progress, rung.id()) == wanted))
        .findFirst();
  }
}
