package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Dances and groups side by side, and the figures that nobody has met. */
public class ClubMatrixTest extends ServerTest {

  @Test
  public void aFigureThatNobodyHasMetIsInNoGroupsWords() {
    Client wilma = wilma();
    JsonNode matrix = wilma.get("/api/matrix").body();
    int groups = matrix.get("groups").size();
    assertTrue(matrix.get("rows").size() > 10);
    matrix.get("rows").forEach(it -> assertEquals(it.get("cells").size(), groups));
    JsonNode unmet = matrix.get("figuresUnmet");
    assertTrue(unmet.size() > 0, matrix.toString());
    String known = "";
    for (JsonNode group : matrix.get("groups")) {
      for (JsonNode family :
          wilma.get("/api/groups/" + group.get("id").asLong() + "/vocabulary").body()) {
        for (JsonNode figure : family.get("figures")) {
          known += figure.has("how") ? "|" + figure.get("call").asString() + "|" : "";
        }
      }
    }
    for (JsonNode figure : unmet) {
      assertFalse(known.contains("|" + figure.get("call").asString() + "|"), figure.toString());
      assertTrue(figure.get("in").size() > 0);
    }
  }
}
