package bemble.app.sets;

import bemble.app.export.SheetTable;
import bemble.app.refusal.MissingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Keeps where everything lies on the exercise sheets that were made. */
@Service
public class SheetBook {
  private final SheetMapper mapper;
  private final Clock clock;
  private final ObjectMapper json;
  private final SecureRandom random = new SecureRandom();

  SheetBook(SheetMapper mapper, Clock clock, ObjectMapper json) {
    this.mapper = mapper;
    this.clock = clock;
    this.json = json;
  }

  /**
   * Keeps the tables of some sheets; gives the codes for them.
   *
   * @param set the kept set; 0 for one that is not kept
   * @param handout the handout that they are printed for; 0 for none
   */
  List<SheetCode> keep(long set, long handout, List<SheetTable> tables) {
    List<SheetCode> codes = new ArrayList<>();
    for (SheetTable table : tables) {
      JsonNode lies = json.valueToTree(table);
      // The same sums on two sheets of a set are two sheets.
      String digest = digest(set + " " + handout + " " + codes.size() + " " + lies);
      String check = String.format("%08X", random.nextInt());
      mapper.add(new NewSheet(set, handout, digest, check, lies, OffsetDateTime.now(clock)));
      SheetRow row = mapper.find(digest).orElseThrow();
      codes.add(new SheetCode(row.id(), 0, row.checkWord()));
    }
    return codes;
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
  public SheetTable table(long number) {
    return mapper.lies(number).map(this::table).orElseThrow(() -> new MissingException("sheet"));
  }

  private SheetTable table(JsonNode lies) {
    return json.convertValue(lies, SheetTable.class);
  }

  /** Where everything lies on the sheet that a code names, if this Bemble has printed it. */
  public Optional<SheetTable> of(SheetCode code) {
    return mapper.named(code.sheet(), code.check()).map(this::table);
  }

  /** The handout that a sheet was printed for, if any. */
  public Optional<Long> handout(SheetCode code) {
    return mapper.handout(code.sheet());
  }
}
