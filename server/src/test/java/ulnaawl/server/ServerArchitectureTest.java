package ulnaawl.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaFieldAccess;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.testng.annotations.Test;

/** The arrows of docs/architecture.md in the server. */
public class ServerArchitectureTest {

  private final JavaClasses server =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          // What an earlier build has worked out for the start lies beside the classes.
          .withImportOption(at -> !at.contains("$$") && !at.contains("__"))
          .importPackages("ulnaawl.server");

  @Test
  public void featuresHaveNoCycles() {
    slices().matching("ulnaawl.server.(*)..").should().beFreeOfCycles().check(server);
  }

  @Test
  public void onlyStoresTouchTheDatabase() {
    classes()
        .that()
        .resideInAPackage("ulnaawl.server..")
        .and()
        .resideOutsideOfPackage("ulnaawl.server.tables..")
        .and()
        .haveSimpleNameNotEndingWith("Store")
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

  /** One table belongs to one feature: only the classes of one package use it. */
  @Test
  public void everyTableBelongsToOneFeature() {
    Map<String, Set<String>> users = new TreeMap<>();
    for (JavaClass type : server) {
      if (type.getPackageName().startsWith("ulnaawl.server.tables")) {
        continue;
      }
      for (JavaFieldAccess access : type.getFieldAccessesFromSelf()) {
        boolean table = access.getTargetOwner().getName().equals("ulnaawl.server.tables.Tables");
        if (table) {
          users
              .computeIfAbsent(access.getTarget().getName(), _ -> new TreeSet<>())
              .add(type.getPackageName());
        }
      }
    }
    assertTrue(users.size() >= 12, users.toString());
    users.forEach((table, features) -> assertEquals(features.size(), 1, table + ": " + features));
  }
}
