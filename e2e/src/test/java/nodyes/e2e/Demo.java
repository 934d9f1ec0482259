package nodyes.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/** A demo of its own, on free ports with throw-away data, at a fixed instant. */
final class Demo {
  private static final Duration LONGEST_START = Duration.ofMinutes(5);
  static final String KEY = "a-key-for-tests";

  /** One for all: each would bring threads of its own, and hundreds are asked. */
  private static final HttpClient CLIENT = HttpClient.newHttpClient();

  final Path data;
  final int port;
  final int shopPort;
  private final Process process;

  Demo() throws IOException, InterruptedException {
    this(Files.createTempDirectory("nodyes-e2e"), "2026-11-26T14:20:00Z");
  }

  /** With data that may be there already, from an instant on. */
  Demo(Path data, String clock) throws IOException, InterruptedException {
    this.data = data;
    process =
        start(
            data.resolve("log.txt"),
            "demo",
            "--quiet",
            "--port",
            "0",
            "--shop-port",
            "0",
            "--data",
            data.resolve("data").toString(),
            "--api-key",
            KEY,
            "--clock",
            clock);
    long end = System.nanoTime() + LONGEST_START.toNanos();
    while (!log().contains("Ctrl+C")) {
      if (!process.isAlive() || System.nanoTime() > end) {
        throw new IllegalStateException("The demo did not start:\n" + log());
      }
      Thread.sleep(100);
    }
    port = URI.create(address(log(), "Back office")).getPort();
    shopPort = URI.create(address(log(), "Demo shop")).getPort();
  }

  /** The address that a start has printed behind a name. */
  static String address(String log, String name) {
    return Pattern.compile("^ *" + name + "\\W+(http:\\S+)", Pattern.MULTILINE)
        .matcher(log)
        .results()
        .map(found -> found.group(1))
        .findFirst()
        .orElseThrow(() -> new IllegalStateException("No address of " + name + " in:\n" + log));
  }

  static Process start(Path log, String... arguments) throws IOException {
    var command =
        new ArrayList<>(
            List.of(
                System.getProperty("java.home") + "/bin/java",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-XX:TieredStopAtLevel=1",
                "-jar",
                System.getProperty("app.jar")));
    command.addAll(List.of(arguments));
    return new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(log.toFile())
        .start();
  }

  String log() throws IOException {
    Path log = data.resolve("log.txt");
    return Files.exists(log) ? Files.readString(log) : "";
  }

  String office(String path) {
    return "http://127.0.0.1:" + port + path;
  }

  String shop(String path) {
    return "http://localhost:" + shopPort + path;
  }

  /** Stops it as Ctrl+C does. */
  void interrupt() throws InterruptedException {
    process.destroy();
    process.waitFor(20, TimeUnit.SECONDS);
  }

  /** A page of the marketplace. */
  String marketplace(String path) {
    try {
      return address(log(), "Marketplace") + path;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  HttpResponse<String> ask(String address) throws IOException, InterruptedException {
    return CLIENT.send(
        HttpRequest.newBuilder(URI.create(address))
            .header("Authorization", "Bearer " + KEY)
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  /** Whether its clock is past an instant. */
  boolean isPast(Instant instant) {
    try {
      return now().isAfter(instant);
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Its clock, which goes on from the instant at which it was started. */
  Instant now() throws IOException, InterruptedException {
    return Instant.ofEpochMilli(
        Long.parseLong(
            ask(office("/embed/v1/page?kind=home&lang=en"))
                .headers()
                .firstValue("Nodyes-Time")
                .orElseThrow()));
  }

  HttpResponse<String> post(String path, String json) throws IOException, InterruptedException {
    return send("POST", path, json);
  }

  HttpResponse<String> put(String path, String json) throws IOException, InterruptedException {
    return send("PUT", path, json);
  }

  private HttpResponse<String> send(String method, String path, String json)
      throws IOException, InterruptedException {
    return CLIENT.send(
        HttpRequest.newBuilder(URI.create(office(path)))
            .header("Authorization", "Bearer " + KEY)
            .header("Content-Type", "application/json")
            .method(method, HttpRequest.BodyPublishers.ofString(json))
            .build(),
        HttpResponse.BodyHandlers.ofString());
  }

  void close() throws InterruptedException {
    process.destroy();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
  }
}
