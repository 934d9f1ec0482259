package nodyes.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jdk.jfr.consumer.RecordedEvent;
import jdk.jfr.consumer.RecordedFrame;
import jdk.jfr.consumer.RecordingFile;

/**
 * Where a process spends its time, by the JVM's flight recorder: each sample counts for the part of
 * the program that is nearest to where it was taken.
 */
final class Profile {
  private static final int LEAST_PERCENT = 2;

  /** Parts by how their classes' names begin; the first that fits counts. */
  private static final Map<String, String> PARTS = parts();

  private final long process;
  private final Path file;

  private Profile(long process, Path file) {
    this.process = process;
    this.file = file;
  }

  private static Map<String, String> parts() {
    var parts = new LinkedHashMap<String, String>();
    parts.put("nodyes.core.", "core: ");
    parts.put("nodyes.server.", "server: ");
    parts.put("org.sqlite.", "SQLite");
    parts.put("org.jooq.", "jOOQ");
    parts.put("tools.jackson.", "Jackson");
    parts.put("org.springframework.security.", "Spring Security");
    parts.put("org.springframework.", "Spring");
    parts.put("org.apache.catalina.", "Tomcat");
    parts.put("org.apache.coyote.", "Tomcat");
    parts.put("org.apache.tomcat.", "Tomcat");
    return parts;
  }

  /** Begins to watch a process. */
  static Profile begin(long process, Path folder) throws IOException {
    var profile = new Profile(process, folder.resolve("profile-" + System.nanoTime() + ".jfr"));
    // both kinds of sample as often as each other, or native code would count half
    profile.ask(
        "JFR.start",
        "name=bench",
        "settings=none",
        "+jdk.ExecutionSample#enabled=true",
        "+jdk.ExecutionSample#period=10ms",
        "+jdk.NativeMethodSample#enabled=true",
        "+jdk.NativeMethodSample#period=10ms",
        "filename=" + profile.file);
    return profile;
  }

  /** Ends it; a table of the parts that take the most. */
  List<String> end(String title) throws IOException {
    ask("JFR.stop", "name=bench");
    var counts = new TreeMap<String, Integer>();
    int all = 0;
    for (RecordedEvent event : RecordingFile.readAllEvents(file)) {
      String part = part(event);
      if (!part.isEmpty()) {
        counts.merge(part, 1, Integer::sum);
        all++;
      }
    }
    Files.delete(file);
    var report = new ArrayList<>(List.of("", title, "", "| part | share |", "| --- | ---: |"));
    int whole = Math.max(1, all);
    counts.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .filter(one -> one.getValue() * 100 / whole >= LEAST_PERCENT)
        .map(one -> "| %s | %d %% |".formatted(one.getKey(), one.getValue() * 100 / whole))
        .forEach(report::add);
    return report;
  }

  /** Empty where it waits, in native code of the JVM's own. */
  private static String part(RecordedEvent event) {
    if (event.getStackTrace() == null) {
      return "";
    }
    List<RecordedFrame> frames = event.getStackTrace().getFrames();
    boolean isNative = event.getEventType().getName().equals("jdk.NativeMethodSample");
    if (isNative && !name(frames.getFirst()).startsWith("org.sqlite.")) {
      return "";
    }
    for (RecordedFrame frame : frames) {
      String name = name(frame);
      for (Map.Entry<String, String> part : PARTS.entrySet()) {
        if (name.startsWith(part.getKey())) {
          String rest = name.substring(part.getKey().length());
          return part.getValue().endsWith(" ")
              ? part.getValue() + rest.replaceAll("\\..*", "")
              : part.getValue();
        }
      }
    }
    return "the JVM's own";
  }

  private static String name(RecordedFrame frame) {
    return frame.getMethod().getType().getName();
  }

  private void ask(String command, String... options) throws IOException {
    var all = new ArrayList<>(List.of(System.getProperty("java.home") + "/bin/jcmd"));
    all.add(Long.toString(process));
    all.add(command);
    all.addAll(List.of(options));
    if (Shell.run(all).isEmpty()) {
      throw new IOException("the flight recorder did not answer");
    }
  }
}
