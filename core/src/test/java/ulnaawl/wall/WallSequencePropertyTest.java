package ulnaawl.wall;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.testng.annotations.Test;
import ulnaawl.Dances;

/** The wall sequence equals a plain simulation, count by count. */
public class WallSequencePropertyTest {

  private static final String[] TURN = {
    "", " 1/8 R", " 1/4 R", " 3/8 R", " 1/2 R", " 3/8 L", " 1/4 L", " 1/8 L"
  };
  private static final int WALLS = 8;

  @Test
  public void equalsPlainSimulation() {
    qt().withExamples(400)
        .forAll(
            lists().of(integers().between(0, 7)).ofSizeBetween(2, 5),
            integers().between(1, WALLS - 1),
            integers().between(1, 7),
            integers().between(0, (WALLS - 1) * 8 - 1))
        .check((sectionTurns, restartWall, restartSection, tag) -> {
          int tagWall = tag / 8 + 1;
          int tagTurn = tag % 8;
          int cut = Math.min(restartSection, sectionTurns.size() - 1) * 8;
          String text = text(sectionTurns, restartWall, cut, tagWall, tagTurn);
          WallSequence sequence =
              WallSequence.of(
                  Dances.dance(text),
                  new SequenceRequest(java.util.Optional.empty(), OptionalInt.of(WALLS), false));
          List<Integer> starts =
              sequence.walls().stream().map(wall -> wall.startFacing().eighths()).toList();
          List<Integer> counts = sequence.walls().stream().map(Wall::startCount).toList();
          return starts.equals(simulate(sectionTurns, restartWall, cut, tagWall, tagTurn, true))
              && counts.equals(simulate(sectionTurns, restartWall, cut, tagWall, tagTurn, false));
        });
  }

  /** Facing in eighths (or counts danced) at the start of each wall, one count at a time. */
  private static List<Integer> simulate(
      List<Integer> turns, int restartWall, int cut, int tagWall, int tagTurn, boolean facing) {
    List<Integer> starts = new ArrayList<>();
    int body = 0;
    int danced = 0;
    for (int wall = 1; wall <= WALLS; wall++) {
      starts.add(facing ? body : danced);
      for (int count = 1; count <= turns.size() * 8; count++) {
        if (wall == restartWall && count > cut) {
          break;
        }
        danced++;
        if (count % 8 == 0) {
          body = (body + turns.get(count / 8 - 1)) % 8;
        }
      }
      if (wall == tagWall) {
        danced += 4;
        body = (body + tagTurn) % 8;
      }
    }
    return starts;
  }

  private static String text(
      List<Integer> turns, int restartWall, int cut, int tagWall, int tagTurn) {
    StringBuilder text = new StringBuilder("title: Generated\nstart: weight L\n");
    for (int turn : turns) {
      text.append("section\n1-8  walk R L R L R L R, walk L").append(TURN[turn]).append('\n');
    }
    text.append("tag T\n1-4  walk R L R, walk L").append(TURN[tagTurn]).append('\n');
    text.append("phrasing\nafter wall ").append(tagWall).append(": tag T\nwall ");
    return text.append(restartWall).append(": restart after ").append(cut).append('\n').toString();
  }
}
