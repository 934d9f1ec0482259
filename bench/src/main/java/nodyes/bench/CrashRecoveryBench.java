package nodyes.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Readings that are killed at random moments: nothing may be lost, nothing stored twice. */
final class CrashRecoveryBench {
  private static final int KILLS = 50;
  private static final int ROWS = 100_000;
  private static final int SEED = 41;

  private final Path folder;
  private final Random random = new Random(SEED);

  CrashRecoveryBench(Path folder) {
    this.folder = folder;
  }

  List<String> measure() throws IOException, InterruptedException {
    if (!Shell.has("sqlite3")) {
      return List.of("", "## Killed while reading", "", "Not measured: needs sqlite3.");
    }
    Path data = folder.resolve("killed");
    int kills = 0;
    int during = 0;
    int files = 0;
    try (var server = new RunningDemo(data)) {
      while (kills < KILLS) {
        files++;
        var bringing = new ImportBench(server);
        String id =
            bringing.look(SampleFile.write(folder.resolve("killed.csv"), ROWS, 500 + files));
        bringing.begin(id);
        Thread.sleep(random.nextInt(1000));
        while (kills < KILLS
            && ask(data, "select state from review_import where id=" + id).equals("RUNNING")) {
          server.kill();
          kills++;
          during +=
              ask(data, "select state from review_import where id=" + id).equals("RUNNING") ? 1 : 0;
          server.launchAgain();
          server.awaitReady();
          Thread.sleep(random.nextInt(1000));
        }
        bringing.await(id, ROWS);
        for (String counted :
            List.of(
                "select count(*) from review where import_id=" + id,
                "select count(distinct source_id) from review where import_id=" + id,
                // the index's own list of texts, which an older sqlite3 can read too
                "select count(*) from review_fts_docsize where id in"
                    + " (select id from review where import_id="
                    + id
                    + ")")) {
          String found = ask(data, counted);
          if (!found.equals(String.valueOf(ROWS))) {
            throw new IOException(counted + " is " + found + ", not " + ROWS);
          }
        }
      }
    }
    return List.of(
        "",
        "## Killed while reading",
        "",
        "SIGKILL at %d random moments (seed %d), %d of them while a file of %,d rows was being read;"
                .formatted(kills, SEED, during, ROWS)
            + " %d such file(s) in all. After each file every row was there once, and once in the search index."
                .formatted(files));
  }

  private static String ask(Path data, String query) throws IOException, InterruptedException {
    Optional<String> answer =
        Shell.run(List.of("sqlite3", data.resolve("nodyes.sqlite").toString(), query));
    return answer.orElse("").strip();
  }
}
