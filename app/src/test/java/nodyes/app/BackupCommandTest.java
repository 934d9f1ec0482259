package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
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

  private Path backup(String name) {
    Path file = folder.resolve(name);
    Said made = Said.of("", "backup", file.toString(), "--data", data.toString());
    assertEquals(made.code(), 0, made.text());
    assertTrue(made.text().contains("1 person."), made.text());
    return file;
  }

  @Test
  public void whatIsThereIsReplacedOnlyOnceTheOwnerSaysYes() throws IOException {
    Path file = backup("asked.zip");
    Path other = folder.resolve("other");
    Said first = Said.of("", "restore", file.toString(), "--data", other.toString());
    assertEquals(first.code(), 0, first.text());
    Said asked = Said.of("no\n", "restore", file.toString(), "--data", other.toString());
    assertEquals(asked.code(), 1);
    assertTrue(asked.text().contains("Nothing was changed."), asked.text());
    Said agreed = Said.of("yes\n", "restore", file.toString(), "--data", other.toString());
    assertEquals(agreed.code(), 0, agreed.text());
    assertTrue(agreed.text().contains("What was there before is in"), agreed.text());
  }

  @Test
  public void refusalsAreSentences() throws IOException {
    Path file = backup("refused.zip");
    Said running = Said.of("yes\n", "restore", file.toString(), "--data", data.toString());
    assertEquals(running.code(), 1);
    assertTrue(running.text().contains("Stop it first"), running.text());
    Path text = Files.writeString(folder.resolve("text.zip"), "no archive");
    Path nowhere = folder.resolve("nowhere");
    for (Said said :
        new Said[] {
          Said.of("", "restore", text.toString(), "--data", nowhere.toString()),
          Said.of(
              "", "restore", folder.resolve("none.zip").toString(), "--data", nowhere.toString()),
          Said.of("", "backup", "--data", nowhere.toString()),
          Said.of("", "backup", file.toString(), "--data", data.toString())
        }) {
      assertEquals(said.code(), 1);
      assertFalse(said.text().contains("Exception"), said.text());
      assertFalse(said.text().isBlank());
    }
    assertFalse(Files.exists(nowhere));
  }
}
