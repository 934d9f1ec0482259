package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import nodyes.server.people.Accounts;
import nodyes.server.people.Role;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Backups from the machine, beside a server that runs. */
public class BackupCommandTest {
  private Path folder;
  private Path data;
  private ConfigurableApplicationContext server;

  @BeforeClass
  public void serve() throws Exception {
    folder = Files.createTempDirectory("nodyes-backup-command");
    data = folder.resolve("data");
    server = new ServerStart(0, data).loopback().start();
    server.getBean(Accounts.class).add("rita@shop.example", "Rita", Role.OWNER);
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    server.close();
  }

  private record Said(int code, String text) {}

  private static Said run(String typed, String... command) {
    InputStream in = System.in;
    PrintStream out = System.out;
    PrintStream err = System.err;
    var said = new ByteArrayOutputStream();
    try {
      System.setIn(new ByteArrayInputStream(typed.getBytes(StandardCharsets.UTF_8)));
      System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
      System.setErr(System.out);
      int code = NodYes.commandLine().execute(command);
      return new Said(code, said.toString(StandardCharsets.UTF_8));
    } finally {
      System.setIn(in);
      System.setOut(out);
      System.setErr(err);
    }
  }

  private Path backup(String name) {
    Path file = folder.resolve(name);
    Said made = run("", "backup", file.toString(), "--data", data.toString());
    assertEquals(made.code(), 0, made.text());
    assertTrue(made.text().contains("1 person."), made.text());
    return file;
  }

  @Test
  public void whatIsThereIsReplacedOnlyOnceTheOwnerSaysYes() throws IOException {
    Path file = backup("asked.zip");
    Path other = folder.resolve("other");
    Said first = run("", "restore", file.toString(), "--data", other.toString());
    assertEquals(first.code(), 0, first.text());
    Said asked = run("no\n", "restore", file.toString(), "--data", other.toString());
    assertEquals(asked.code(), 1);
    assertTrue(asked.text().contains("Nothing was changed."), asked.text());
    Said agreed = run("yes\n", "restore", file.toString(), "--data", other.toString());
    assertEquals(agreed.code(), 0, agreed.text());
    assertTrue(agreed.text().contains("What was there before is in"), agreed.text());
  }

  @Test
  public void refusalsAreSentences() throws IOException {
    Path file = backup("refused.zip");
    Said running = run("yes\n", "restore", file.toString(), "--data", data.toString());
    assertEquals(running.code(), 1);
    assertTrue(running.text().contains("Stop it first"), running.text());
    Path text = Files.writeString(folder.resolve("text.zip"), "no archive");
    Path nowhere = folder.resolve("nowhere");
    for (Said said :
        new Said[] {
          run("", "restore", text.toString(), "--data", nowhere.toString()),
          run("", "restore", folder.resolve("none.zip").toString(), "--data", nowhere.toString()),
          run("", "backup", "--data", nowhere.toString()),
          run("", "backup", file.toString(), "--data", data.toString())
        }) {
      assertEquals(said.code(), 1);
      assertFalse(said.text().contains("Exception"), said.text());
      assertFalse(said.text().isBlank());
    }
    assertFalse(Files.exists(nowhere));
  }
}
