package bemble.app.sets;

import bemble.app.export.SheetTable;
import bemble.app.http.MissingException;
import bemble.app.store.SheetMapper;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Keeps where everything lies on the exercise sheets that were made. */
@Service
public class SheetBook {
  private final SheetMapper mapper;
  private final Clock clock;
  private final ObjectMapper json;

  SheetBook(SheetMapper mapper, Clock clock, ObjectMapper json) {
    this.mapper = mapper;
    this.clock = clock;
    this.json = json;
  }

  /**
   * Keeps the tables of some sheets; gives what the codes of the sheets say: {@code BEMBLE SET 4 A
   * SHEET 1 NO 17}, where the last number finds the table.
   *
   * @param set the kept set; 0 for one that is not kept
   */
  List<String> codes(long set, String version, List<SheetTable> tables) {
    List<String> codes = new ArrayList<>();
    for (SheetTable table : tables) {
      String head = head(set, version, codes.size() + 1);
      codes.add(head + " NO " + keep(set, head, table));
    }
    return codes;
  }

  private static String head(long set, String version, int sheet) {
    return "BEMBLE SET " + set + " " + version + " SHEET " + sheet;
  }

  /** Codes of sheets that are only looked at, and find no table. */
  static List<String> codesToLookAt(long set, String version, List<SheetTable> tables) {
    return IntStream.rangeClosed(1, tables.size())
        .mapToObj(sheet -> head(set, version, sheet) + " NO 0")
        .toList();
  }

  private long keep(long set, String head, SheetTable table) {
    JsonNode lies = json.valueToTree(table);
    String digest = digest(head + lies);
    mapper.add(set, digest, lies, OffsetDateTime.now(clock));
    return mapper.find(digest).orElseThrow();
  }

  private static String digest(String text) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(text.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Where everything lies on the sheet of that number. */
  SheetTable table(long number) {
    JsonNode lies = mapper.lies(number).orElseThrow(() -> new MissingException("sheet"));
    return json.convertValue(lies, SheetTable.class);
  }
}
