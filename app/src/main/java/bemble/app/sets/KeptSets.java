package bemble.app.sets;

import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.refusal.MissingException;
import bemble.app.sets.SetJson.KeyView;
import bemble.app.sets.SetJson.SetLineView;
import bemble.app.sets.SetJson.SetRequest;
import bemble.app.sets.SetJson.SetView;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetJson.VersionView;
import bemble.app.working.WorkingWords;
import bemble.practice.Item;
import bemble.practice.LessonPart;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Kept sets as they are read: shown, as a file, with the slips that each sum tells. */
@Component
public class KeptSets {
  private final SetMapper mapper;
  private final Drafts drafts;
  private final Paces paces;
  private final Classes classes;
  private final Ladders ladders;
  private final ObjectMapper json;

  KeptSets(
      SetMapper mapper,
      Drafts drafts,
      Paces paces,
      Classes classes,
      Ladders ladders,
      ObjectMapper json) {
    this.mapper = mapper;
    this.drafts = drafts;
    this.paces = paces;
    this.classes = classes;
    this.ladders = ladders;
    this.json = json;
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

  static String state(SetRow row, List<SetSumRow> sums) {
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

  List<Item> items(List<SetSumRow> sums, String version) {
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

  List<KeyView> slipKey(long id, String version) {
    find(id);
    SetWords words = new SetWords(classes.currentStyle(), ladders.current());
    return items(mapper.sums(id), version).stream().map(words::key).toList();
  }

  SetRow find(long id) {
    return mapper.find(id).orElseThrow(KeptSets::missing);
  }

  List<SetLineView> lines(SetRow row) {
    return json.convertValue(row.lines(), new TypeReference<>() {});
  }

  static MissingException missing() {
    return new MissingException("set");
  }

  JsonNode lines(SetRequest request) {
    return json.valueToTree(request.lines() == null ? List.of() : request.lines());
  }
}
