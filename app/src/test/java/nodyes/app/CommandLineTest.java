package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.net.InetAddress;
import java.net.ServerSocket;
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
  public void aPortInUseIsNoticed() throws IOException {
    try (var socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      assertTrue(ServerStart.isTaken(socket.getLocalPort()));
    }
    assertFalse(ServerStart.isTaken(0));
  }
}
