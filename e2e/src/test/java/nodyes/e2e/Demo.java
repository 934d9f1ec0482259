package nodyes.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A demo of its own, on free ports with throw-away data, at a fixed instant. */
final class Demo {
  private static final Duration LONGEST_START = Duration.ofSeconds(90);
  static final String KEY = "a-key-for-tests";

  final Path data;
  final int port = freePort();
  final int shopPort = freePort();
  private final Process process;

  Demo() throws IOException, InterruptedException {
    data = Files.createTempDirectory("nodyes-e2e");
    process =
        start(
            data.resolve("log.txt"),
            "demo",
            "--port",
            "" + port,
            "--shop-port",
            "" + shopPort,
            "--data",
            data.resolve("data").toString(),
            "--api-key",
            KEY,
            "--clock",
            "2026-11-26T14:20:00Z");
    long end = System.nanoTime() + LONGEST_START.toNanos();
    while (!log().contains("Ctrl+C")) {
      if (!process.isAlive() || System.nanoTime() > end) {
        throw new IllegalStateException("The demo did not start:\n" + log());
      }
      Thread.sleep(100);
    }
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

  /** A page of the marketplace, whose port it chose itself if the wanted one was taken. */
  String marketplace(String path) {
    try {
      return log()
              .lines()
              .filter(line -> line.contains("Marketplace"))
              .map(line -> line.substring(line.indexOf("http")).strip())
              .findFirst()
              .orElseThrow()
          + path;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  HttpResponse<String> ask(String address) throws IOException, InterruptedException {
    try (var client = HttpClient.newHttpClient()) {
      return client.send(
          HttpRequest.newBuilder(URI.create(address))
              .header("Authorization", "Bearer " + KEY)
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }
  }

  HttpResponse<String> post(String path, String json) throws IOException, InterruptedException {
    return send("POST", path, json);
  }

  HttpResponse<String> put(String path, String json) throws IOException, InterruptedException {
    return send("PUT", path, json);
  }

  private HttpResponse<String> send(String method, String path, String json)
      throws IOException, InterruptedException {
    try (var client = HttpClient.newHttpClient()) {
      return client.send(
          HttpRequest.newBuilder(URI.create(office(path)))
              .header("Authorization", "Bearer " + KEY)
              .header("Content-Type", "application/json")
              .method(method, HttpRequest.BodyPublishers.ofString(json))
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }
  }

  static int freePort() {
    try (var socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  void close() throws InterruptedException {
    process.destroy();
    if (!process.waitFor(20, TimeUnit.SECONDS)) {
      process.destroyForcibly();
    }
  }
}
