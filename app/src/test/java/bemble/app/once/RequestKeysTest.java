package bemble.app.once;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.mockito.Mockito.mock;

import bemble.app.guard.PupilPort;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** Two requests under one key are done once. */
class RequestKeysTest {
  private final RequestKeys keys = new RequestKeys(mock(PupilPort.class));
  private int done;

  /** Counts how often it is called, and answers with the count. */
  private FilterChain doing(int status) {
    return (request, response) -> {
      ((HttpServletResponse) response).setStatus(status);
      response.setContentType("application/json");
      response.getWriter().write("[" + ++done + "]");
    };
  }

  private String send(String path, String key, FilterChain chain)
      throws ServletException, IOException {
    MockHttpServletRequest request = new MockHttpServletRequest("POST", path);
    request.addHeader(RequestKeys.HEADER, key);
    MockHttpServletResponse response = new MockHttpServletResponse();
    keys.doFilter(request, response, chain);
    return response.getStatus()
        + " "
        + response.getContentType()
        + " "
        + response.getContentAsString();
  }

  @Test
  void theSecondGetsTheAnswerToTheFirst() throws ServletException, IOException {
    String first = send("/api/sets", "a", doing(201));
    assertEquals("201 application/json [1]", first);
    assertEquals(first, send("/api/sets", "a", doing(201)));
    assertEquals(1, done);
  }

  @Test
  void anotherKeyOrAddressIsAnotherRequest() throws ServletException, IOException {
    send("/api/sets", "a", doing(201));
    send("/api/sets", "b", doing(201));
    send("/api/runs", "a", doing(201));
    assertEquals(3, done);
  }

  @Test
  void whatWasRefusedIsTriedAgain() throws ServletException, IOException {
    send("/api/sets", "a", doing(422));
    assertEquals("201 application/json [2]", send("/api/sets", "a", doing(201)));
  }

  @Test
  void theSecondWaitsForTheFirst() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch mayEnd = new CountDownLatch(1);
    CompletableFuture<String> first =
        CompletableFuture.supplyAsync(
            () ->
                sendUnchecked(
                    (request, response) -> {
                      begun.countDown();
                      awaitUnchecked(mayEnd);
                      doing(200).doFilter(request, response);
                    }));
    begun.await();
    CompletableFuture<String> second =
        CompletableFuture.supplyAsync(() -> sendUnchecked(doing(200)));
    mayEnd.countDown();
    assertEquals(first.get(), second.get());
    assertEquals(1, done);
  }

  private String sendUnchecked(FilterChain chain) {
    try {
      return send("/api/sets", "a", chain);
    } catch (ServletException | IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void awaitUnchecked(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
