package nodyes.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
        .haveSimpleNameNotEndingWith("Store")
        .and()
        .haveSimpleNameNotEndingWith("Writer")
        .and()
        .resideOutsideOfPackage("nodyes.server.database..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("org.jooq..", "nodyes.generated..", "java.sql..")
        .check(
            new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("nodyes.server"));
  }
}
