package bemble.app.siege;

import bemble.app.journey.OwnProcess;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.flywaydb.core.Flyway;

/**
 * Kills the process at any moment: while many write, while the bin is emptied, while a backup is
 * brought back, while a file of an earlier Bemble is brought to the present tables.
 */
final class KillSiege implements Siege.Part {
  private static final int EACH = 2;

  /** The changes that were lost, and the answers that should not have come. */
  private final List<String> lost = new ArrayList<>();

  private final List<String> odd = new ArrayList<>();
  private int confirmed;

  @Override
  public List<Siege.Row> run(Path folder, int times) throws Exception {
    Random random = new Random(9);
    List<Siege.Row> rows = new ArrayList<>();
    rows.add(
        counted(
            "kill −9 while six write",
            times / 2,
            round -> whileWriting(folder.resolve("writing"), random, round)));
    rows.add(
        counted(
            "kill −9 while the bin is emptied",
            times / 10,
            round -> inPurge(folder.resolve("purge"), random, round)));
    rows.add(
        counted(
            "kill −9 while a backup is brought back and six write",
            times / 4,
            round -> inRestore(folder.resolve("restore"), random, round)));
    rows.add(
        counted(
            "kill −9 while an earlier file is brought to the present tables",
            times - times / 2 - times / 10 - times / 4,
            round -> inMigration(folder, random, round)));
    return rows;
  }

  private interface Round {
    void run(int round) throws Exception;
  }

  private Siege.Row counted(String what, int times, Round round) throws Exception {
    lost.clear();
    odd.clear();
    confirmed = 0;
    for (int i = 0; i < times; i++) {
      round.run(i);
    }
    lost.forEach(each -> System.out.println("lost: " + each));
    odd.stream().distinct().forEach(each -> System.out.println("odd: " + each));
    return new Siege.Row(
        what,
        "nothing confirmed is lost",
        "%d kills: %d of %,d confirmed were lost, %d odd answers"
            .formatted(times, lost.size(), confirmed, odd.size()));
  }

  private void whileWriting(Path data, Random random, int round) throws SQLException, IOException {
    OwnBemble bemble = OwnBemble.start(data);
    Writers writers = new Writers(bemble.talk(), "w" + round).begin(EACH);
    Pause.millis(300 + random.nextInt(3000));
    bemble.kill();
    writers.end();
    check(writers, Kept.in(data));
  }

  private void check(Writers writers, Set<String> kept) {
    Set<String> missing = new TreeSet<>(writers.confirmed());
    missing.removeAll(kept);
    lost.addAll(missing);
    odd.addAll(writers.odd());
    confirmed += writers.confirmed().size();
  }

  /** The bin is emptied right after the start: half of the pages are in it, for two days. */
  private void inPurge(Path data, Random random, int round) throws SQLException, IOException {
    try (OwnBemble bemble = OwnBemble.start(data)) {
      Writers writers = new Writers(bemble.talk(), "p" + round).begin(EACH);
      Pause.millis(400);
      writers.end();
      odd.addAll(writers.odd());
    }
    try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + data, "sa", "");
        Statement statement = connection.createStatement()) {
      statement.execute(
          "update page set deleted_at = dateadd('day', -2, current_timestamp) where mod(id, 2) ="
              + " 0");
    }
    Files.delete(data.resolveSibling(data.getFileName() + ".seal"));
    makeTheClockPlausible(data);
    Set<String> standing = Kept.in(data);
    confirmed += standing.size();
    Process process = OwnProcess.start("--server.port=0", "--bemble.data=" + data);
    Pause.millis(random.nextInt(4500));
    end(process);
    standing.removeAll(Kept.in(data));
    lost.addAll(standing);
  }

  /** The bin is emptied by a clock alone that goes on from the last copies. */
  private static void makeTheClockPlausible(Path data) throws IOException {
    Path copies = data.resolveSibling(data.getFileName() + "-copies");
    Files.createDirectories(copies);
    for (int daysAgo = 1; daysAgo <= 2; daysAgo++) {
      String moment =
          DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss")
              .format(LocalDateTime.now().minusDays(daysAgo));
      Files.writeString(copies.resolve("%06d-%s.zip".formatted(3 - daysAgo, moment)), "a copy");
    }
  }

  /** After a restore everything is in the data or in the copy that was made before it. */
  private void inRestore(Path data, Random random, int round) throws SQLException, IOException {
    OwnBemble bemble = OwnBemble.start(data);
    byte[] zip = bemble.talk().get("/api/backups/now").bytes();
    Writers writers = new Writers(bemble.talk(), "r" + round).begin(EACH);
    Pause.millis(300);
    Thread restoring =
        new Thread(
            () -> {
              try {
                bemble.talk().send("/api/backups/restore", "application/zip", zip);
              } catch (RuntimeException e) {
                // It was killed in the middle.
                Thread.yield();
              }
            });
    restoring.start();
    Pause.millis(random.nextInt(2500));
    bemble.kill();
    writers.end();
    join(restoring);
    Set<String> kept = Kept.in(data);
    kept.addAll(Kept.inCopies(data));
    check(writers, kept);
  }

  private void inMigration(Path folder, Random random, int round) throws SQLException, IOException {
    Path data = folder.resolve("earlier-" + round);
    String url = "jdbc:h2:file:" + data;
    Flyway.configure().dataSource(url, "sa", "").target("8").load().migrate();
    try (Connection connection = DriverManager.getConnection(url, "sa", "");
        Statement statement = connection.createStatement()) {
      statement.execute(
          "insert into page (plain, method, style, title, note, kept_at) select '46 + 38',"
              + " 'column', '{}', 'page ' || x, '', current_timestamp from system_range(1, 2000)");
    }
    Process process = OwnProcess.start("--server.port=0", "--bemble.data=" + data);
    Pause.millis(1000 + random.nextInt(4000));
    end(process);
    try (OwnBemble again = OwnBemble.start(data)) {
      int total = again.talk().get("/api/pages").json().get("total").asInt();
      confirmed += 2000;
      if (total != 2000) {
        lost.add((2000 - total) + " pages of an earlier file");
      }
    }
  }

  private static void end(Process process) {
    process.destroyForcibly();
    join(process);
  }

  private static void join(Process process) {
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void join(Thread thread) {
    try {
      thread.join();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
