package nodyes.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.belongToAnyOf;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertEquals;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URLDecoder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** The walls of the core. */
public class WallsTest {
  private final JavaClasses core =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("nodyes.core");

  @Test
  public void knowsOnlyTheLanguageAndFewCalculations() {
    classes()
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "nodyes.core..",
            "java..",
            "org.joda.money..",
            "org.jspecify..",
            "org.apache.commons.statistics..",
            "org.apache.datasketches..")
        .check(core);
  }

  @Test
  public void readsNoClockFileNetworkOrChance() {
    noClasses()
        .should()
        // an address is a text with rules (RFC 3986): reading one asks nobody
        .dependOnClassesThat(
            resideInAnyPackage("java.io..", "java.nio.file..", "java.net..", "java.sql..")
                .and(not(belongToAnyOf(URI.class, URISyntaxException.class, URLDecoder.class))))
        .orShould()
        .dependOnClassesThat()
        .belongToAnyOf(Clock.class, java.util.Random.class)
        .orShould()
        .callMethod(Instant.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .check(core);
  }

  /** A test that asks the machine what day it is fails on some other day. */
  @Test
  public void noTestReadsTheMachinesClock() {
    noClasses()
        .should()
        .callMethod(Instant.class, "now")
        .orShould()
        .callMethod(LocalDate.class, "now")
        .orShould()
        .callMethod(LocalDateTime.class, "now")
        .orShould()
        .callMethod(ZonedDateTime.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .callMethod(Clock.class, "systemUTC")
        .check(
            new ClassFileImporter()
                .withImportOption(new ImportOption.OnlyIncludeTests())
                .importPackages("nodyes.core"));
  }

  @Test
  public void packagesFormNoCycle() {
    slices().matching("nodyes.core.(*)..").should().beFreeOfCycles().check(core);
  }

  @Test
  public void theReadingOrderNamesEveryPackage() throws IOException {
    Path top = Path.of("src/main/java/nodyes/core");
    String order =
        Files.readString(top.resolve("package-info.java")).replaceAll("\\s+\\*\\s+", " ");
    try (Stream<Path> packages = Files.list(top)) {
      assertEquals(
          packages
              .filter(Files::isDirectory)
              .map(one -> one.getFileName().toString())
              .filter(name -> !order.contains("{@code " + name + "}"))
              .toList(),
          List.of());
    }
  }
}
