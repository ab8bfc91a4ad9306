package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import ulnaawl.notation.Block.ExtraKind;

/** What a sheet says in words about walls: where it restarts, what comes between. */
public sealed interface Said {

  /**
   * A restart.
   *
   * @param walls at least one, from 1
   * @param after counts danced of the wall
   * @param facing where it begins anew, as a clock hour
   * @param change counts and steps that are danced otherwise; empty where none
   */
  record Restart(
      List<Integer> walls, int after, boolean optional, Optional<String> facing, String change)
      implements Said {
    public Restart {
      walls = List.copyOf(walls);
    }
  }

  /**
   * A tag after walls.
   *
   * @param name as in its heading; empty for the only one
   */
  record Tag(List<Integer> walls, String name, Optional<String> facing, boolean optional)
      implements Said {
    public Tag {
      walls = List.copyOf(walls);
    }
  }

  /** Extra counts inside walls, or the changed finish of one. */
  record Inside(ExtraKind kind, List<Integer> walls, String name, int after) implements Said {
    public Inside {
      walls = List.copyOf(walls);
    }
  }

  /** Sections danced again. */
  record Repeat(List<Integer> walls, int first, int last, int times) implements Said {
    public Repeat {
      walls = List.copyOf(walls);
    }
  }

  /** Where a wall starts. */
  record Starts(List<Integer> walls, String facing) implements Said {
    public Starts {
      walls = List.copyOf(walls);
    }
  }

  /** The order of parts and tags. */
  record Order(List<String> names) implements Said {
    public Order {
      names = List.copyOf(names);
    }
  }
}
