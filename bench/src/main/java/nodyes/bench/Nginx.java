package nodyes.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** nginx as the general-purpose reference of what answers over HTTP. */
final class Nginx {
  private Nginx() {}

  /** Serves a text as the file /page.json. */
  static Process serving(Path folder, int port, String body)
      throws IOException, InterruptedException {
    Path root = Files.createDirectories(folder.resolve("nginx-file"));
    Files.writeString(root.resolve("page.json"), body);
    return start(root, port, "root " + root + ";");
  }

  /** Answers every request with a text. */
  static Process answering(Path folder, int port, String body)
      throws IOException, InterruptedException {
    Path root = Files.createDirectories(folder.resolve("nginx-line"));
    return start(root, port, "location / { return 200 '" + body + "'; }");
  }

  private static Process start(Path root, int port, String what)
      throws IOException, InterruptedException {
    Files.writeString(
        root.resolve("nginx.conf"),
        """
        daemon off; pid %1$s/pid; error_log %1$s/error.log; worker_processes auto;
        events { worker_connections 512; }
        http { access_log off; server { listen 127.0.0.1:%2$d; %3$s } }
        """
            .formatted(root, port, what));
    Path log = root.resolve("out.txt");
    Process nginx =
        new ProcessBuilder(
                "nginx", "-p", root.toString(), "-c", root.resolve("nginx.conf").toString())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    Thread.sleep(1000);
    if (!nginx.isAlive()) {
      throw new IOException("nginx did not start: " + Files.readString(log));
    }
    return nginx;
  }
}
