package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nodyes.server.backup.BackupFile;
import nodyes.server.backup.BackupRestorer;
import nodyes.server.people.Accounts;
import nodyes.server.people.Role;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.Test;

/** A server that goes back to a backup, and comes again. */
public class RestoringTest {
  private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");

  private static long people(ConfigurableApplicationContext server, Path data) throws Exception {
    assertTrue(server.isActive());
    return BackupFile.counts(data).orElseThrow().people();
  }

  @Test
  public void itComesAgainWithWhatWasStoredThen() throws Exception {
    Path data = Files.createTempDirectory("nodyes-restoring").resolve("data");
    Path backup = data.resolveSibling("one.zip");
    ServerStart starting = new ServerStart(0, data).loopback();
    ConfigurableApplicationContext before = starting.start();
    before.getBean(Accounts.class).add("rita@shop.example", "Rita", Role.OWNER);
    BackupFile.make(data, backup, NOON);
    before.getBean(Accounts.class).add("new@shop.example", "New", Role.EDITOR);
    assertEquals(people(before, data), 2);
    ConfigurableApplicationContext after = restored(starting, before, backup);
    try {
      assertEquals(people(after, data), 1);
      BackupRestorer.Outcome last = after.getBean(BackupRestorer.class).last().orElseThrow();
      assertEquals(last.failure(), Optional.empty());
      assertTrue(Files.isDirectory(last.kept().orElseThrow()));
      assertEquals(BackupFile.counts(last.kept().orElseThrow()).orElseThrow().people(), 2);
    } finally {
      after.close();
    }
  }

  /** One that is spoiled meanwhile changes nothing, and the server comes again all the same. */
  @Test
  public void itComesAgainWhereTheBackupCannotBeRead() throws Exception {
    Path data = Files.createTempDirectory("nodyes-restoring").resolve("data");
    ServerStart starting = new ServerStart(0, data).loopback();
    ConfigurableApplicationContext before = starting.start();
    before.getBean(Accounts.class).add("rita@shop.example", "Rita", Role.OWNER);
    Path spoiled = Files.writeString(data.resolveSibling("spoiled.zip"), "no archive");
    ConfigurableApplicationContext after = restored(starting, before, spoiled);
    try {
      assertEquals(people(after, data), 1);
      assertTrue(after.getBean(BackupRestorer.class).last().orElseThrow().failure().isPresent());
    } finally {
      after.close();
    }
  }

  /** A server that does not start on what was restored would be gone for good. */
  @Test
  public void whatWasThereIsPutBackWhereTheServerDoesNotStart() throws Exception {
    Path data = Files.createTempDirectory("nodyes-restoring").resolve("data");
    Path backup = data.resolveSibling("one.zip");
    new ServerStart(0, data).loopback().start().close();
    BackupFile.make(data, backup, NOON);
    Files.writeString(data.resolve("note.txt"), "mine");
    var startedOn = new ArrayList<Boolean>();
    var restoring =
        new Restoring(
            data,
            () -> {},
            () -> {
              startedOn.add(Files.exists(data.resolve("note.txt")));
              if (startedOn.size() == 1) {
                throw new IllegalStateException("It does not start.");
              }
            });
    restoring.exchange(backup);
    assertEquals(startedOn, List.of(false, true));
    assertEquals(restoring.last().orElseThrow().failure(), Optional.of("It does not start."));
  }

  private static ConfigurableApplicationContext restored(
      ServerStart starting, ConfigurableApplicationContext before, Path backup) {
    starting.restoring().exchange(backup);
    assertFalse(before.isActive());
    return starting.running().orElseThrow();
  }
}
