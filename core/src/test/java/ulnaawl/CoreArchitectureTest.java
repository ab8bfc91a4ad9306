package ulnaawl;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The arrows of docs/architecture.md: each package may use only what stands here. */
public class CoreArchitectureTest {

  private static final Map<String, List<String>> ARROWS =
      Map.ofEntries(
          Map.entry("music", List.of()),
          Map.entry("floor", List.of()),
          Map.entry("text", List.of()),
          Map.entry("figure", List.of("music", "floor")),
          Map.entry("notation", List.of("text", "music", "floor", "figure")),
          Map.entry("dance", List.of("notation", "text", "music", "floor", "figure")),
          Map.entry("wall", List.of("dance", "notation", "text", "music", "floor", "figure")),
          Map.entry(
              "check",
              List.of("level", "wall", "dance", "notation", "text", "music", "floor", "figure")),
          Map.entry(
              "level", List.of("wall", "dance", "notation", "text", "music", "floor", "figure")),
          Map.entry(
              "song",
              List.of("wall", "level", "dance", "notation", "text", "music", "floor", "figure")),
          Map.entry(
              "teach", List.of("wall", "dance", "notation", "text", "music", "floor", "figure")),
          Map.entry("learning", List.of("dance")),
          Map.entry("plan", List.of("teach", "learning", "dance", "notation", "figure", "music")),
          Map.entry(
              "words",
              List.of(
                  "plan",
                  "learning",
                  "teach",
                  "song",
                  "level",
                  "wall",
                  "dance",
                  "notation",
                  "figure",
                  "floor",
                  "music")));

  private final JavaClasses core =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("ulnaawl");

  @DataProvider
  public Object[][] packages() {
    return ARROWS.keySet().stream().map(name -> new Object[] {name}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "packages")
  public void usesOnlyWhatLiesBelow(String name) {
    List<String> allowed = new ArrayList<>(List.of("java..", "org.jspecify..", pack(name)));
    ARROWS.getOrDefault(name, List.of()).forEach(below -> allowed.add(pack(below)));
    ArchRuleDefinition.classes()
        .that()
        .resideInAPackage(pack(name))
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(allowed.toArray(String[]::new))
        .check(core);
  }

  @Test
  public void hasNoCyclesAndNoPackageBesidesThese() {
    slices().matching("ulnaawl.(*)..").should().beFreeOfCycles().check(core);
    ArchRuleDefinition.classes()
        .should()
        .resideInAnyPackage(ARROWS.keySet().stream().map(this::pack).toArray(String[]::new))
        .check(core);
  }

  private String pack(String name) {
    return "ulnaawl." + name + "..";
  }
}
