package ulnaawl.wall;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.TreeMap;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.wall.where.FacingClaim;

/**
 * The structure of several dances with the facing at which each wall starts. Common practice, no
 * source: the values were given from outside the project; the steps here only have these turns.
 */
public class WallCasesTest {

  private static final JsonNode CASES =
      new ObjectMapper().readTree(Dances.resource("checkvalues/wall-cases.json")).get("cases");

  @DataProvider
  public Object[][] cases() {
    List<Object[]> rows = new ArrayList<>();
    CASES.forEach(node -> rows.add(new Object[] {node.get("id").asString(), node}));
    return rows.toArray(Object[][]::new);
  }

  @Test(dataProvider = "cases")
  public void startsWhereItShould(String id, JsonNode node) {
    String text = stepText(node);
    assertEquals(Dances.codes(text), List.of(), text);
    int walls = node.get("startFacings").size();
    WallSequence sequence =
        WallSequence.of(
            Dances.dance(text),
            new SequenceRequest(java.util.Optional.empty(), OptionalInt.of(walls), true));
    List<Double> starts = new ArrayList<>();
    node.get("startFacings").forEach(hour -> starts.add(hour.asDouble()));
    assertEquals(
        sequence.walls().stream().map(wall -> wall.startFacing().hours()).toList(), starts, id);
    checkEvents(node.path("tagFacings"), sequence, WallEvent.Kind.TAG);
    checkEvents(node.path("restartFacings"), sequence, WallEvent.Kind.RESTART);
  }

  /** Said of any wall, the facing of the case is true and the other seven are not. */
  @Test(dataProvider = "cases")
  public void claimsAreJudgedByTheCase(String id, JsonNode node) {
    Dance dance = Dances.dance(stepText(node));
    JsonNode starts = node.get("startFacings");
    for (int wall = 1; wall <= starts.size(); wall++) {
      double hours = starts.get(wall - 1).asDouble();
      for (int eighths = 0; eighths < 8; eighths++) {
        Facing facing = new Facing(eighths);
        FacingClaim.Answer answer =
            new FacingClaim(FacingClaim.What.START, wall, facing).check(dance, true);
        boolean so = answer.truth() == FacingClaim.Truth.YES;
        assertEquals(so, facing.hours() == hours, id + " wall " + wall + " at " + facing.clock());
        assertTrue(!answer.why().isEmpty());
      }
    }
  }

  @Test
  public void saysWhatCannotBe() {
    JsonNode last = CASES.get(5);
    assertEquals(last.get("id").asString(), "F");
    WallSequence sequence =
        WallSequence.of(Dances.dance(stepText(last)), emptyRequest().withWalls(12));
    assertEquals(
        sequence.startingAt(new Facing(4)), List.of(2, 4, 6, 8, 10, 12), "no odd wall starts at 6");
  }

  @Test
  public void endsTheSeventhWallOfCaseAAtTwelve() {
    WallSequence sequence =
        WallSequence.of(Dances.dance(stepText(CASES.get(0))), emptyRequest().withWalls(7));
    Wall last = sequence.walls().get(6);
    assertEquals(last.startFacing().clock(), "12");
    assertEquals(last.stretches().getFirst().places().get(15).facing().clock(), "12");
  }

  private static SequenceRequest emptyRequest() {
    return new SequenceRequest(java.util.Optional.empty(), OptionalInt.empty(), false);
  }

  private static void checkEvents(JsonNode facings, WallSequence sequence, WallEvent.Kind kind) {
    facings
        .propertyStream()
        .forEach(entry -> {
          Wall wall = sequence.walls().get(Integer.parseInt(entry.getKey()) - 1);
          WallEvent event =
              wall.events().stream().filter(e -> e.kind() == kind).findFirst().orElseThrow();
          JsonNode value = entry.getValue();
          assertEquals(event.from().hours(), (value.isArray() ? value.get(0) : value).asDouble());
          assertEquals(event.to().hours(), (value.isArray() ? value.get(1) : value).asDouble());
        });
  }

  /** Walking steps that turn by so much after so many counts. */
  private static String stepText(JsonNode node) {
    TreeMap<Integer, Integer> turns = new TreeMap<>();
    node.get("turnAfter")
        .propertyStream()
        .forEach(e -> turns.put(Integer.valueOf(e.getKey()), e.getValue().asInt()));
    int counts = node.get("counts").asInt();
    turns.put(counts, node.get("wallTurn").asInt());
    StringBuilder text = new StringBuilder("title: Case " + node.get("id").asString() + "\n");
    text.append("counts: ").append(counts).append("\nstart: weight L\n");
    int before = 0;
    for (int section = 1; section <= counts / 8; section++) {
      int end = section * 8;
      int after = before;
      for (int at : turns.subMap(end - 8, false, end, true).keySet()) {
        assertTrue(at % 8 == 0, "turns are stated at section ends");
        after = turns.getOrDefault(at, before);
      }
      text.append("section ").append(section).append("\n1-7  walk R L R L R L R\n8  ");
      text.append(walkTurning(after - before)).append('\n');
      before = after;
    }
    StringBuilder tags = new StringBuilder();
    StringBuilder phrasing = new StringBuilder("phrasing\n");
    int number = 0;
    for (JsonNode event : node.get("events")) {
      if (event.get("type").asString().equals("tag")) {
        number++;
        int length = event.get("counts").asInt();
        tags.append("tag T").append(number).append("\n1-").append(length - 1).append("  ");
        tags.append("sway R").append(" L R".repeat(length / 2 - 1));
        tags.append('\n')
            .append(length)
            .append("  ")
            .append(walkTurning(event.get("turn").asInt()));
        tags.append('\n');
        phrasing
            .append("after wall ")
            .append(event.get("afterWall").asInt())
            .append(": tag T")
            .append(number);
        phrasing.append(event.path("optional").asBoolean(false) ? " optional\n" : "\n");
      } else {
        phrasing.append("wall ").append(event.get("wall").asInt()).append(": restart after ");
        phrasing.append(event.get("after").asInt()).append('\n');
      }
    }
    return text.append(tags).append(phrasing).toString();
  }

  private static String walkTurning(int hours) {
    return switch (Math.floorMod(hours, 12)) {
      case 0 -> "walk L";
      case 3 -> "walk L 1/4 R";
      case 6 -> "walk L 1/2 R";
      case 9 -> "walk L 1/4 L";
      default -> throw new IllegalArgumentException("No such turn here: " + hours);
    };
  }
}
