package bemble.app.siege;

import bemble.app.journey.Talk;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Damaged backups, a bomb, and restores while others write. */
final class BackupSiege implements Siege.Part {
  private static final String RESTORE = "/api/backups/restore";
  private static final String ZIP = "application/zip";
  private static final int RESTORES = 10;

  @Override
  public List<Siege.Row> run(Path folder, int times) throws Exception {
    Path data = folder.resolve("backups");
    Siege.Row mutated;
    Siege.Row bomb;
    try (OwnBemble bemble = OwnBemble.startToMeasure(data)) {
      Talk talk = bemble.talk();
      Writers writers = new Writers(talk, "kept").begin(1);
      Pause.millis(2000);
      writers.end();
      mutated = mutated(talk, times);
      bomb = bomb(talk);
    }
    return List.of(mutated, bomb, underWriters(folder.resolve("writers")));
  }

  private static Siege.Row mutated(Talk talk, int times) {
    byte[] good = talk.get("/api/backups/now").bytes();
    String before = talk.get("/api/pages").text();
    Random random = new Random(1000);
    int refused = 0;
    for (int i = 0; i < times; i++) {
      Talk.Answer answer = talk.send(RESTORE, ZIP, Mutation.of(good, random));
      refused += answer.status() == 422 ? 1 : 0;
    }
    boolean same = talk.get("/api/pages").text().equals(before);
    return new Siege.Row(
        "a backup with one damage",
        "refused in a sentence, nothing is changed",
        "%,d of %,d refused, what is kept is %s"
            .formatted(refused, times, same ? "unchanged" : "CHANGED"));
  }

  /** Two megabytes that would become two gigabytes. */
  private static Siege.Row bomb(Talk talk) throws IOException {
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(packed)) {
      zip.putNextEntry(new ZipEntry("bemble.mv.db"));
      byte[] nothing = new byte[1 << 20];
      for (int i = 0; i < 2048; i++) {
        zip.write(nothing);
      }
    }
    Latencies latencies = new Latencies();
    Talk.Answer answer = latencies.time(() -> talk.send(RESTORE, ZIP, packed.toByteArray()));
    return new Siege.Row(
        "a backup of %.0f MB that grows to 2 GB".formatted(packed.size() / 1e6),
        "refused within a second",
        "%d after %s".formatted(answer.status(), latencies.told()));
  }

  /** Everything that was confirmed meanwhile is in the data or in a copy. */
  private static Siege.Row underWriters(Path data) throws Exception {
    Set<String> confirmed = new TreeSet<>();
    int restored = 0;
    try (OwnBemble bemble = OwnBemble.startToMeasure(data, "--bemble.demo=true")) {
      Talk talk = bemble.talk();
      Demo.await(talk);
      byte[] zip = talk.get("/api/backups/now").bytes();
      for (int i = 0; i < RESTORES; i++) {
        Writers writers = new Writers(talk, "m" + i).begin(2);
        Pause.millis(500);
        restored += talk.send(RESTORE, ZIP, zip).status() == 200 ? 1 : 0;
        Pause.millis(500);
        confirmed.addAll(writers.end().confirmed());
      }
    }
    int all = confirmed.size();
    confirmed.removeAll(Kept.in(data));
    confirmed.removeAll(Kept.inCopies(data));
    return new Siege.Row(
        "a backup brought back while six write",
        "what was confirmed is in the data or in the copy made before",
        "%d restores: %d of %,d confirmed were in neither"
            .formatted(restored, confirmed.size(), all));
  }
}
