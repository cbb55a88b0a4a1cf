package bemble.app.sets;

import bemble.app.file.Deletions;
import bemble.app.house.Classes;
import bemble.app.house.Roll;
import bemble.app.json.Slice;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SetEntry;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetJson.VersionView;
import bemble.app.table.Like;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import bemble.practice.LessonPart;
import bemble.practice.SetLine;
import bemble.practice.SetMaker;
import bemble.style.Style;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps sets with their versions. */
@Service
public class SetBook {
  private final SetMapper mapper;
  private final Drafts drafts;
  private final Paces paces;
  private final Classes classes;
  private final Roll roll;
  private final Ladders ladders;
  private final Deletions deletions;
  private final Clock clock;
  private final ObjectMapper json;

  /** Several changes, all or none; the disk is waited for once, after them. */
  private final TransactionOperations transactions;

  SetBook(
      SetMapper mapper,
      Drafts drafts,
      Paces paces,
      Classes classes,
      Roll roll,
      Ladders ladders,
      Deletions deletions,
      Clock clock,
      ObjectMapper json,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.drafts = drafts;
    this.paces = paces;
    this.classes = classes;
    this.roll = roll;
    this.ladders = ladders;
    this.deletions = deletions;
    this.clock = clock;
    this.json = json;
    this.transactions = transactions;
  }

  /** A slice of the sets that were found: those kept before the one of that id. */
  public Slice<SetEntry> search(String words, long before) {
    String like = Like.containing(words.toLowerCase(Locale.ROOT).strip());
    List<SetEntry> found =
        mapper.search(like, before, Slice.SIZE).stream()
            .map(
                row ->
                    new SetEntry(row.id(), row.title(), row.keptAt(), row.sums(), row.versions()))
            .toList();
    return new Slice<>(found, mapper.count(like));
  }

  /** Keeps a set as its version A. */
  public SetView keep(SetRequest request) {
    List<Item> items = items(request);
    Long classId = classes.current().orElse(null);
    OffsetDateTime now = OffsetDateTime.now(clock);
    roll.refuseNamed(request.title());
    NewSet set = new NewSet(request.title(), classId, lines(request), now);
    long id =
        transactions.execute(
            status -> {
              long inserted = mapper.insert(set);
              mapper.addSums(inserted, rows(Versions.FIRST, items));
              return inserted;
            });
    return open(id, Versions.FIRST);
  }

  private List<Item> items(SetRequest request) {
    return request.sums().stream().map(drafts::item).toList();
  }

  private static List<SetSumRow> rows(String version, List<Item> items) {
    List<SetSumRow> rows = new ArrayList<>();
    for (Item item : items) {
      String plain = WorkingWords.plain(item.problem());
      rows.add(
          new SetSumRow(
              version, rows.size(), plain, item.method(), item.rung(), item.part().name()));
    }
    return rows;
  }

  public SetView open(long id, String version) {
    SetRow row = find(id);
    List<SetSumRow> sums = mapper.sums(id);
    List<Item> items = items(sums, version);
    SetWords words = new SetWords(classes.currentStyle(), ladders.current());
    return new SetView(
        id,
        row.title(),
        row.keptAt(),
        lines(row),
        sums.stream().map(SetSumRow::version).distinct().toList(),
        new VersionView(version, words.sums(items), words.workload(items, paces.current())),
        state(row, sums));
  }

  private static String state(SetRow row, List<SetSumRow> sums) {
    String all = row.title() + row.lines() + sums;
    return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
  }

  /** A version as a file. */
  SetFile file(long id, String version) {
    SetRow row = find(id);
    List<SumRequest> sums =
        items(mapper.sums(id), version).stream()
            .map(
                item ->
                    new SumRequest(
                        WorkingWords.plain(item.problem()),
                        item.method(),
                        item.rung(),
                        item.part()))
            .toList();
    return new SetFile(SetFile.FORMAT, SetFile.VERSION, row.title(), lines(row), sums);
  }

  private List<Item> items(List<SetSumRow> sums, String version) {
    List<Item> items =
        sums.stream()
            .filter(sum -> sum.version().equals(version))
            .map(
                sum ->
                    drafts.item(
                        new SumRequest(
                            sum.plain(), sum.method(), sum.rung(), LessonPart.valueOf(sum.part()))))
            .toList();
    if (items.isEmpty()) {
      throw new MissingException("set");
    }
    return items;
  }

  /** Other numbers for a set take its other versions away: they would be of other sums. */
  SetView change(long id, SetRequest request) {
    List<SetSumRow> rows = rows(Versions.FIRST, items(request));
    transactions.executeWithoutResult(
        status -> {
          mapper.hold(id);
          List<SetSumRow> before = mapper.sums(id);
          if (request.state() != null && !request.state().equals(state(find(id), before))) {
            throw new StaleException("set-changed");
          }
          roll.refuseNamed(request.title());
          if (mapper.change(id, request.title(), lines(request)) == 0) {
            throw missing();
          }
          if (!rows.equals(before.stream().filter(sum -> sum.version().equals("A")).toList())) {
            mapper.removeSums(id);
            mapper.addSums(id, rows);
          }
        });
    return open(id, Versions.FIRST);
  }

  /** Adds the next version of a set. */
  SetView addVersion(long id) {
    SetRow row = find(id);
    List<SetSumRow> sums = mapper.sums(id);
    int versions = (int) sums.stream().map(SetSumRow::version).distinct().count();
    if (versions == Versions.ALL.size()) {
      throw RefusedException.of("no-more-versions");
    }
    Style style = classes.currentStyle();
    List<SetLine> lines = lines(row).stream().map(line -> drafts.line(line, style)).toList();
    List<Item> first = items(sums, "A");
    if (lines.stream().mapToInt(SetLine::count).sum() != first.size()) {
      throw RefusedException.of("typed-versions");
    }
    List<String> used = new ArrayList<>();
    for (String version : Versions.ALL.subList(0, versions)) {
      items(sums, version).forEach(item -> used.add(item.key()));
    }
    List<Item> items = new SetMaker(style).version(lines, first, used, id * 31 + versions);
    if (items.size() < first.size()) {
      throw RefusedException.of("no-sums-left");
    }
    String version = Versions.ALL.get(versions);
    try {
      mapper.addSums(id, rows(version, withParts(items, first)));
    } catch (DuplicateKeyException e) {
      throw new StaleException("version-made");
    }
    return open(id, version);
  }

  private static List<Item> withParts(List<Item> items, List<Item> first) {
    List<Item> parted = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      parted.add(new Item(item.problem(), item.method(), item.rung(), first.get(i).part()));
    }
    return parted;
  }

  List<KeyView> slipKey(long id, String version) {
    find(id);
    SetWords words = new SetWords(classes.currentStyle(), ladders.current());
    return items(mapper.sums(id), version).stream().map(words::key).toList();
  }

  void delete(long id) {
    deletions.delete(mapper, id, SetBook::missing);
  }

  void restore(long id) {
    deletions.restore(mapper, id, SetBook::missing);
  }

  private SetRow find(long id) {
    return mapper.find(id).orElseThrow(SetBook::missing);
  }

  private JsonNode lines(SetRequest request) {
    return json.valueToTree(request.lines() == null ? List.of() : request.lines());
  }

  private List<SetLineView> lines(SetRow row) {
    return json.convertValue(row.lines(), new TypeReference<>() {});
  }

  private static MissingException missing() {
    return new MissingException("set");
  }
}
