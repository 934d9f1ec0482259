package nodyes.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;

/** A demo started for measuring, from the built jar. */
final class RunningDemo implements AutoCloseable {
  static final String KEY = "bench-key";
  private static final String BOUNDARY = "nodyes-bench-boundary";
  private static final int MOST_WAITS = 3000;

  final int port = freePort();
  private final int shopPort = freePort();
  private final HttpClient client = HttpClient.newHttpClient();
  private final Path log;
  private final Path data;
  private final int heapMegabytes;
  private Process process;
  private final double firstStart;
  private final double laterStart;
  private final String atRest;

  RunningDemo(Path data) throws IOException, InterruptedException {
    this(data, 768);
  }

  /** With at most so much heap. */
  RunningDemo(Path data, int heapMegabytes) throws IOException, InterruptedException {
    this.heapMegabytes = heapMegabytes;
    log = Files.createTempFile("nodyes-bench", ".txt");
    this.data = data;
    process = launch(data);
    firstStart = untilReady();
    stop();
    process = launch(data);
    laterStart = untilReady();
    Thread.sleep(3000);
    atRest = memory();
  }

  /** Watches where it spends its time from now on. */
  Profile profile(Path folder) throws IOException {
    return Profile.begin(process.pid(), folder);
  }

  /** Its database. */
  Path database() {
    return data.resolve("nodyes.sqlite");
  }

  private Process launch(Path data) throws IOException {
    Files.writeString(log, "");
    var builder =
        new ProcessBuilder(
            System.getProperty("java.home") + "/bin/java",
            "--enable-native-access=ALL-UNNAMED",
            "--sun-misc-unsafe-memory-access=allow",
            "-XX:+UseSerialGC",
            "-XX:+UseCompactObjectHeaders",
            "-Xmx" + heapMegabytes + "m",
            "-jar",
            "app/target/nodyes.jar",
            "demo",
            "--quiet",
            "--port",
            "" + port,
            "--shop-port",
            "" + shopPort,
            "--data",
            data.toString(),
            "--api-key",
            KEY);
    // one machine stands for all shoppers here
    builder.environment().put("NODYES_VIEWSPERMINUTE", "100000000");
    return builder.redirectErrorStream(true).redirectOutput(log.toFile()).start();
  }

  private double untilReady() throws IOException, InterruptedException {
    long start = System.nanoTime();
    for (int i = 0; i < MOST_WAITS; i++) {
      if (Files.readString(log).contains("Ctrl+C")) {
        return (System.nanoTime() - start) / 1e9;
      }
      if (!process.isAlive()) {
        break;
      }
      Thread.sleep(50);
    }
    throw new IOException("The demo did not start:\n" + Files.readString(log));
  }

  String address(String path) {
    return "http://127.0.0.1:" + port + path;
  }

  /** A page of the demo shop. */
  String shop(String path) {
    return "http://localhost:" + shopPort + path;
  }

  HttpResponse<String> get(String path) throws IOException, InterruptedException {
    return send(HttpRequest.newBuilder(URI.create(address(path))));
  }

  HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
    return client.send(
        request.header("Authorization", "Bearer " + KEY).build(),
        HttpResponse.BodyHandlers.ofString());
  }

  /** Posts JSON. */
  HttpResponse<String> post(String path, String json) throws IOException, InterruptedException {
    return send(
        HttpRequest.newBuilder(URI.create(address(path)))
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(json)));
  }

  /** Sends a file as a form does; what it was answered. */
  String upload(String path, Path file) throws IOException, InterruptedException {
    String head =
        String.join(
            "\r\n",
            "--" + BOUNDARY,
            "Content-Disposition: form-data; name=\"file\"; filename=\""
                + file.getFileName()
                + "\"",
            "Content-Type: text/csv",
            "",
            "");
    String foot = "\r\n--" + BOUNDARY + "--\r\n";
    return send(HttpRequest.newBuilder(URI.create(address(path)))
            .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
            .POST(
                HttpRequest.BodyPublishers.concat(
                    HttpRequest.BodyPublishers.ofString(head),
                    HttpRequest.BodyPublishers.ofFile(file),
                    HttpRequest.BodyPublishers.ofString(foot))))
        .body();
  }

  /** Ends it as SIGKILL does: nothing of it runs any more. */
  void kill() throws InterruptedException {
    process.destroyForcibly().waitFor();
  }

  void launchAgain() throws IOException {
    process = launch(data);
  }

  void awaitReady() throws IOException, InterruptedException {
    untilReady();
  }

  /** Its own memory, beside what is resident with the pages of files that it maps. */
  String memory() throws IOException {
    return "%,d MB (%,d MB with mapped files)".formatted(status("RssAnon:"), status("VmRSS:"));
  }

  private long status(String name) throws IOException {
    for (String line : Files.readAllLines(Path.of("/proc/" + process.pid() + "/status"))) {
      if (line.startsWith(name)) {
        return Long.parseLong(line.replaceAll("\\D", "")) / 1024;
      }
    }
    return 0;
  }

  List<String> report() {
    return List.of(
        "",
        "## Start and rest",
        "",
        "| what | figure |",
        "| --- | ---: |",
        row("`demo` from nothing to its addresses, filling included", firstStart),
        row("`demo` again, data there already", laterStart),
        "| memory 3 s after start | " + atRest + " |");
  }

  List<String> memoryAfterLoad() throws IOException {
    return List.of("", "Memory after all of the above: " + memory() + ".");
  }

  private static String row(String what, double seconds) {
    return String.format(Locale.ROOT, "| %s | %.1f s |", what, seconds);
  }

  static int freePort() {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private void stop() throws InterruptedException {
    process.destroy();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
  }

  @Override
  public void close() {
    process.destroy();
    client.shutdownNow();
  }
}
