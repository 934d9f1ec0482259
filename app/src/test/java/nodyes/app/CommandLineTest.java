package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CommandLineTest {
  private record Said(int code, String text) {}

  private static Said run(String... arguments) {
    var text = new StringWriter();
    var command = NodYes.commandLine();
    command.setOut(new PrintWriter(text));
    command.setErr(new PrintWriter(text));
    return new Said(command.execute(arguments), text.toString());
  }

  @Test
  public void helpNamesTheCommandsAndTheirOptions() {
    Said help = run("--help");
    assertEquals(help.code(), 0);
    assertTrue(help.text().contains("serve") && help.text().contains("demo"), help.text());
    String demo = run("demo", "--help").text();
    for (String option :
        new String[] {"--port", "--shop-port", "--data", "--api-key", "--fresh", "--clock"}) {
      assertTrue(demo.contains(option), demo);
    }
  }

  @DataProvider
  Object[][] mistakes() {
    return new Object[][] {
      {new String[] {"demo", "--port", "eighty"}, "Invalid value for option '--port'"},
      {new String[] {"demo", "--clock", "noon"}, "Invalid value for option '--clock'"},
      {new String[] {"demo", "--colour", "plum"}, "Unknown options: '--colour', 'plum'"},
      {new String[] {"serve", "--fresh"}, "Unknown option: '--fresh'"},
      {
        new String[] {"serve", "--trust-proxy", "proxy.shop.example"},
        "--trust-proxy is an IP address such as 127.0.0.1, not proxy.shop.example"
      },
      {new String[] {"serve", "--listen", "everywhere"}, "--listen is an IP address"},
      {
        new String[] {"serve", "--public-address", "https://shop.example/nods"},
        "--public-address is an address without a path"
      },
      {new String[] {"password"}, "Missing required parameter: 'EMAIL'"},
      {new String[] {"sell"}, "Unmatched argument at index 0: 'sell'"},
    };
  }

  @Test(dataProvider = "mistakes")
  public void aMistakeIsExplainedAndNothingStarts(String[] arguments, String why) {
    Said said = run(arguments);
    assertEquals(said.code(), 2);
    assertTrue(said.text().contains(why), said.text());
    assertFalse(said.text().contains("\tat "), said.text());
  }

  @Test
  public void aKeyIsReadFromAFileThatOthersCannotSee() throws IOException {
    Path file = Files.createTempFile("key", ".txt");
    Files.writeString(file, "  a-key-of-a-file \nnot this\n");
    var option = new ApiKeyOption();
    new picocli.CommandLine(option).parseArgs("--api-key-file", file.toString());
    assertEquals(option.read(), "a-key-of-a-file");
    // a start without the key that was meant would look as if it had one
    Files.writeString(file, "\n");
    for (String none : new String[] {file.toString(), file + ".gone"}) {
      Said said = run("serve", "--port", "0", "--api-key-file", none);
      assertEquals(said.code(), 2, said.text());
      assertTrue(said.text().contains(none), said.text());
      assertFalse(said.text().contains("\tat "), said.text());
    }
  }

  /**
   * What ends the process when memory runs out, and what begins it again, are said where it runs.
   */
  @Test
  public void whereItRunsItEndsWithoutMemoryAndIsBegunAgain() throws IOException {
    for (String file : new String[] {"nodyes", "deploy/nodyes.service", "deploy/Containerfile"}) {
      String said = Files.readString(Path.of("..", file));
      assertTrue(said.contains("-XX:+ExitOnOutOfMemoryError"), file);
      assertTrue(said.contains("-Xmx768m"), file);
    }
    assertTrue(Files.readString(Path.of("../deploy/nodyes.service")).contains("Restart=always"));
  }

  @Test
  public void aPortInUseIsNoticed() throws IOException {
    try (var socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      assertTrue(ServerStart.isTaken(socket.getLocalPort()));
    }
    assertFalse(ServerStart.isTaken(0));
  }
}
