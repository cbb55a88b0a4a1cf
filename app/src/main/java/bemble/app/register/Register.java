package bemble.app.register;

import bemble.app.house.Classes;
import bemble.app.house.PupilEntry;
import bemble.app.house.PupilMapper;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.ladder.Ladders;
import bemble.app.marking.MarkingJson.SlipLabel;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.register.RegisterJson.DecidedView;
import bemble.app.register.RegisterJson.RegisterView;
import bemble.app.register.RegisterJson.SquareView;
import bemble.app.register.RegisterJson.StandingRequest;
import bemble.app.sets.SetWords;
import bemble.app.table.Shared;
import bemble.app.words.SlipIds;
import bemble.ladder.Rung;
import bemble.progress.ClassProgress;
import bemble.progress.Evidence;
import bemble.progress.Progress;
import bemble.progress.Rules;
import bemble.progress.Standing;
import bemble.progress.Taught;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Where the pupils of a class stand. */
@Service
public class Register {
  private final RegisterMapper mapper;
  private final PupilMapper pupils;
  private final Roll roll;
  private final Classes classes;
  private final Ladders ladders;
  private final Shared shared;
  private final Clock clock;
  private final TransactionOperations transactions;

  Register(
      RegisterMapper mapper,
      PupilMapper pupils,
      Roll roll,
      Classes classes,
      Ladders ladders,
      Shared shared,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.pupils = pupils;
    this.roll = roll;
    this.classes = classes;
    this.ladders = ladders;
    this.shared = shared;
    this.clock = clock;
    this.transactions = transactions;
  }

  /** Words in the conventions of a class. */
  public RegisterWords words(long classId) {
    return new RegisterWords(new SetWords(classes.style(classId), ladders.of(classId)));
  }

  /** The register of the current class. */
  public RegisterView view() {
    return shared.of(List.of("register", LocalDate.now(clock)), this::work);
  }

  /** Works the register out once after the start, so that the first request need not wait. */
  @Scheduled(initialDelay = 200)
  void workAhead() {
    if (classes.current().isPresent()) {
      // In the language in which it will be asked for.
      LocaleContextHolder.setLocale(Locale.forLanguageTag(classes.language()));
      try {
        view();
      } finally {
        LocaleContextHolder.resetLocaleContext();
      }
    }
  }

  private RegisterView work() {
    long classId = classes.here();
    RegisterWords words = words(classId);
    Set<String> shown =
        words.ladder().rungs().stream().map(Rung::id).collect(Collectors.toUnmodifiableSet());
    Map<Long, Map<String, Told>> told = told(classId);
    List<PupilEntry> all = roll.all();
    List<SquareView> squares = new ArrayList<>();
    Map<String, SlipLabel> slips = new LinkedHashMap<>();
    for (PupilEntry pupil : all) {
      told.getOrDefault(pupil.id(), Map.of())
          .forEach(
              (rung, each) -> {
                if (!shown.contains(rung)) {
                  return;
                }
                Optional<SlipLabel> slip =
                    each.byRules().slip().flatMap(last -> words.slip(last.slip()));
                slip.ifPresent(label -> slips.put(label.id(), label));
                squares.add(square(pupil.id(), rung, each, slip, words));
              });
    }
    return new RegisterView(
        words.rungs(),
        all,
        squares,
        List.copyOf(slips.values()),
        RegisterWords.rules(Rules.STANDARD));
  }

  private static SquareView square(
      long pupil, String rung, Told told, Optional<SlipLabel> slip, RegisterWords words) {
    DecidedRow decided = told.decided();
    return new SquareView(
        pupil,
        rung,
        told.progress().standing(),
        words.why(told.byRules()),
        slip.map(SlipLabel::id).orElse(null),
        told.progress().lookAgain().orElse(null),
        decided == null
            ? DecidedView.NOTHING
            : new DecidedView(
                told.byRules().standing(), decided.note(), decidedOn(decided), told.against()));
  }

  /**
   * The standing of a pupil on a rung.
   *
   * @param progress the standing with a teacher's decision
   * @param decided that; null where it is nothing
   * @param against whether newer work speaks against that
   */
  private record Told(
      Progress byRules, Progress progress, @Nullable DecidedRow decided, boolean against) {
    private static Told byRules(Progress progress) {
      return new Told(progress, progress, null, false);
    }
  }

  private Told decided(Progress byRules, DecidedRow row, List<Evidence> newer) {
    Standing standing = Standing.valueOf(row.standing());
    LocalDate today = LocalDate.now(clock);
    Progress decided = byRules.decided(standing, decidedOn(row), newer, today, Rules.STANDARD);
    boolean against = standing.isSure() && Progress.speaksAgainst(newer, Rules.STANDARD);
    return new Told(byRules, decided, row, against);
  }

  private static LocalDate decidedOn(DecidedRow row) {
    return row.decidedAt().toLocalDate();
  }

  /** The standing of a pupil on each rung, with the teacher's decisions. */
  Map<String, Progress> progress(PupilRow pupil, List<EvidenceRow> evidence) {
    List<DecidedRow> decided =
        mapper.decided(pupil.classId()).stream()
            .filter(row -> row.pupilId() == pupil.id())
            .toList();
    return standings(told(evidence, decided).getOrDefault(pupil.id(), Map.of()));
  }

  private static Map<String, Progress> standings(Map<String, Told> told) {
    Map<String, Progress> standings = new HashMap<>();
    told.forEach((rung, each) -> standings.put(rung, each.progress()));
    return standings;
  }

  private Map<Long, Map<String, Told>> told(long classId) {
    return shared.of(
        List.of("told", classId, LocalDate.now(clock)),
        () -> told(evidence(classId), mapper.decided(classId)));
  }

  /**
   * The standing of each pupil on each rung; without any work on a rung, the teacher's decision.
   */
  private Map<Long, Map<String, Told>> told(List<EvidenceRow> evidence, List<DecidedRow> decided) {
    Map<Long, Map<String, List<Evidence>>> work = byRung(evidence);
    LocalDate today = LocalDate.now(clock);
    Map<Long, Map<String, Told>> told = new HashMap<>();
    work.forEach(
        (pupil, rungs) ->
            rungs.forEach(
                (rung, sums) ->
                    told.computeIfAbsent(pupil, any -> new LinkedHashMap<>())
                        .put(rung, Told.byRules(Progress.of(sums, today, Rules.STANDARD)))));
    for (DecidedRow row : decided) {
      List<Evidence> newer =
          work.getOrDefault(row.pupilId(), Map.of()).getOrDefault(row.rung(), List.of()).stream()
              .filter(sum -> sum.day().isAfter(decidedOn(row)))
              .toList();
      told.computeIfAbsent(row.pupilId(), any -> new LinkedHashMap<>())
          .compute(
              row.rung(),
              (rung, before) ->
                  decided(before == null ? Progress.NONE : before.byRules(), row, newer));
    }
    return told;
  }

  /** The standings of the pupils who have not left, with the teacher's decisions. */
  public ClassProgress progress(long classId) {
    Map<Long, Map<String, Told>> told = told(classId);
    Map<Long, Map<String, Progress>> all = new LinkedHashMap<>();
    for (PupilRow pupil : pupils.of(classId)) {
      if (pupil.leftAt() == null) {
        all.put(pupil.id(), standings(told.getOrDefault(pupil.id(), Map.of())));
      }
    }
    return new ClassProgress(ladders.of(classId).ladder(), all);
  }

  /** The day of the first work of a class; empty where nothing was worked. */
  public Optional<LocalDate> firstDay(long classId) {
    return evidence(classId).stream().findFirst().map(EvidenceRow::workedOn);
  }

  /** The work of each pupil of a class on each rung, earliest first. */
  Map<Long, Map<String, List<Evidence>>> work(long classId) {
    return byRung(evidence(classId));
  }

  /** The work of the pupils of a class, earliest first. */
  private List<EvidenceRow> evidence(long classId) {
    return shared.of(List.of("evidence", classId), () -> mapper.evidence(classId));
  }

  /** The work of the pupils of a class on each rung and day. */
  public List<Taught.Worked> worked(long classId) {
    return shared.of(
        List.of("worked", classId),
        () ->
            evidence(classId).stream()
                .collect(
                    Collectors.groupingBy(
                        row -> new Taught.Worked(row.pupilId(), row.rung(), row.workedOn(), 1),
                        LinkedHashMap::new,
                        Collectors.summingInt(EvidenceRow::sums)))
                .entrySet()
                .stream()
                .map(
                    each ->
                        new Taught.Worked(
                            each.getKey().pupil(),
                            each.getKey().rung(),
                            each.getKey().day(),
                            each.getValue()))
                .toList());
  }

  /** How many pupils were sure of each rung on some days, by their work until then. */
  public List<Map<String, Integer>> sure(long classId, List<LocalDate> days) {
    List<Map<String, Integer>> sure = new ArrayList<>();
    days.forEach(day -> sure.add(new HashMap<>()));
    byRung(evidence(classId))
        .values()
        .forEach(
            rungs ->
                rungs.forEach(
                    (rung, work) -> {
                      NavigableMap<LocalDate, Boolean> was =
                          Progress.sureByDay(work, Rules.STANDARD);
                      for (int i = 0; i < days.size(); i++) {
                        Map.Entry<LocalDate, Boolean> last = was.floorEntry(days.get(i));
                        if (last != null && last.getValue()) {
                          sure.get(i).merge(rung, 1, Integer::sum);
                        }
                      }
                    }));
    return sure;
  }

  /** Work by pupil and rung. */
  private static Map<Long, Map<String, List<Evidence>>> byRung(List<EvidenceRow> rows) {
    Map<Long, Map<String, List<Evidence>>> evidence = new HashMap<>();
    for (EvidenceRow row : rows) {
      evidence
          .computeIfAbsent(row.pupilId(), any -> new LinkedHashMap<>())
          .computeIfAbsent(row.rung(), any -> new ArrayList<>())
          .addAll(Collections.nCopies(row.sums(), evidence(row)));
    }
    return evidence;
  }

  /** The forms of a slip count as the slip; one that this Bemble does not have, as none. */
  private static Evidence evidence(EvidenceRow row) {
    String slip = SlipIds.of(SlipIds.slips(row.slip()));
    return new Evidence(row.workedOn(), row.allRight(), row.helped(), slip);
  }

  /** Decides standings, or leaves them to the rules again; all of them or none. */
  public RegisterView decide(List<StandingRequest> requests) {
    transactions.executeWithoutResult(status -> requests.forEach(this::decide));
    return view();
  }

  private void decide(StandingRequest request) {
    if (pupils.find(request.pupil()).isEmpty()) {
      throw new MissingException("pupil");
    }
    if (!ladders.knows(request.rung())) {
      throw RefusedException.of("no-rung", "rung", request.rung());
    }
    if (request.standing() == null) {
      mapper.leaveToRules(request.pupil(), request.rung());
    } else {
      mapper.decide(
          new DecidedRow(
              request.pupil(),
              request.rung(),
              request.standing().name(),
              request.note() == null ? "" : request.note().strip(),
              OffsetDateTime.now(clock)));
    }
  }
}
