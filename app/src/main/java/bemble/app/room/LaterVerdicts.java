package bemble.app.room;

import bemble.app.slate.ReportView;
import bemble.app.slate.RoomPages;
import jakarta.annotation.PreDestroy;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.stereotype.Component;

/**
 * Has pages judged behind their writers, on all processors but one, so that strokes are kept
 * meanwhile. A page is judged as it is when its turn comes: strokes that were overtaken meanwhile
 * are not judged one by one.
 */
@Component
class LaterVerdicts {
  private final RoomPages pages;
  private final ExecutorService judges =
      Executors.newFixedThreadPool(Math.max(1, Runtime.getRuntime().availableProcessors() - 1));

  /** The pages whose turn has not come yet. */
  private final Map<Long, CompletableFuture<Optional<ReportView>>> waiting =
      new ConcurrentHashMap<>();

  LaterVerdicts(RoomPages pages) {
    this.pages = pages;
  }

  /** What may be told of a page as it is now, or as it is a moment later. */
  CompletableFuture<Optional<ReportView>> of(long page) {
    return waiting.computeIfAbsent(page, this::begin);
  }

  private CompletableFuture<Optional<ReportView>> begin(long page) {
    CompletableFuture<Optional<ReportView>> verdict = new CompletableFuture<>();
    judges.execute(
        () -> {
          // Whoever writes from now on has the page judged once more.
          waiting.remove(page);
          try {
            verdict.complete(pages.report(page));
          } catch (RuntimeException e) {
            verdict.completeExceptionally(e);
          }
        });
    return verdict;
  }

  /** Lets the pages that are being judged be finished. */
  @PreDestroy
  void stop() {
    judges.shutdown();
  }
}
