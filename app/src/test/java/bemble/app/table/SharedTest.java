package bemble.app.table;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class SharedTest {
  private final Changes changes = new Changes();
  private final Shared shared = new Shared(changes);
  private final AtomicInteger worked = new AtomicInteger();

  private int ask() {
    return shared.of("key", worked::incrementAndGet);
  }

  @Test
  void worksOnceForEachState() {
    assertEquals(1, ask());
    assertEquals(1, ask());
    changes.note();
    assertEquals(2, ask());
    assertEquals(2, ask());
  }

  @Test
  void keepsWhatHasAnotherKeyApart() {
    assertEquals("one", shared.of("first", () -> "one"));
    assertEquals("two", shared.of("second", () -> "two"));
  }

  @Test
  void oneWorkMayAskForAnother() {
    assertEquals(2, shared.<Integer>of("outer", () -> ask() + 1));
  }

  @Test
  void whatFailsIsTriedAgain() {
    assertThrows(
        IllegalStateException.class,
        () ->
            shared.of(
                "key",
                () -> {
                  throw new IllegalStateException();
                }));
    assertEquals(1, ask());
  }

  /** A value that was worked out during a change is stale for requests after the change. */
  @Test
  void aChangeMeanwhileIsNotMissed() {
    int first =
        shared.of(
            "key",
            () -> {
              changes.note();
              return worked.incrementAndGet();
            });
    assertEquals(1, first);
    assertEquals(2, ask());
  }

  @Test
  void manyWhoAskAtOnceShareOneWork() throws InterruptedException, ExecutionException {
    int many = 40;
    CountDownLatch asking = new CountDownLatch(many);
    ExecutorService askers = Executors.newFixedThreadPool(many);
    try {
      List<Future<Integer>> answers = new ArrayList<>();
      for (int i = 0; i < many; i++) {
        answers.add(
            askers.submit(
                () -> {
                  asking.countDown();
                  asking.await();
                  return ask();
                }));
      }
      for (Future<Integer> answer : answers) {
        assertEquals(1, answer.get());
      }
    } finally {
      askers.shutdown();
    }
  }
}
