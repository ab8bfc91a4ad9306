package ulnaawl.wall.where;

import java.util.List;
import java.util.Optional;
import ulnaawl.floor.Facing;
import ulnaawl.wall.EventId;
import ulnaawl.wall.WallEvent;

/** What speaks for or against something said about a facing; all on the room clock. */
public sealed interface ClaimReason {

  /** It is so only where what is optional is danced, or only where it is left out. */
  record OnlyOptional(boolean danced) implements ClaimReason {}

  /** Where a wall starts. */
  record Starts(int wall, Facing facing) implements ClaimReason {}

  /** Where a wall leads. */
  record Leads(int wall, Facing start, int counts, Facing end, List<Event> events)
      implements ClaimReason {
    public Leads {
      events = List.copyOf(events);
    }
  }

  /** An exception of a wall; {@code turnsTo} where it turns. */
  record Event(EventId event, Optional<Facing> turnsTo) {}

  /** The dance is over before. */
  record OnlySoManyWalls(int walls) implements ClaimReason {}

  /** The wall has no such exception; others have. */
  record NoneOn(int wall, WallEvent.Kind kind, List<Where> elsewhere) implements ClaimReason {
    public NoneOn {
      elsewhere = List.copyOf(elsewhere);
    }
  }

  /** A wall and a facing. */
  record Where(int wall, Facing facing) {}

  /** It faces elsewhere. */
  record FacesOtherwise(FacingClaim.What what, int wall, Facing facing, Facing claimed)
      implements ClaimReason {}

  /**
   * Which walls start there.
   *
   * @param walls the first of them
   * @param more whether there are others
   */
  record StartThere(Facing facing, List<Integer> walls, boolean more) implements ClaimReason {
    public StartThere {
      walls = List.copyOf(walls);
    }
  }

  /**
   * All odd or all even walls start alike.
   *
   * @param upTo the wall up to which that is so; empty where nothing breaks the ring
   */
  record Alternating(boolean odd, Optional<Integer> upTo, Facing facing) implements ClaimReason {}
}
