package bemble.app.sets;

import bemble.app.file.Deletions;
import bemble.app.house.Classes;
import bemble.app.house.Roll;
import bemble.app.json.Slice;
import bemble.app.refusal.RefusedException;
import bemble.app.refusal.StaleException;
import bemble.app.sets.SetJson.SetEntry;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.table.Like;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import bemble.practice.SetLine;
import bemble.practice.SetMaker;
import bemble.style.Style;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Keeps sets, changes them, and makes their versions. */
@Service
public class SetBook {
  private final SetMapper mapper;
  private final KeptSets kept;
  private final Drafts drafts;
  private final Classes classes;
  private final Roll roll;
  private final Deletions deletions;
  private final Clock clock;

  /** Several changes, all or none; the disk is waited for once, after them. */
  private final TransactionOperations transactions;

  SetBook(
      SetMapper mapper,
      KeptSets kept,
      Drafts drafts,
      Classes classes,
      Roll roll,
      Deletions deletions,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.kept = kept;
    this.drafts = drafts;
    this.classes = classes;
    this.roll = roll;
    this.deletions = deletions;
    this.clock = clock;
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
    NewSet set = new NewSet(request.title(), classId, kept.lines(request), now);
    long id =
        transactions.execute(
            status -> {
              long inserted = mapper.insert(set);
              mapper.addSums(inserted, rows(Versions.FIRST, items));
              return inserted;
            });
    return kept.open(id, Versions.FIRST);
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

  /** Other numbers for a set take its other versions away: they would be of other sums. */
  SetView change(long id, SetRequest request) {
    List<SetSumRow> rows = rows(Versions.FIRST, items(request));
    transactions.executeWithoutResult(
        status -> {
          mapper.hold(id);
          List<SetSumRow> before = mapper.sums(id);
          if (request.state() != null
              && !request.state().equals(KeptSets.state(kept.find(id), before))) {
            throw new StaleException("set-changed");
          }
          roll.refuseNamed(request.title());
          if (mapper.change(id, request.title(), kept.lines(request)) == 0) {
            throw KeptSets.missing();
          }
          if (!rows.equals(before.stream().filter(sum -> sum.version().equals("A")).toList())) {
            mapper.removeSums(id);
            mapper.addSums(id, rows);
          }
        });
    return kept.open(id, Versions.FIRST);
  }

  /** Adds the next version of a set. */
  SetView addVersion(long id) {
    SetRow row = kept.find(id);
    List<SetSumRow> sums = mapper.sums(id);
    int versions = (int) sums.stream().map(SetSumRow::version).distinct().count();
    if (versions == Versions.ALL.size()) {
      throw RefusedException.of("no-more-versions");
    }
    Style style = classes.currentStyle();
    List<SetLine> lines = kept.lines(row).stream().map(line -> drafts.line(line, style)).toList();
    List<Item> first = kept.items(sums, "A");
    if (lines.stream().mapToInt(SetLine::count).sum() != first.size()) {
      throw RefusedException.of("typed-versions");
    }
    List<String> used = new ArrayList<>();
    for (String version : Versions.ALL.subList(0, versions)) {
      kept.items(sums, version).forEach(item -> used.add(item.key()));
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
    return kept.open(id, version);
  }

  private static List<Item> withParts(List<Item> items, List<Item> first) {
    List<Item> parted = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      parted.add(new Item(item.problem(), item.method(), item.rung(), first.get(i).part()));
    }
    return parted;
  }

  void delete(long id) {
    deletions.delete(mapper, id, KeptSets::missing);
  }

  void restore(long id) {
    deletions.restore(mapper, id, KeptSets::missing);
  }
}
