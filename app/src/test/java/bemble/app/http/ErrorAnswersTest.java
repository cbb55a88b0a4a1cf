package bemble.app.http;

import static org.hamcrest.Matchers.containsString;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.BDDMockito.given;
import static org.mockito.BDDMockito.willThrow;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import bemble.app.export.Exports;
import bemble.app.extract.Extracts;
import bemble.app.file.Backups;
import bemble.app.house.Classes;
import bemble.app.ladder.LadderBook;
import bemble.app.ladder.Ladders;
import bemble.app.marking.AnswerBook;
import bemble.app.marking.Glances;
import bemble.app.marking.GridTable;
import bemble.app.marking.Handouts;
import bemble.app.marking.MarkedPaper;
import bemble.app.marking.Reteaching;
import bemble.app.marking.Roll;
import bemble.app.marking.Simulation;
import bemble.app.page.Pages;
import bemble.app.plan.CalendarFile;
import bemble.app.plan.Lessons;
import bemble.app.plan.Logbook;
import bemble.app.plan.Plan;
import bemble.app.plan.Today;
import bemble.app.register.EvidenceBook;
import bemble.app.register.PupilPages;
import bemble.app.register.Register;
import bemble.app.runs.Runs;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetBook;
import bemble.app.sets.SetPrinter;
import bemble.app.sets.SheetBook;
import bemble.app.slate.AttemptList;
import bemble.app.slate.Attempts;
import bemble.app.slate.SimulatedSlates;
import bemble.app.working.Sums;
import bemble.app.working.Workings;
import bemble.problem.Refusal;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mybatis.spring.MyBatisSystemException;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.WebMvcTest;
import org.springframework.context.annotation.Import;
import org.springframework.http.MediaType;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import org.springframework.test.web.servlet.MockMvc;

@WebMvcTest
@Import(JsonOfCore.class)
class ErrorAnswersTest {
  @Autowired MockMvc mvc;
  @MockitoBean Workings workings;
  @MockitoBean Pages pages;
  @MockitoBean Classes classes;
  @MockitoBean Exports exports;
  @MockitoBean LadderBook ladder;
  @MockitoBean Ladders ladders;
  @MockitoBean SetBook book;
  @MockitoBean Drafts drafts;
  @MockitoBean SetPrinter printer;
  @MockitoBean Sums sums;
  @MockitoBean Attempts attempts;
  @MockitoBean AttemptList attemptList;
  @MockitoBean Runs runs;
  @MockitoBean Roll roll;
  @MockitoBean Handouts handouts;
  @MockitoBean AnswerBook answers;
  @MockitoBean Glances glances;
  @MockitoBean GridTable table;
  @MockitoBean Simulation simulation;
  @MockitoBean Reteaching reteaching;
  @MockitoBean MarkedPaper paper;
  @MockitoBean SheetBook sheets;
  @MockitoBean Register register;
  @MockitoBean Plan plan;
  @MockitoBean Lessons lessons;
  @MockitoBean Today today;
  @MockitoBean Logbook logbook;
  @MockitoBean CalendarFile calendar;
  @MockitoBean PupilPages pupilPages;
  @MockitoBean EvidenceBook evidence;
  @MockitoBean SimulatedSlates pupils;
  @MockitoBean Backups backups;
  @MockitoBean Extracts extracts;

  @Test
  void aFullDiskIsSaidHoweverDeepItWasFound() throws Exception {
    for (RuntimeException failure :
        List.of(
            new DiskFullException(), new MyBatisSystemException(null, new DiskFullException()))) {
      willThrow(failure).given(pages).keep(any());
      mvc.perform(
              post("/api/pages")
                  .contentType(MediaType.APPLICATION_JSON)
                  .content("{\"sum\":{\"plain\":\"4 + 4\"},\"title\":\"Tubs\"}"))
          .andExpect(status().isInsufficientStorage())
          .andExpect(jsonPath("$.detail").value(containsString("no room left")));
    }
  }

  @Test
  void aRefusedLineIsAnsweredWithItsSentenceAndPlace() throws Exception {
    Refusal refusal = new Refusal(Refusal.Code.SECOND_POINT, 3, 4, Map.of());
    given(workings.work(any())).willThrow(new RefusedException(refusal, "One point at most."));
    mvc.perform(
            post("/api/workings")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"plain\":\"1.2.3 + 4\"}"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
        .andExpect(jsonPath("$.type").value("urn:bemble:second-point"))
        .andExpect(jsonPath("$.detail").value("One point at most."))
        .andExpect(jsonPath("$.from").value(3))
        .andExpect(jsonPath("$.to").value(4));
  }

  @Test
  void anUnreadableBodyNamesNoInnards() throws Exception {
    for (String body : new String[] {"{", "[]", "{\"problem\":1,\"style\":{\"colour\":2}}", ""}) {
      mvc.perform(post("/api/workings").contentType(MediaType.APPLICATION_JSON).content(body))
          .andExpect(status().isBadRequest())
          .andExpect(jsonPath("$.detail").value(containsString("could not be read")));
    }
  }

  @Test
  void aPageWithoutATitleIsNotKept() throws Exception {
    mvc.perform(
            post("/api/pages")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"sum\":{\"plain\":\"1 + 2\",\"method\":\"column\"},\"title\":\" \"}"))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value(containsString("title")));
  }

  @Test
  void aPageThatIsGoneIsMissing() throws Exception {
    given(pages.open(anyLong())).willThrow(new MissingException("page"));
    mvc.perform(get("/api/pages/7")).andExpect(status().isNotFound());
    mvc.perform(delete("/api/pages/seven"))
        .andExpect(status().isBadRequest())
        .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON));
  }

  @Test
  void anUnforeseenFailureTellsNothingOfItself() throws Exception {
    given(workings.work(any())).willThrow(new IllegalStateException("secret"));
    mvc.perform(
            post("/api/workings")
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"plain\":\"1 + 2\"}"))
        .andExpect(status().isInternalServerError())
        .andExpect(jsonPath("$.detail").value(containsString("Nothing was changed")));
  }

  @Test
  void onlyThisMachineIsAnswered() throws Exception {
    mvc.perform(get("/api/pages").header("Host", "evil.example").with(named("evil.example")))
        .andExpect(status().isForbidden());
    mvc.perform(post("/api/pages/1/restore").header("Origin", "http://evil.example"))
        .andExpect(status().isForbidden());
    mvc.perform(get("/desk"))
        .andExpect(header().string("Content-Security-Policy", containsString("script-src 'self'")));
    mvc.perform(post("/api/pages").content("x".repeat(300_000)))
        .andExpect(status().isPayloadTooLarge());
  }

  private static org.springframework.test.web.servlet.request.RequestPostProcessor named(
      String host) {
    return request -> {
      request.setServerName(host);
      return request;
    };
  }
}
