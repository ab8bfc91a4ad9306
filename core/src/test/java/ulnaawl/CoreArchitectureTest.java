package ulnaawl;

import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.syntax.ArchRuleDefinition;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The arrows of docs/architecture.md: each package may use only what stands here. */
public class CoreArchitectureTest {

  private static final List<String> GROUND = List.of("text", "music", "floor");
  private static final List<String> GROUND_AND_FIGURES = with(GROUND, "figure");
  private static final List<String> WRITTEN = with(GROUND, "figure", "notation");
  private static final List<String> DANCED = with(WRITTEN, "dance");
  private static final List<String> WALLED = with(DANCED, "wall");
  private static final List<String> LESSON = with(WALLED, "dance.lineage", "teach.lesson");

  private static final Map<String, List<String>> ARROWS =
      Map.ofEntries(
          Map.entry("music", List.of()),
          Map.entry("floor", List.of()),
          Map.entry("text", List.of()),
          Map.entry("people", List.of()),
          Map.entry("figure", GROUND),
          Map.entry("notation", with(GROUND, "figure")),
          Map.entry("notation.read", WRITTEN),
          Map.entry("notation.write", WRITTEN),
          Map.entry("dance", WRITTEN),
          Map.entry("dance.compile", with(DANCED, "notation.read")),
          Map.entry("dance.edit", with(DANCED, "dance.compile", "notation.read", "notation.write")),
          Map.entry("dance.lineage", DANCED),
          Map.entry("wall", DANCED),
          Map.entry("wall.where", WALLED),
          Map.entry("level", WALLED),
          Map.entry("check", with(WALLED, "dance.compile", "level")),
          Map.entry(
              "song",
              with(
                  WALLED,
                  "level",
                  "dance.compile",
                  "dance.edit",
                  "notation.read",
                  "notation.write")),
          Map.entry("sheet", GROUND_AND_FIGURES),
          Map.entry("sheet.layout", with(WRITTEN, "notation.read")),
          Map.entry(
              "sheet.read",
              with(
                  WALLED,
                  "check",
                  "dance.compile",
                  "notation.read",
                  "notation.write",
                  "sheet",
                  "sheet.layout")),
          Map.entry(
              "sheet.prose", with(DANCED, "dance.compile", "notation.read", "notation.write")),
          Map.entry("teach.ladder", List.of("music")),
          Map.entry("teach.cue", WALLED),
          Map.entry("teach.lesson", with(WALLED, "dance.lineage")),
          Map.entry("teach.school", with(LESSON, "teach.ladder")),
          Map.entry("teach", with(LESSON, "level", "teach.school", "teach.ladder")),
          Map.entry("play", with(LESSON, "teach.cue")),
          Map.entry("play.band", with(WALLED, "play")),
          Map.entry("learning", List.of("dance", "text", "people")),
          Map.entry("bound", List.of()),
          Map.entry("plan.solve", List.of("bound")),
          Map.entry(
              "plan", with(LESSON, "people", "learning", "teach", "teach.school", "plan.solve")),
          Map.entry("social.solve", List.of("bound")),
          Map.entry(
              "social", with(LESSON, "learning", "plan", "plan.solve", "song", "social.solve")),
          Map.entry("handover", with(LESSON, "people", "plan", "learning")),
          Map.entry(
              "words",
              with(
                  LESSON,
                  "people",
                  "handover",
                  "plan",
                  "social",
                  "learning",
                  "teach",
                  "teach.school",
                  "teach.ladder",
                  "teach.cue",
                  "play",
                  "song",
                  "level",
                  "wall.where",
                  "sheet",
                  "notation.write")));

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
    slices().matching("ulnaawl.(**)").should().beFreeOfCycles().check(core);
    ArchRuleDefinition.classes()
        .should()
        .resideInAnyPackage(
            ARROWS.keySet().stream().map(CoreArchitectureTest::pack).toArray(String[]::new))
        .check(core);
  }

  private static String pack(String name) {
    return "ulnaawl." + name;
  }

  private static List<String> with(List<String> below, String... more) {
    return Stream.concat(below.stream(), Stream.of(more)).toList();
  }
}
