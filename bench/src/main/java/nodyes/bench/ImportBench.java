package nodyes.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Brings files in as a program does. */
final class ImportBench {
  private static final Pattern ID = Pattern.compile("\"id\":(\\d+)");

  private final RunningDemo server;

  ImportBench(RunningDemo server) {
    this.server = server;
  }

  /** Sends a file to be looked at; the id of its import. */
  String look(Path file) throws IOException, InterruptedException {
    String looked = server.upload("/api/v1/imports", file);
    Matcher id = ID.matcher(looked);
    if (!id.find()) {
      throw new IOException("looking failed: " + looked);
    }
    return id.group(1);
  }

  /** Begins to read an import. */
  void begin(String id) throws IOException, InterruptedException {
    server.post("/api/v1/imports/" + id + "/start", "{\"permitted\":true}");
  }

  /** Waits until an import is read whole, with so many reviews taken. */
  void await(String id, int taken) throws IOException, InterruptedException {
    String state = "";
    while (!state.contains("\"state\":\"DONE\"")) {
      Thread.sleep(25);
      state = server.get("/api/v1/imports/" + id).body();
      if (state.contains("FAILED")) {
        throw new IOException("reading failed: " + state);
      }
    }
    if (!state.contains("\"imported\":" + taken)) {
      throw new IOException("not all rows were taken: " + state);
    }
  }
}
