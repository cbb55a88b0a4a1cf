package bemble.app.file;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * Pictures of filled sheets, beside the data file and in no copy of it: they are for their owner
 * alone and go as soon as their answers are taken.
 */
@Component
public class PictureFolder {
  private static final Logger LOG = LoggerFactory.getLogger(PictureFolder.class);
  private static final String NAME = "-pictures";
  private static final String RECEIVED = "received";

  private final DataFile file;

  PictureFolder(DataFile file) {
    this.file = file;
  }

  private Path folder() {
    return file.folder().resolve(file.base().getFileName() + NAME);
  }

  private Path of(long page) throws IOException {
    Path folder = folder().resolve(String.valueOf(page));
    Folders.make(folder);
    return folder;
  }

  /** Keeps a picture of a page under a name. */
  public void put(long page, String name, byte[] picture) {
    try {
      Path at = of(page).resolve(name);
      Files.write(at, picture);
      Folders.ownFile(at);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A picture of a page; none where it was deleted, or the data came from a backup. */
  public Optional<byte[]> find(long page, String name) {
    try {
      Path at = folder().resolve(String.valueOf(page)).resolve(name);
      return Files.isRegularFile(at) ? Optional.of(Files.readAllBytes(at)) : Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Deletes all pictures except those of some pages. */
  public void keepOnly(Set<Long> pages) {
    delete(name -> name.matches("\\d+") && !pages.contains(Long.parseLong(name)));
  }

  /** Deletes files from outside whose reader was stopped. */
  public void forgetReceived() {
    delete(name -> name.startsWith(RECEIVED));
  }

  private void delete(Predicate<String> named) {
    if (!Files.isDirectory(folder())) {
      return;
    }
    try (DirectoryStream<Path> inside = Files.newDirectoryStream(folder())) {
      for (Path each : inside) {
        if (named.test(each.getFileName().toString())) {
          FileSystemUtils.deleteRecursively(each);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Deletes a file that was {@link #received}; one that cannot be goes at the next start. */
  public void giveBack(Path received) {
    try {
      Files.deleteIfExists(received);
    } catch (IOException e) {
      LOG.warn("A file with sheets could not be deleted", e);
    }
  }

  /** Writes bytes from outside to a file, which its caller gives back. */
  public Path received(InputStream from) {
    try {
      Folders.make(folder());
      Path at = Files.createTempFile(folder(), RECEIVED, "");
      Files.copy(from, at, StandardCopyOption.REPLACE_EXISTING);
      Folders.ownFile(at);
      return at;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
