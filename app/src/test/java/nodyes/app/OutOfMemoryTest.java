package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * A server that has run out of memory goes on in no state that anyone knows: it ends, and what
 * started it starts it again. Run with what each way of starting gives the JVM, in a heap too small
 * to start in.
 */
public class OutOfMemoryTest {
  private static final Path PROJECT = Path.of("..");

  /** HotSpot's code for an end by {@code -XX:+ExitOnOutOfMemoryError}. */
  private static final int RAN_OUT = 3;

  @DataProvider
  Object[][] ways() {
    return new Object[][] {{"nodyes"}, {"deploy/nodyes.service"}, {"deploy/Containerfile"}};
  }

  private static List<String> options(String way) throws IOException {
    String text = Files.readString(PROJECT.resolve(way));
    return Pattern.compile("(?<=\\s)(?:-X\\S+|--enable-native\\S+|--sun-misc\\S+)")
        .matcher(text)
        .results()
        .map(MatchResult::group)
        .map(option -> option.startsWith("-Xmx") ? "-Xmx24m" : option)
        .toList();
  }

  @Test(dataProvider = "ways")
  public void aServerWithoutMemoryEnds(String way) throws Exception {
    Path folder = Files.createTempDirectory("nodyes-memory");
    var command = new ArrayList<String>();
    command.add(System.getProperty("java.home") + "/bin/java");
    command.addAll(options(way));
    command.addAll(
        Arrays.asList(
            "-cp",
            System.getProperty("java.class.path"),
            NodYes.class.getName(),
            "serve",
            "--port",
            "0",
            "--data",
            folder.resolve("data").toString()));
    Path said = folder.resolve("said.txt");
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(said.toFile()).start();
    try {
      assertTrue(process.waitFor(120, TimeUnit.SECONDS), "it still runs");
      assertEquals(process.exitValue(), RAN_OUT, Files.readString(said));
      assertTrue(Files.readString(said).contains("OutOfMemoryError"), Files.readString(said));
    } finally {
      process.destroyForcibly();
    }
  }
}
