package ulnaawl.learning;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import ulnaawl.Dances;

/**
 * The memory of a group against the reference library of the published model; {@code make.mjs}
 * beside the values made them.
 */
public class MemoryTest {

  private static final double TOLERANCE = 1e-4;

  @Test
  public void agreesWithTheReferenceLibrary() {
    JsonNode file = new ObjectMapper().readTree(Dances.resource("memory/memory.json"));
    int compared = 0;
    for (JsonNode history : file.get("histories")) {
      Memory memory = Memory.first(Grade.GOOD);
      for (JsonNode step : history) {
        long gap = step.get("gap").asLong();
        Grade grade = Grade.values()[step.get("grade").asInt()];
        if (gap == 0) {
          memory = Memory.first(grade);
        } else {
          assertEquals(memory.strength(gap), step.get("strength").asDouble(), TOLERANCE);
          memory = memory.after(gap, grade);
        }
        assertEquals(memory.stability(), step.get("stability").asDouble(), TOLERANCE, step + "");
        assertEquals(memory.difficulty(), step.get("difficulty").asDouble(), TOLERANCE, step + "");
        assertEquals(memory.interval(), step.get("interval").asInt(), step + "");
        compared++;
      }
    }
    assertTrue(compared > 25, compared + " steps");
  }
}
