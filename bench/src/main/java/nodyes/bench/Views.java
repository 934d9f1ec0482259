package nodyes.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.SplittableRandom;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.core.visitors.TimeWindow;
import nodyes.core.visitors.VisitorCounter;

/**
 * Reports of views: how many a second, what counting them weighs, how near it is, what a kill
 * loses.
 */
final class Views {
  private static final Pattern RATE = Pattern.compile("Requests/sec:\\s+([\\d.]+)");
  private static final Pattern P50 = Pattern.compile("(?m)^\\s+50%\\s+(\\S+)");
  private static final Pattern P99 = Pattern.compile("(?m)^\\s+99%\\s+(\\S+)");
  private static final int PRODUCTS = 10_000;
  private static final int VIEWS = 2_000_000;
  private static final int WEEK = 7 * 86_400;
  private static final String WARMING = "60s";

  /** 32 connections, one report each 6 ms and what its answer takes. */
  private static final int PAUSE_MILLIS = 6;

  private static final int KILLED_AFTER_SECONDS = 100;

  private final RunningDemo server;
  private final Path folder;

  Views(RunningDemo server, Path folder) {
    this.server = server;
    this.folder = folder;
  }

  List<String> measure() throws IOException, InterruptedException {
    var report = new ArrayList<>(List.of("", "## Reports of views", ""));
    report.addAll(rate());
    report.add("");
    report.add("| what | figure | beside |");
    report.add("| --- | ---: | ---: |");
    report.add(memory());
    report.addAll(error());
    report.add(loss());
    return report;
  }

  /** A script for wrk: another visit and product with each report. */
  private String script(String name, int pauseMillis) throws IOException {
    Path file = folder.resolve(name);
    Files.writeString(
        file,
        """
        local products = {"celadon-planter", "oat-trough", "balcony-box", "wall-pocket", "sill-lamp"}
        local n = 0
        wrk.method = "POST"
        wrk.headers["Content-Type"] = "text/plain"
        wrk.headers["Origin"] = "%s"
        wrk.headers["User-Agent"] = "Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0"
        request = function()
          n = n + 1
          local product = products[n %% 5 + 1]
          return wrk.format(nil, nil, nil, string.format(
            '{"visit":"%%032x","viewed":"%%s","asked":[{"product":"%%s","window":"NOW","quietUnder":5}]}',
            n %% 20000, product, product))
        end
        function delay() return %d end
        """
            .formatted(server.shop(""), pauseMillis));
    return file.toString();
  }

  private List<String> rate() throws IOException, InterruptedException {
    if (!Shell.has("wrk") || !Shell.has("nginx")) {
      return List.of("Not measured: needs wrk and nginx on this machine.");
    }
    int port = RunningDemo.freePort();
    Process nginx = Nginx.answering(folder, port, "{\"numbers\":[]}");
    try {
      String flat = script("views.lua", 0);
      String ours = server.address("/embed/v1/views");
      String theirs = "http://127.0.0.1:" + port + "/embed/v1/views";
      wrk(flat, ours, WARMING);
      wrk(flat, theirs, "5s");
      var report =
          new ArrayList<>(
              List.of(
                  "wrk -t1 -c32 -d20s on loopback, after as many requests as "
                      + WARMING
                      + " take to warm the JVM's compiler; 20,000 visits and 5 products in turns, each report asking"
                      + " for a number. 'As fast as it goes' sends the next report when the last is answered; 'paced'"
                      + " lets each connection wait between two, so that about as many come as the aim has: 5,000 a"
                      + " second with p99 under 20 ms. wrk and the server share the machine's cores. nginx reads the"
                      + " same reports and answers each with the same line, unread.",
                  "",
                  "| | requests/s | p50 | p99 |",
                  "| --- | ---: | ---: | ---: |"));
      report.add(row("as fast as it goes", wrk(flat, ours, "20s")));
      report.add(row("paced", wrk(script("paced.lua", PAUSE_MILLIS), ours, "20s")));
      report.add(row("nginx, as fast as it goes", wrk(flat, theirs, "20s")));
      report.add(row("nginx, paced", wrk(script("paced.lua", PAUSE_MILLIS), theirs, "20s")));
      Profile profile = server.profile(folder);
      wrk(flat, ours, "10s");
      report.addAll(profile.end("Where the server's time goes, in ten seconds more:"));
      return report;
    } finally {
      nginx.destroy();
    }
  }

  private static String row(String what, String out) {
    return "| %s | %s | %s | %s |".formatted(what, find(RATE, out), find(P50, out), find(P99, out));
  }

  private String wrk(String script, String address, String duration) throws IOException {
    String out =
        Shell.run(
                List.of("wrk", "-t1", "-c32", "-d" + duration, "--latency", "-s", script, address))
            .orElseThrow(() -> new IOException("wrk failed"));
    if (out.contains("Non-2xx")) {
      throw new IOException("wrk met errors:\n" + out);
    }
    return out;
  }

  private static String find(Pattern pattern, String text) {
    Matcher matcher = pattern.matcher(text);
    return matcher.find() ? matcher.group(1) : "?";
  }

  private static long used() {
    for (int i = 0; i < 4; i++) {
      System.gc();
    }
    Runtime runtime = Runtime.getRuntime();
    return runtime.totalMemory() - runtime.freeMemory();
  }

  /** Two million views in a week over 10,000 products, few of which are looked at by many. */
  private static String memory() {
    var random = new SplittableRandom(1);
    long before = used();
    var tallies = new VisitorCounter[PRODUCTS];
    for (int i = 0; i < PRODUCTS; i++) {
      tallies[i] = new VisitorCounter();
    }
    Instant start = Instant.parse("2026-11-19T00:00:00Z");
    for (int i = 0; i < VIEWS; i++) {
      int product = (int) (PRODUCTS * Math.pow(random.nextDouble(), 3));
      tallies[product].saw(
          random.nextInt(300_000), start.plusSeconds((long) ((double) WEEK * i / VIEWS)));
    }
    double ours = (used() - before) / 1e6;
    long visitors = 0;
    for (VisitorCounter tally : tallies) {
      visitors += tally.count(TimeWindow.WEEK, start.plusSeconds(WEEK)).number();
    }
    return "| memory of 10,000 products after 2 million views in a week (aim 64 MB) | %.1f MB | %.1f MB of visits at 8 bytes |"
        .formatted(ours, visitors * 8 / 1e6);
  }

  private static List<String> error() {
    var report = new ArrayList<String>();
    Instant now = Instant.parse("2026-11-26T12:00:00Z");
    for (int visitors : new int[] {100, 10_000, 1_000_000}) {
      double worst = 0;
      double squares = 0;
      int rounds = 20;
      for (int round = 0; round < rounds; round++) {
        var random = new SplittableRandom(round);
        var tally = new VisitorCounter();
        var exact = new HashSet<Long>();
        while (exact.size() < visitors) {
          long visitor = random.nextLong();
          exact.add(visitor);
          tally.saw(visitor, now.plusMillis(exact.size() % 60_000L));
        }
        long counted = tally.count(TimeWindow.HOUR, now.plusSeconds(60)).number();
        double error = (counted - (double) exact.size()) / exact.size();
        worst = Math.max(worst, Math.abs(error));
        squares += error * error;
      }
      report.add(
          "| error at %,d visitors, root mean square of %d streams | %.2f %% | worst %.2f %%; stated %.2f %% |"
              .formatted(
                  visitors,
                  rounds,
                  100 * Math.sqrt(squares / rounds),
                  100 * worst,
                  visitors <= VisitorCounter.EXACT ? 0 : 100 * VisitorCounter.RELATIVE_ERROR));
    }
    return report;
  }

  /** A visit each 1.1 s until the server is killed; what is there after it starts again. */
  private String loss() throws IOException, InterruptedException {
    String product = "garden-twine";
    int sent = 0;
    long end = System.nanoTime() + KILLED_AFTER_SECONDS * 1_000_000_000L;
    while (System.nanoTime() < end) {
      report("%032x".formatted(0x7000_0000_0000_0000L + sent++), product);
      Thread.sleep(1100);
    }
    server.kill();
    server.launchAgain();
    server.awaitReady();
    String answer = report("f".repeat(32), product);
    Matcher kept = Pattern.compile("\"number\":(\\d+)").matcher(answer);
    // as the demo's own counter asks: the last five minutes, of which this takes two at most
    // to a hundred a number is not rounded; the visit that asks counts itself
    long number = kept.find() ? Long.parseLong(kept.group(1)) - 1 : 0;
    return "| reports kept of %,d sent in %d s before SIGKILL (aim: the last minute is lost at most) | %,d | %.0f s lost |"
        .formatted(
            sent,
            KILLED_AFTER_SECONDS,
            number,
            (sent - number) * (double) KILLED_AFTER_SECONDS / sent);
  }

  private String report(String visit, String product) throws IOException, InterruptedException {
    return server
        .send(
            HttpRequest.newBuilder(URI.create(server.address("/embed/v1/views")))
                .header("Content-Type", "text/plain")
                .header("Origin", server.shop(""))
                .header("User-Agent", "Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0")
                .POST(
                    HttpRequest.BodyPublishers.ofString(
                        "{\"visit\":\"%s\",\"viewed\":\"%s\",\"asked\":[{\"product\":\"%s\",\"window\":\"NOW\",\"quietUnder\":5}]}"
                            .formatted(visit, product, product))))
        .body();
  }
}
