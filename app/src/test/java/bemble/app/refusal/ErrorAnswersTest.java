package bemble.app.refusal;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.matchesPattern;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import bemble.problem.Refusal;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mybatis.spring.MyBatisSystemException;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

class ErrorAnswersTest {
  private final Failing failing = new Failing();
  private final MockMvc mvc =
      MockMvcBuilders.standaloneSetup(failing).setControllerAdvice(new ErrorAnswers()).build();

  /** Fails as it is told to. */
  @RestController
  static final class Failing {
    private RuntimeException failure;

    record Titled(@NotBlank(message = "Give the page a title.") String title) {}

    @PostMapping("/api/keep")
    void keep(@Valid @RequestBody Titled titled) {
      if (failure != null) {
        throw failure;
      }
    }

    @GetMapping("/api/pages/{id}")
    void open(@PathVariable long id) {
      throw failure;
    }
  }

  private ResultActions keep(String body) throws Exception {
    return mvc.perform(post("/api/keep").contentType(MediaType.APPLICATION_JSON).content(body));
  }

  private ResultActions failWith(RuntimeException failure) throws Exception {
    failing.failure = failure;
    return keep("{\"title\":\"Tubs\"}");
  }

  @Test
  void aFullDiskIsSaidHoweverDeepItWasFound() throws Exception {
    DiskFullException full = new DiskFullException();
    for (RuntimeException failure :
        new RuntimeException[] {full, new MyBatisSystemException(null, full)}) {
      failWith(failure)
          .andExpect(status().isInsufficientStorage())
          .andExpect(jsonPath("$.detail").value(containsString("no room left")));
    }
  }

  @Test
  void whoWaitedInVainForAnotherChangeIsToldWhenToTryAgain() throws Exception {
    failWith(new CannotAcquireLockException("Timeout trying to lock table"))
        .andExpect(status().isServiceUnavailable())
        .andExpect(header().string("Retry-After", "1"))
        .andExpect(jsonPath("$.detail").value(containsString("try again in a moment")));
  }

  @Test
  void aRefusedLineIsAnsweredWithItsSentenceAndPlace() throws Exception {
    Refusal refusal = new Refusal(Refusal.Code.SECOND_POINT, 3, 4, Map.of());
    failWith(new RefusedException(refusal, "One point at most."))
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON))
        .andExpect(jsonPath("$.type").value("urn:bemble:second-point"))
        .andExpect(jsonPath("$.detail").value("One point at most."))
        .andExpect(jsonPath("$.from").value(3))
        .andExpect(jsonPath("$.to").value(4));
  }

  @ParameterizedTest
  @ValueSource(strings = {"{", "[]", ""})
  void anUnreadableBodyNamesNoInnards(String body) throws Exception {
    keep(body)
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.detail").value(containsString("could not be read")));
  }

  @Test
  void aValueThatIsNotValidIsAnsweredWithItsSentence() throws Exception {
    keep("{\"title\":\" \"}")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(jsonPath("$.detail").value("Give the page a title."));
  }

  @Test
  void whatIsGoneIsMissing() throws Exception {
    failing.failure = new MissingException("page");
    mvc.perform(get("/api/pages/7")).andExpect(status().isNotFound());
    mvc.perform(get("/api/pages/seven"))
        .andExpect(status().isBadRequest())
        .andExpect(content().contentType(MediaType.APPLICATION_PROBLEM_JSON));
  }

  /** A value that the core refuses after the checks at the door is a fault of ours too. */
  @Test
  void aFaultOfOursTellsItsNumberAndNothingOfItself() throws Exception {
    for (RuntimeException failure :
        new RuntimeException[] {
          new IllegalStateException("secret"), new IllegalArgumentException("secret")
        }) {
      failWith(failure)
          .andExpect(status().isInternalServerError())
          .andExpect(jsonPath("$.fault").value(matchesPattern("[0-9a-f]{8}")))
          .andExpect(
              jsonPath("$.detail").value(matchesPattern(".*Nothing was changed.*[0-9a-f]{8}.*")));
    }
  }
}
