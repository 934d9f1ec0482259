package nodyes.server.backup;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import nodyes.server.NodYesServer;
import nodyes.server.ServerSettings;
import nodyes.server.ServerTest;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.jobs.JobKind;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockMultipartHttpServletRequestBuilder;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Backups of a server that goes on, and of what they are for. */
public class BackupFileTest extends ServerTest {
  private static final Instant NOON = Instant.parse("2026-11-26T12:00:00Z");

  @Autowired private ServerSettings settings;
  @Autowired private Backups backups;
  @Autowired private BackupJob job;

  @BeforeClass
  public void something() throws Exception {
    product("backed-pot");
    bringIn("Product,Rating,Review\nbacked-pot,5,Kept for good\n", "{}");
  }

  private static Path folder() throws IOException {
    return Files.createTempDirectory("nodyes-backups");
  }

  private Path made() throws Exception {
    Path file = folder().resolve("one.zip");
    BackupFile.make(settings.data(), file, NOON);
    return file;
  }

  @Test
  public void itIsMadeOpenedAndCountedWhileTheServerWrites() throws Exception {
    var isOver = new AtomicBoolean();
    Thread writer =
        Thread.ofPlatform()
            .start(
                () -> {
                  for (int n = 0; !isOver.get(); n++) {
                    try {
                      product("written-meanwhile-" + n % 20);
                    } catch (Exception e) {
                      throw new AssertionError(e);
                    }
                  }
                });
    try {
      for (int n = 0; n < 3; n++) {
        Path file = made();
        BackupManifest manifest = BackupFile.check(file);
        assertEquals(manifest.madeAt(), NOON);
        assertTrue(manifest.counts().products() > 0 && manifest.counts().reviews() > 0);
      }
    } finally {
      isOver.set(true);
      writer.join();
    }
  }

  /** The same shop elsewhere: the catalogue, its reviews, and the secret that signs links. */
  @Test
  public void whatIsRestoredElsewhereIsTheSame() throws Exception {
    Path file = made();
    Path elsewhere = folder().resolve("data");
    assertTrue(BackupFile.restore(file, elsewhere, NOON).isEmpty());
    assertEquals(BackupFile.counts(elsewhere), BackupFile.counts(settings.data()));
    assertEquals(
        Files.readAllBytes(elsewhere.resolve("signing.secret")),
        Files.readAllBytes(settings.data().resolve("signing.secret")));
    try (var context =
        new SpringApplicationBuilder(NodYesServer.class)
            .web(WebApplicationType.NONE)
            .lazyInitialization(true)
            .run("--nodyes.data=" + elsewhere, "--logging.level.root=error")) {
      assertTrue(
          context
              .getBean(Catalogue.class)
              .id(new nodyes.core.common.Slug("backed-pot"))
              .isPresent());
    }
  }

  @Test
  public void whatWasThereIsKeptBesideWithItsBackups() throws Exception {
    Path file = made();
    Path data = folder().resolve("data");
    BackupFile.restore(file, data, NOON);
    Files.createDirectories(data.resolve("backups"));
    Files.writeString(data.resolve("backups").resolve("older.zip"), "x");
    Files.writeString(data.resolve("note.txt"), "mine");
    Path before = BackupFile.restore(file, data, NOON.plusSeconds(5)).orElseThrow();
    assertEquals(Files.readString(before.resolve("note.txt")), "mine");
    assertFalse(Files.exists(data.resolve("note.txt")));
    assertTrue(Files.exists(data.resolve("backups").resolve("older.zip")));
  }

  @Test
  public void aFolderThatAServerRunsOnIsLeftAlone() throws Exception {
    Path file = made();
    BackupException refused =
        org.testng.Assert.expectThrows(
            BackupException.class, () -> BackupFile.restore(file, settings.data(), NOON));
    assertTrue(String.valueOf(refused.getMessage()).startsWith("Nod Yes is running"));
    ask("/api/v1/products/backed-pot").andExpect(status().isOk());
  }

  @Test
  public void whatIsDamagedOrNoBackupIsRefusedAndChangesNothing() throws Exception {
    Path good = made();
    Path data = folder().resolve("data");
    Path text = folder().resolve("a.zip");
    Files.writeString(text, "no archive");
    Path cut = folder().resolve("cut.zip");
    byte[] whole = Files.readAllBytes(good);
    Files.write(cut, java.util.Arrays.copyOf(whole, whole.length / 2));
    Path flipped = folder().resolve("flipped.zip");
    for (int at = whole.length / 3; at < whole.length / 3 + 64; at++) {
      whole[at] ^= 0x55;
    }
    Files.write(flipped, whole);
    for (Path bad : new Path[] {text, cut, flipped, text.resolveSibling("none.zip")}) {
      assertThrows(BackupException.class, () -> BackupFile.restore(bad, data, NOON));
      assertFalse(Files.exists(data), bad.toString());
    }
  }

  /** Whoever opens a ZIP by its directory does not compare checksums unasked. */
  @Test
  public void aFileOfABackupWithOtherBytesThanItWasMadeOfIsRefused() throws Exception {
    Path changed = folder().resolve("changed.zip");
    byte[] secret = Files.readAllBytes(settings.data().resolve("signing.secret"));
    try (var zip = new ZipFile(made().toFile());
        var copy = new ZipOutputStream(Files.newOutputStream(changed))) {
      copy.setLevel(Deflater.NO_COMPRESSION);
      for (ZipEntry entry : zip.stream().toList()) {
        copy.putNextEntry(new ZipEntry(entry.getName()));
        zip.getInputStream(entry).transferTo(copy);
      }
    }
    BackupFile.check(changed);
    String latin = Files.readString(changed, StandardCharsets.ISO_8859_1);
    int at = latin.indexOf(new String(secret, StandardCharsets.ISO_8859_1));
    byte[] bytes = Files.readAllBytes(changed);
    bytes[at] ^= 1;
    Files.write(changed, bytes);
    Path data = folder().resolve("data");
    assertThrows(BackupException.class, () -> BackupFile.restore(changed, data, NOON));
    assertFalse(Files.exists(data));
  }

  @Test
  public void noFileOfABackupLiesOutsideIt() throws Exception {
    Path good = made();
    Path evil = folder().resolve("evil.zip");
    try (var zip = new ZipFile(good.toFile());
        OutputStream out = Files.newOutputStream(evil);
        var copy = new ZipOutputStream(out)) {
      for (ZipEntry entry : zip.stream().toList()) {
        boolean isSecret = entry.getName().equals("signing.secret");
        copy.putNextEntry(new ZipEntry(isSecret ? "../outside.txt" : entry.getName()));
        copy.write(
            isSecret
                ? "x".getBytes(StandardCharsets.UTF_8)
                : zip.getInputStream(entry).readAllBytes());
      }
    }
    Path data = folder().resolve("data");
    assertThrows(BackupException.class, () -> BackupFile.restore(evil, data, NOON));
    assertFalse(Files.exists(data.resolveSibling("outside.txt")));
    assertFalse(Files.exists(data));
  }

  /** A backup from before an update goes on to be one: tables that came later count as empty. */
  @Test
  public void aBackupOfAnOlderVersionIsRestoredAndBroughtUpToDate() throws Exception {
    Path old = Files.createDirectories(folder().resolve("old"));
    Flyway.configure()
        .dataSource("jdbc:sqlite:" + old.resolve("nodyes.sqlite"), null, null)
        .target("2")
        .load()
        .migrate();
    Path file = folder().resolve("old.zip");
    assertEquals(BackupFile.make(old, file, NOON).counts().orders(), 0);
    Path data = folder().resolve("data");
    BackupFile.restore(file, data, NOON);
    try (var context =
        new SpringApplicationBuilder(NodYesServer.class)
            .web(WebApplicationType.NONE)
            .lazyInitialization(true)
            .run("--nodyes.data=" + data, "--logging.level.root=error")) {
      assertTrue(
          context.getBean(Catalogue.class).id(new nodyes.core.common.Slug("backed-pot")).isEmpty());
    }
  }

  @Test
  public void ownersMakeThemAndTheOldestGo() throws Exception {
    // no key of a program may take all that is stored
    send("/api/v1/backups", "{}").andExpect(status().isForbidden());
    for (int day = 0; day < Backups.KEPT + 3; day++) {
      Files.createDirectories(backups.folder());
      Path file = backups.folder().resolve(BackupFile.name(NOON.minus(Duration.ofDays(100 + day))));
      Files.copy(day == 0 ? made() : first(), file);
    }
    Backups.Kept newest = backups.make();
    assertEquals(backups.all().size(), Backups.KEPT);
    assertEquals(backups.newest().orElseThrow().name(), newest.name());
    assertTrue(backups.file("../signing.secret").isEmpty());
    Instant at = newest.manifest().madeAt();
    assertEquals(job.kind(), JobKind.BACKUPS);
    assertEquals(job.run(at.plus(Duration.ofHours(23))), 0);
  }

  /** From another machine; what is no backup does not stay, and a key may do none of it. */
  @Test
  public void oneFromElsewhereIsOpenedBeforeItIsKept() throws Exception {
    byte[] whole = Files.readAllBytes(made());
    JsonNode brought =
        body(http.perform(bringing(whole).with(owner())).andExpect(status().isCreated()));
    assertEquals(brought.path("name").asString(), BackupFile.name(NOON));
    byte[] cut = java.util.Arrays.copyOf(whole, whole.length / 2);
    JsonNode refused =
        body(
            http.perform(bringing(cut).with(owner())).andExpect(status().isUnprocessableContent()));
    assertEquals(refused.path("detail").asString(), "This is no backup of Nod Yes.");
    http.perform(bringing(whole).header("Authorization", "Bearer " + KEY))
        .andExpect(status().isForbidden());
    try (var files = Files.list(backups.folder())) {
      assertTrue(files.noneMatch(file -> file.toString().endsWith(".part")));
    }
    // nobody is here to close this server and start it again
    http.perform(post("/api/v1/backups/{name}/restore", BackupFile.name(NOON)).with(owner()))
        .andExpect(status().isConflict());
    http.perform(post("/api/v1/backups/..%2Fsigning.secret/restore").with(owner()))
        .andExpect(status().is4xxClientError());
  }

  private static MockMultipartHttpServletRequestBuilder bringing(byte[] file) {
    return multipart("/api/v1/backups/files")
        .file(new MockMultipartFile("file", "b.zip", "application/zip", file));
  }

  private Path first() throws IOException {
    try (var files = Files.list(backups.folder())) {
      return files.findFirst().orElseThrow();
    }
  }
}
