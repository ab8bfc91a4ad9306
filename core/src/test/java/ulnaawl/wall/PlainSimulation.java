package ulnaawl.wall;

import java.util.ArrayList;
import java.util.List;

/** A dance walked through one count after the other, with nothing clever about it. */
public final class PlainSimulation {

  /** Something that happened on a wall, after so many counts, facing so. */
  public record Happened(WallEvent.Kind kind, int wall, int danced, int facing) {}

  /** A wall: how many counts were danced before it and to its own end, and where one faced then. */
  public record Walked(int wall, int before, int facing, int end, int endFacing) {}

  private final RandomWalls plan;
  private final List<Happened> happened = new ArrayList<>();
  private final List<Walked> walked = new ArrayList<>();
  private final List<Integer> facings = new ArrayList<>();
  private int body;

  public PlainSimulation(RandomWalls plan) {
    this.plan = plan;
  }

  /** Dances so many walls; where a song holds only so many counts, none that begins after it. */
  public void dance(boolean optional, int walls, int songCounts) {
    for (int wall = 1; wall <= walls && (songCounts == 0 || facings.size() < songCounts); wall++) {
      int before = facings.size();
      int start = body;
      wall(wall, optional);
      walked.add(new Walked(wall, before, start, facings.size(), body));
      for (RandomWalls.Tag tag : plan.after()) {
        if (tag.wall() == wall && (optional || !tag.optional())) {
          happens(WallEvent.Kind.TAG, wall);
          plan.tags().get(tag.tag()).turns().forEach(this::count);
        }
      }
    }
  }

  private void wall(int wall, boolean optional) {
    int whole = plan.sections().size() * 8;
    int cut = whole;
    for (RandomWalls.Restart restart : plan.restarts()) {
      if (restart.wall() == wall && (optional || !restart.optional())) {
        cut = restart.after();
      }
    }
    for (int count = 1; count <= cut; count++) {
      count(plan.sections().get((count - 1) / 8).turns().get((count - 1) % 8));
      for (RandomWalls.Insert insert : plan.inserts()) {
        if (insert.wall() == wall && insert.after() == count) {
          RandomWalls.Steps steps =
              insert.tag() < 0 ? plan.sections().get(count / 8 - 1) : plan.tags().get(insert.tag());
          happens(insert.tag() < 0 ? WallEvent.Kind.REPEAT : WallEvent.Kind.BRIDGE, wall);
          steps.turns().forEach(this::count);
        }
      }
    }
    if (cut < whole) {
      happens(WallEvent.Kind.RESTART, wall);
    }
  }

  private void happens(WallEvent.Kind kind, int wall) {
    happened.add(new Happened(kind, wall, facings.size(), body));
  }

  private void count(int turn) {
    body = (body + turn) % 8;
    facings.add(body);
  }

  /** Everything beside the walls themselves, in order of time. */
  public List<Happened> happened() {
    return List.copyOf(happened);
  }

  /** The walls in order. */
  public List<Walked> walked() {
    return List.copyOf(walked);
  }

  /** Where one faces after each count, in eighths. */
  public List<Integer> facings() {
    return List.copyOf(facings);
  }

  /** Where one faces after so many counts, in eighths. */
  public int facing(int danced) {
    return danced == 0 ? 0 : facings.get(danced - 1);
  }
}
