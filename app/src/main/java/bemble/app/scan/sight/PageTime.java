package bemble.app.scan.sight;

import java.io.File;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import javax.imageio.stream.FileImageInputStream;
import javax.imageio.stream.ImageInputStream;

/** The time of the processor in which a page is read; it begins when this is made. */
final class PageTime {
  private static final long LONGEST_NANOS = 3_000_000_000L;
  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

  private final long until;

  PageTime() {
    this(LONGEST_NANOS);
  }

  PageTime(long nanos) {
    until = THREADS.getCurrentThreadCpuTime() + nanos;
  }

  /** Throws if the time is over. */
  void check() {
    if (THREADS.getCurrentThreadCpuTime() > until) {
      throw new TooMuchException("too long at work");
    }
  }

  /** A file that can be read from for as long as the time lasts. */
  ImageInputStream open(File file) throws IOException {
    return new FileImageInputStream(file) {
      @Override
      public int read(byte[] bytes, int from, int length) throws IOException {
        check();
        return super.read(bytes, from, length);
      }
    };
  }
}
