package bemble.app.scan;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import bemble.app.file.PictureFolder;
import bemble.app.marking.HandoutMapper;
import bemble.app.marking.HandoutRow;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicBoolean;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.transaction.support.TransactionOperations;

class ScanQueueTest {
  private static final long PILE = 7;
  private static final long HANDOUT = 1;

  @TempDir Path folder;
  private final ScanMapper mapper = mock(ScanMapper.class);
  private final HandoutMapper handouts = mock(HandoutMapper.class);
  private final ScanReader reader = mock(ScanReader.class);
  private final PictureFolder pictures = mock(PictureFolder.class);

  private Path twoPages() throws Exception {
    Path file = folder.resolve("pile.pdf");
    try (PDDocument document = new PDDocument()) {
      document.addPage(new PDPage());
      document.addPage(new PDPage());
      document.save(file.toFile());
    }
    return file;
  }

  /** Bemble is closed while it reads: the page at hand is kept, and the data file stays whole. */
  @Test
  void endsBehindThePageThatIsBeingReadAndInterruptsNothing() throws Exception {
    Path file = twoPages();
    when(pictures.received(any())).thenReturn(file);
    when(handouts.find(HANDOUT)).thenReturn(Optional.of(mock(HandoutRow.class)));
    when(mapper.insert(any(Long.class), any())).thenReturn(PILE);
    when(mapper.find(PILE)).thenReturn(Optional.of(new ScanRow(PILE, HANDOUT, 2, "")));
    when(mapper.pages(PILE)).thenReturn(List.of());
    CountDownLatch begun = new CountDownLatch(1);
    CountDownLatch goOn = new CountDownLatch(1);
    AtomicBoolean isInterrupted = new AtomicBoolean();
    doAnswer(
            page -> {
              begun.countDown();
              try {
                goOn.await();
              } catch (InterruptedException e) {
                isInterrupted.set(true);
              }
              return null;
            })
        .when(reader)
        .read(any(), any());
    ScanQueue queue =
        new ScanQueue(
            mapper,
            handouts,
            reader,
            pictures,
            Clock.systemUTC(),
            TransactionOperations.withoutTransaction());
    queue.begin(new ScanQueue.Received(HANDOUT, "pile.pdf", false), InputStream.nullInputStream());
    begun.await();
    Thread closing = new Thread(queue::stop);
    closing.start();
    while (closing.isAlive() && closing.getState() != Thread.State.TIMED_WAITING) {
      Thread.onSpinWait();
    }
    goOn.countDown();
    closing.join();
    assertFalse(isInterrupted.get());
    verify(reader, times(1)).read(any(), any());
  }
}
