package nodyes.app;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.maven.artifact.versioning.ComparableVersion;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What the product is made of, as its SBOMs (CycloneDX) tell it, against the advisories in the
 * repository; and no library that nobody has kept for five years.
 */
public class DependencyAuditTest {
  private static final Path AUDIT = Path.of("src/audit");
  private static final Path JAVA = Path.of("target/classes/META-INF/sbom/application.cdx.json");
  private static final Path WEB = Path.of("../web/target/bom.cdx.json");

  /** When this was looked at last; moved on by hand, since no test reads the clock. */
  private static final LocalDate LOOKED_AT = LocalDate.of(2026, 11, 29);

  private static final int YEARS = 5;

  private record Component(String ecosystem, String name, String version) {}

  private static List<Component> components(Path bom, String ecosystem) throws IOException {
    JsonNode read = JsonMapper.shared().readTree(Files.readString(bom));
    assertEquals(read.path("bomFormat").asString(), "CycloneDX");
    return read.path("components")
        .valueStream()
        .map(
            one -> {
              String group = one.path("group").asString("");
              String name = one.path("name").asString();
              String glue = ecosystem.equals("Maven") ? ":" : "/";
              return new Component(
                  ecosystem,
                  group.isEmpty() ? name : group + glue + name,
                  one.path("version").asString());
            })
        .toList();
  }

  private static boolean isAffected(Component component, JsonNode advisory) {
    return advisory
        .path("affected")
        .valueStream()
        .filter(
            one -> one.path("package").path("ecosystem").asString().equals(component.ecosystem()))
        .filter(one -> one.path("package").path("name").asString().equals(component.name()))
        .flatMap(one -> one.path("ranges").valueStream())
        .anyMatch(range -> isWithin(component.version(), range.path("events")));
  }

  private static boolean isWithin(String version, JsonNode events) {
    var found = new ComparableVersion(version);
    String introduced = events.path(0).path("introduced").asString();
    String fixed = events.path(1).path("fixed").asString();
    return (introduced.equals("0") || found.compareTo(new ComparableVersion(introduced)) >= 0)
        && found.compareTo(new ComparableVersion(fixed)) < 0;
  }

  private static List<String> found(List<Component> components) throws IOException {
    JsonNode advisories =
        JsonMapper.shared()
            .readTree(Files.readString(AUDIT.resolve("advisories.json")))
            .path("advisories");
    var found = new ArrayList<String>();
    for (JsonNode advisory : advisories) {
      for (Component component : components) {
        if (isAffected(component, advisory)) {
          found.add(advisory.path("id").asString() + " in " + component);
        }
      }
    }
    return found;
  }

  @Test
  public void nothingInItIsKnownToBeFaulty() throws IOException {
    var all = new ArrayList<>(components(JAVA, "Maven"));
    assertTrue(all.size() > 80, all.size() + " components");
    List<Component> web = components(WEB, "npm");
    assertTrue(web.size() > 10, web.size() + " components");
    all.addAll(web);
    assertEquals(String.join("\n", found(all)), "");
  }

  /** The audit can find something: the guesser's old Guava, which was in the jar. */
  @Test
  public void aFaultyOneWouldBeFound() throws IOException {
    assertEquals(
        found(
            List.of(
                new Component("Maven", "com.google.guava:guava", "18.0"),
                new Component("Maven", "org.jsoup:jsoup", "1.15.3"),
                new Component("npm", "lodash", "4.17.20"),
                new Component("npm", "com.google.guava:guava", "18.0"))),
        List.of(
            "CVE-2023-2976 in Component[ecosystem=Maven, name=com.google.guava:guava, version=18.0]",
            "CVE-2018-10237 in Component[ecosystem=Maven, name=com.google.guava:guava, version=18.0]",
            "CVE-2021-23337 in Component[ecosystem=npm, name=lodash, version=4.17.20]"));
  }

  /** By the newest file in each; builds that give all files one day are of newer tools anyway. */
  @Test
  public void nothingInItWasLeftForFiveYears() throws IOException {
    Set<String> known =
        Files.readAllLines(AUDIT.resolve("unkept.csv")).stream()
            .skip(1)
            .map(line -> line.split(",", 2)[0])
            .collect(Collectors.toSet());
    var left = new ArrayList<String>();
    for (String place : System.getProperty("java.class.path").split(java.io.File.pathSeparator)) {
      Path jar = Path.of(place);
      String name = String.valueOf(jar.getFileName());
      if (name.endsWith(".jar") && isShipped(name) && known.stream().noneMatch(name::startsWith)) {
        LocalDate newest = newest(jar);
        if (newest.getYear() > 2000 && newest.isBefore(LOOKED_AT.minusYears(YEARS))) {
          left.add(name + " " + newest);
        }
      }
    }
    assertEquals(String.join("\n", left), "");
  }

  /** Of what the tests alone use, the SBOM knows nothing. */
  private static boolean isShipped(String jar) throws IOException {
    String bom = Files.readString(JAVA);
    String[] parts = jar.split("-(?=\\d)", 2);
    return bom.contains("\"name\" : \"" + parts[0] + "\"");
  }

  private static LocalDate newest(Path jar) throws IOException {
    try (var file = new ZipFile(jar.toFile())) {
      return file.stream()
          .map(ZipEntry::getLastModifiedTime)
          .map(time -> LocalDate.ofInstant(time.toInstant(), ZoneOffset.UTC))
          .max(LocalDate::compareTo)
          .orElse(LocalDate.EPOCH);
    }
  }
}
