package ulnaawl.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** The arrows of docs/architecture.md in the server. */
public class ServerArchitectureTest {

  private final JavaClasses server =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("ulnaawl.server");

  @Test
  public void featuresHaveNoCycles() {
    slices().matching("ulnaawl.server.(*)..").should().beFreeOfCycles().check(server);
  }

  @Test
  public void onlyStoresAndTheChangeLogTouchTheDatabase() {
    classes()
        .that()
        .resideInAPackage("ulnaawl.server..")
        .and()
        .resideOutsideOfPackage("ulnaawl.server.tables..")
        .and()
        .haveSimpleNameNotEndingWith("Store")
        .and()
        .doNotHaveSimpleName("ChangeLog")
        .should()
        .onlyDependOnClassesThat()
        .resideOutsideOfPackages("org.jooq..", "ulnaawl.server.tables..")
        .check(server);
  }

  @Test
  public void controllersDoNotReachStores() {
    noClasses()
        .that()
        .haveSimpleNameEndingWith("Controller")
        .should()
        .dependOnClassesThat()
        .haveSimpleNameEndingWith("Store")
        .check(server);
  }
}
