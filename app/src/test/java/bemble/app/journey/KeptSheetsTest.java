package bemble.app.journey;

import static org.junit.jupiter.api.Assertions.assertEquals;

import bemble.app.scan.KeptSheets;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.Clock;
import java.time.LocalDate;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Pictures whose answers are taken: gone at once, or on a day that a teacher chooses. */
class KeptSheetsTest extends FilledSheets {
  private JsonNode handout;
  private JsonNode scan;

  @BeforeEach
  void read() {
    handout = handout("84 ÷ 4");
    scan = read(handout, pile(handout));
    for (JsonNode page : scan.get("pages")) {
      assertEquals(200, settle(scan, page, 0, "21").status());
    }
  }

  private LocalDate today() {
    return LocalDate.now(app.part(Clock.class));
  }

  private Talk.Answer take(String keep) {
    return talk.post("/api/scans/" + scan.get("id") + "/take" + keep, "");
  }

  private JsonNode kept() {
    return talk.get("/api/scans/kept?handout=" + handout.get("id")).json();
  }

  private int picture(JsonNode page) {
    return talk.get("/api/scans/kept/" + page + "?handout=" + handout.get("id")).status();
  }

  @Test
  void goAtOnceUnlessSomebodyKeepsThem() {
    assertEquals(200, take("").status());
    assertEquals(0, kept().size());
    assertEquals(404, picture(scan.get("pages").get(0).get("id")));
  }

  @Test
  void areKeptUpToADayAndGoThenOrBefore() {
    for (String keep : new String[] {today().minusDays(1).toString(), today().plusYears(2) + ""}) {
      assertEquals(422, take("?keep=" + keep).status());
    }
    assertEquals(200, take("?keep=" + today()).status());
    assertEquals(2, kept().size());
    JsonNode first = kept().get(0);
    assertEquals(today().toString(), first.get("until").asText());
    assertEquals(200, picture(first.get("page")));
    assertEquals(404, talk.get("/api/scans/kept/" + first.get("page") + "?handout=0").status());
    app.part(KeptSheets.class).deleteInTime();
    assertEquals(200, picture(first.get("page")), "the day is not over");
    app.spoil(
        "update kept_sheet set kept_until = date '2020-01-01' where page_id = "
            + first.get("page"));
    app.part(KeptSheets.class).deleteInTime();
    assertEquals(404, picture(first.get("page")));
    assertEquals(1, kept().size());
    talk.delete("/api/scans/kept?handout=" + handout.get("id"));
    assertEquals(0, kept().size());
  }

  @Test
  void goWithTheirPupil() {
    assertEquals(200, take("?keep=" + today().plusWeeks(8)).status());
    JsonNode first = kept().get(0);
    assertEquals(200, talk.delete("/api/roll/" + first.get("pupil")).status());
    assertEquals(404, picture(first.get("page")));
    assertEquals(1, kept().size());
  }
}
