package nodyes.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import org.jooq.Converter;
import org.springframework.modulith.core.ApplicationModules;
import org.testng.annotations.Test;

/** The walls of the server. */
public class WallsTest {
  @Test
  public void featuresTalkThroughTheirFacesAndFormNoCycle() {
    ApplicationModules.of(NodYesServer.class).verify();
  }

  @Test
  public void onlyStoresSeeSql() {
    noClasses()
        .that()
        // what one holds within itself is its own
        .haveNameNotMatching(".*(Store|Writer)(\\$.*)?")
        .and()
        .resideOutsideOfPackage("nodyes.server.database..")
        .and()
        // how a column's text is a value of ours, which the generated types use
        .areNotAssignableTo(Converter.class)
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.jooq..", "nodyes.generated..", "java.sql..")
        .check(
            new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("nodyes.server"));
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
                .importPackages("nodyes.server"));
  }
}
