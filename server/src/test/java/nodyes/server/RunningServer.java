package nodyes.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nodyes.server.people.Accounts;
import org.springframework.boot.builder.SpringApplicationBuilder;

/** The server in a process of its own, on a real port, with the heap that it is started with. */
public final class RunningServer implements AutoCloseable {
  public static final String KEY = "a-key-for-tests";
  private static final String HEAP = "768m";
  private static final Duration LONGEST_START = Duration.ofMinutes(5);

  public final Path data;
  private final Path log;
  private final Process process;
  private final int port;
  private final String firstRunCode;
  private final HttpClient client = HttpClient.newHttpClient();

  public RunningServer(String... more) throws IOException, InterruptedException {
    this(HEAP, List.of(more));
  }

  /** One with a smaller heap, for which smaller files are as large as large ones for a shop's. */
  public static RunningServer withHeap(String most) throws IOException, InterruptedException {
    return new RunningServer(most, List.of());
  }

  private RunningServer(String heap, List<String> more) throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("nodyes-running");
    data = folder.resolve("data");
    log = folder.resolve("log.txt");
    var command =
        new ArrayList<>(
            List.of(
                System.getProperty("java.home") + "/bin/java",
                "--enable-native-access=ALL-UNNAMED",
                "--sun-misc-unsafe-memory-access=allow",
                "-XX:+UseSerialGC",
                "-XX:+UseCompactObjectHeaders",
                "-XX:+ExitOnOutOfMemoryError",
                "-Xmx" + heap,
                "-cp",
                System.getProperty("java.class.path"),
                RunningServer.class.getName(),
                "--server.port=0",
                "--server.address=127.0.0.1",
                "--nodyes.data=" + data,
                "--nodyes.api-key=" + KEY,
                "--nodyes.clock=2026-11-26T14:20:00Z"));
    command.addAll(more);
    process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
    Matcher said = awaitStart();
    port = Integer.parseInt(said.group(1));
    firstRunCode = said.group(2);
  }

  /** Runs in the process. */
  public static void main(String[] args) {
    var context = new SpringApplicationBuilder(NodYesServer.class).run(args);
    System.out.println(
        "RUNS "
            + context.getEnvironment().getProperty("local.server.port")
            + " "
            + context.getBean(Accounts.class).firstRunCode().orElse("-"));
  }

  private Matcher awaitStart() throws IOException, InterruptedException {
    Pattern runs = Pattern.compile("^RUNS (\\d+) (\\S+)$", Pattern.MULTILINE);
    long end = System.nanoTime() + LONGEST_START.toNanos();
    while (true) {
      Matcher found = runs.matcher(log());
      if (found.find()) {
        return found;
      }
      if (!process.isAlive() || System.nanoTime() > end) {
        throw new IllegalStateException("The server did not start:\n" + log());
      }
      Thread.sleep(50);
    }
  }

  public int port() {
    return port;
  }

  public String firstRunCode() {
    return firstRunCode;
  }

  public String log() throws IOException {
    return Files.exists(log) ? Files.readString(log) : "";
  }

  public boolean isAlive() {
    return process.isAlive();
  }

  public long pid() {
    return process.pid();
  }

  public URI address(String path) {
    return URI.create("http://127.0.0.1:" + port + path);
  }

  public HttpRequest.Builder request(String path) {
    return HttpRequest.newBuilder(address(path)).timeout(Duration.ofMinutes(2));
  }

  public HttpResponse<String> send(HttpRequest.Builder request)
      throws IOException, InterruptedException {
    return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  public HttpResponse<String> get(String path) throws IOException, InterruptedException {
    return send(request(path).header("Authorization", "Bearer " + KEY));
  }

  public HttpResponse<String> post(String path, String json)
      throws IOException, InterruptedException {
    return send(
        request(path)
            .header("Authorization", "Bearer " + KEY)
            .header("Content-Type", "application/json")
            .POST(BodyPublishers.ofString(json)));
  }

  /** Sends a file as a form does, from the disk. */
  public HttpResponse<String> upload(String path, Path file)
      throws IOException, InterruptedException {
    return upload(path, String.valueOf(file.getFileName()), BodyPublishers.ofFile(file));
  }

  /** Sends what never stood on a disk as a file of that name. */
  public HttpResponse<String> upload(String path, String name, BodyPublisher content)
      throws IOException, InterruptedException {
    String boundary = "a-boundary-for-tests";
    String head =
        "--"
            + boundary
            + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\""
            + name
            + "\"\r\nContent-Type: application/octet-stream\r\n\r\n";
    String foot = "\r\n--" + boundary + "--\r\n";
    return send(
        request(path)
            .header("Authorization", "Bearer " + KEY)
            .header("Content-Type", "multipart/form-data; boundary=" + boundary)
            .POST(
                BodyPublishers.fromPublisher(
                    BodyPublishers.concat(
                        BodyPublishers.ofString(head), content, BodyPublishers.ofString(foot)),
                    head.length() + content.contentLength() + foot.length())));
  }

  /** The largest heap that was in use until now, in megabytes (from the process's own counters). */
  public long mostMemoryMegabytes() throws IOException {
    // VmHWM: proc(5)
    return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
        .filter(line -> line.startsWith("VmHWM:"))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")) / 1024)
        .findFirst()
        .orElseThrow();
  }

  @Override
  public void close() {
    client.close();
    process.destroy();
    try {
      if (!process.waitFor(20, TimeUnit.SECONDS)) {
        process.destroyForcibly();
      }
    } catch (InterruptedException e) {
      process.destroyForcibly();
      Thread.currentThread().interrupt();
    }
  }
}
