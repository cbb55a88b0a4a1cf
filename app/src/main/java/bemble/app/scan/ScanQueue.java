package bemble.app.scan;

import bemble.app.file.PictureFolder;
import bemble.app.marking.HandoutMapper;
import bemble.app.refusal.MissingException;
import bemble.app.refusal.RefusedException;
import bemble.app.scan.sight.PictureFile;
import bemble.app.scan.sight.PictureFile.UnusablePictureException;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** Files with filled sheets, which are read one page after another. */
@Service
class ScanQueue {
  private static final Logger LOG = LoggerFactory.getLogger(ScanQueue.class);
  private static final int LONGEST_NAME = 200;
  private static final int LAST_PAGE_SECONDS = 10;

  private final ScanMapper mapper;
  private final HandoutMapper handouts;
  private final ScanReader reader;
  private final PictureFolder pictures;
  private final Clock clock;
  private final TransactionOperations transactions;

  /** Pages that are still to be read, by pile. */
  private final Map<Long, Integer> waiting = new ConcurrentHashMap<>();

  private volatile boolean stopping;

  /** Reads one page at a time, after everything that somebody waits for. */
  private final ExecutorService work =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "sheets");
            thread.setPriority(Thread.MIN_PRIORITY);
            thread.setDaemon(true);
            return thread;
          });

  ScanQueue(
      ScanMapper mapper,
      HandoutMapper handouts,
      ScanReader reader,
      PictureFolder pictures,
      Clock clock,
      TransactionOperations transactions) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.reader = reader;
    this.pictures = pictures;
    this.clock = clock;
    this.transactions = transactions;
  }

  /**
   * A file with sheets of a handout.
   *
   * @param anew whether a page that was there already is taken anew
   */
  record Received(long handout, String name, boolean anew) {}

  /**
   * Begins to read a file; it joins the pile of its handout that is not taken yet.
   *
   * @return the number of the pile
   */
  long begin(Received received, InputStream bytes) {
    long handout = received.handout();
    handouts.find(handout).orElseThrow(() -> new MissingException("handout"));
    Path path = pictures.received(bytes);
    try {
      PictureFile file = PictureFile.open(path);
      long scan = pile(handout, file.pages());
      work.execute(() -> read(scan, received, file, path));
      return scan;
    } catch (UnusablePictureException e) {
      pictures.giveBack(path);
      throw refused(e.fault());
    }
  }

  private static RefusedException refused(PictureFile.Fault fault) {
    return switch (fault) {
      case NO_PICTURE -> RefusedException.of("scan-no-picture");
      case HEIC -> RefusedException.of("scan-heic");
      case PASSWORD -> RefusedException.of("scan-password");
      case DAMAGED -> RefusedException.of("scan-damaged");
      case TOO_LARGE -> RefusedException.of("scan-too-large");
    };
  }

  private synchronized long pile(long handout, int pages) {
    long scan =
        transactions.execute(
            status -> {
              long id =
                  mapper.of(handout).stream()
                      .findFirst()
                      .map(ScanRow::id)
                      .orElseGet(() -> mapper.insert(handout, OffsetDateTime.now(clock)));
              mapper.expect(id, pages - neverCome(id));
              return id;
            });
    waiting.merge(scan, pages, Integer::sum);
    return scan;
  }

  /** How many missing pages nobody will read: Bemble was stopped while it read them. */
  private int neverCome(long scan) {
    return isReading(scan)
        ? 0
        : mapper.find(scan).orElseThrow().expected() - mapper.pages(scan).size();
  }

  private void read(long scan, Received received, PictureFile file, Path path) {
    int left = file.pages();
    String name = received.name();
    String called = name.substring(0, Math.min(name.length(), LONGEST_NAME));
    try (file) {
      for (int page = 1; page <= file.pages() && goesOn(scan); page++) {
        reader.read(
            new ScanReader.Page(scan, received.handout(), called, page, received.anew()), file);
        waiting.merge(scan, -1, Integer::sum);
        left--;
      }
    } catch (IOException | RuntimeException e) {
      LOG.error("The sheets of a file could not be read to the end", e);
    } finally {
      waiting.merge(scan, -left, Integer::sum);
      waiting.remove(scan, 0);
      pictures.giveBack(path);
    }
  }

  private boolean goesOn(long scan) {
    return !stopping && mapper.find(scan).isPresent();
  }

  /** Whether pages of a pile are still to be read. */
  boolean isReading(long scan) {
    return waiting.getOrDefault(scan, 0) > 0;
  }

  /** Ends behind the page that is being read: a write that is interrupted closes the data file. */
  @PreDestroy
  void stop() {
    stopping = true;
    work.shutdown();
    try {
      work.awaitTermination(LAST_PAGE_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
