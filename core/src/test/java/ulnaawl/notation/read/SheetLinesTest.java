package ulnaawl.notation.read;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import ulnaawl.Dances;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;

/**
 * Single lines as sheets word them, with the answer of an instructor. Common practice, no source:
 * the lines and the answers were given from outside the project.
 */
public class SheetLinesTest {

  private static final JsonNode LINES =
      new ObjectMapper().readTree(Dances.resource("checkvalues/sheet-lines.json"));

  @DataProvider
  public Object[][] lines() {
    List<Object[]> rows = new ArrayList<>();
    for (JsonNode line : LINES) {
      rows.add(new Object[] {line.get("line").asString(), line});
    }
    return rows.toArray(Object[][]::new);
  }

  @Test(dataProvider = "lines")
  public void isReadAsAnInstructorReadsIt(String line, JsonNode wanted) {
    List<String> answers = new ArrayList<>();
    answers.add(answer(wanted));
    wanted.path("or").forEach(other -> answers.add(answer(other)));
    String text = "title: Line\nstart: " + start(wanted) + "\nsection 1\n" + line + "\n";
    List<String> said = new ArrayList<>();
    Dances.faults(text).stream()
        .filter(it -> !it.code().word().equals("end-weight"))
        // The line is cut from a dance that faced elsewhere where it begins.
        .filter(it -> !it.code().word().equals("noted-facing"))
        .forEach(it -> said.add(it.message()));
    assertEquals(String.join(" ", said), "", line);
    String got = answer(Dances.dance(text).main());
    assertEquals(answers.contains(got) ? got : answers.getFirst(), got, line);
  }

  private static String start(JsonNode wanted) {
    String start = wanted.get("start").asString();
    return start.equals("both") ? "both" : "weight " + start;
  }

  private static String answer(JsonNode wanted) {
    return wanted.get("feet").asString()
        + " weight "
        + wanted.get("weight").asString()
        + " turn "
        + wanted.get("turn").asDouble();
  }

  private static String answer(Passage danced) {
    String feet = danced.places().stream().map(SheetLinesTest::foot).collect(Collectors.joining());
    Weight weight = danced.endWeight();
    return feet
        + " weight "
        + (weight == Weight.BOTH ? "both" : weight == Weight.LEFT ? "L" : "R")
        + " turn "
        + danced.turn().netHours();
  }

  private static String foot(Place place) {
    return place.foot().map(Foot::letter).orElse(place.action().withBoth() ? "B" : "-");
  }
}
