package nodyes.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The public page endpoint beside nginx serving the same bytes as a file, both under wrk. */
final class Endpoint {
  private static final String PATH =
      "/embed/v1/page?kind=product&product=celadon-planter&country=PT&lang=en";
  private static final Pattern RATE = Pattern.compile("Requests/sec:\\s+([\\d.]+)");
  private static final Pattern P99 = Pattern.compile("(?m)^\\s+99%\\s+(\\S+)");

  private final RunningDemo server;
  private final Path folder;

  Endpoint(RunningDemo server, Path folder) {
    this.server = server;
    this.folder = folder;
  }

  List<String> measure() throws IOException, InterruptedException {
    var report = new ArrayList<>(List.of("", "## The page endpoint", ""));
    if (!Shell.has("wrk") || !Shell.has("nginx")) {
      report.add("Not measured: needs wrk and nginx on this machine.");
      return report;
    }
    String body = server.get(PATH).body();
    int port = RunningDemo.freePort();
    Process nginx = Nginx.serving(folder, port, body);
    try {
      wrk(server.address(PATH), "5s"); // the compiler of the JVM warms up
      double rounds = 0;
      report.add(
          "A product page of "
              + body.length()
              + " bytes, wrk -t1 -c32 -d10s on loopback, in turns.");
      report.add("");
      report.add("| round | Nod Yes requests/s | p99 | nginx requests/s | p99 | ratio |");
      report.add("| ---: | ---: | ---: | ---: | ---: | ---: |");
      for (int round = 1; round <= 3; round++) {
        String ours = wrk(server.address(PATH), "10s");
        String theirs = wrk("http://127.0.0.1:" + port + "/page.json", "10s");
        double ratio =
            Double.parseDouble(find(RATE, ours)) / Double.parseDouble(find(RATE, theirs));
        rounds += ratio;
        report.add(
            "| %d | %s | %s | %s | %s | %.2f |"
                .formatted(
                    round,
                    find(RATE, ours),
                    find(P99, ours),
                    find(RATE, theirs),
                    find(P99, theirs),
                    ratio));
      }
      report.add("");
      report.add("Mean ratio %.2f.".formatted(rounds / 3));
    } finally {
      nginx.destroy();
    }
    return report;
  }

  private static String wrk(String address, String duration) throws IOException {
    String out =
        Shell.run(List.of("wrk", "-t1", "-c32", "-d" + duration, "--latency", address))
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
}
