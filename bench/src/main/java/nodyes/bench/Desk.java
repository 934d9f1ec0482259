package nodyes.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The desk over a million stored reviews: each filter and search, first page. */
final class Desk {
  private static final int FILES = 10;
  private static final int ROWS = 100_000;
  private static final int ROUNDS = 40;
  private static final int COUNTS = 10;
  private static final String REVIEWS = "/api/v1/reviews/rows?size=50";
  private static final String COUNT = "/api/v1/reviews/count?size=50";

  private final RunningDemo server;
  private final Path folder;

  Desk(RunningDemo server, Path folder) {
    this.server = server;
    this.folder = folder;
  }

  private static Map<String, String> asked() {
    var asked = new LinkedHashMap<String, String>();
    asked.put("all", "");
    asked.put("waiting", "&status=PENDING");
    asked.put("published", "&status=PUBLISHED");
    asked.put("of one product", "&product=trowel&status=PENDING");
    asked.put("5 stars", "&status=PENDING&stars=5");
    asked.put("in Japanese", "&status=PENDING&language=ja");
    asked.put("from Portugal", "&status=PENDING&country=PT");
    asked.put("bought here", "&origin=VERIFIED");
    asked.put("with contact details", "&status=PENDING&flag=CONTACT_DETAILS");
    asked.put("with a picture", "&status=PENDING&pictures=true");
    asked.put("written in one month", "&status=PENDING&from=2026-03-01&to=2026-03-31");
    asked.put("a common word", "&q=saucer");
    asked.put("two common words", "&q=saucer%20frost");
    asked.put("a rare word", "&q=99999");
    asked.put("a common word, 1 star, waiting", "&q=rosemary&stars=1&status=PENDING");
    return asked;
  }

  List<String> measure() throws IOException, InterruptedException {
    var bringing = new ImportBench(server);
    for (int i = 0; i < FILES; i++) {
      Path file = SampleFile.write(folder.resolve("desk.csv"), ROWS, 100 + i);
      String id = bringing.look(file);
      bringing.begin(id);
      bringing.await(id, ROWS);
      Files.delete(file);
    }
    var report =
        new ArrayList<>(
            List.of(
                "",
                "## The desk over a million reviews",
                "",
                "First page of 50, "
                    + ROUNDS
                    + " times each, through HTTP; the exact count, which the desk asks for beside it.",
                "",
                "| shown | found | page p50, ms | page p95, ms | count p50, ms |",
                "| --- | ---: | ---: | ---: | ---: |"));
    for (Map.Entry<String, String> filter : asked().entrySet()) {
      double[] pages = times(REVIEWS + filter.getValue(), ROUNDS);
      double[] counts = times(COUNT + filter.getValue(), COUNTS);
      report.add(
          "| %s | %s | %.1f | %.1f | %.1f |"
              .formatted(
                  filter.getKey(),
                  server.get(COUNT + filter.getValue()).body().replaceAll("\\D", ""),
                  pages[ROUNDS / 2],
                  pages[ROUNDS * 95 / 100 - 1],
                  counts[COUNTS / 2]));
    }
    report.add("");
    report.add(
        "Over the same reviews, each %d times: what is worth doing today p50 %.0f ms, what happened p50 %.0f ms."
            .formatted(
                COUNTS,
                times("/api/v1/dashboard/suggestions", COUNTS)[COUNTS / 2],
                times("/api/v1/dashboard/history", COUNTS)[COUNTS / 2]));
    report.add("");
    report.add(reference());
    return report;
  }

  private double[] times(String address, int rounds) throws IOException, InterruptedException {
    var times = new double[rounds];
    for (int i = 0; i < rounds; i++) {
      long start = System.nanoTime();
      server.get(address);
      times[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(times);
    return times;
  }

  /** The plain way to look for a word, over the same reviews. */
  private String reference() throws IOException, InterruptedException {
    if (!Shell.has("sqlite3")) {
      return "No reference: needs sqlite3 on this machine.";
    }
    long start = System.nanoTime();
    Shell.run(
        List.of(
            "sqlite3",
            folder.resolve("data/nodyes.sqlite").toString(),
            "select count(*) from review where text like '%saucer%'"));
    return "Reference: sqlite3 scanning the same reviews for a word with LIKE takes %.0f ms."
        .formatted((System.nanoTime() - start) / 1e6);
  }
}
