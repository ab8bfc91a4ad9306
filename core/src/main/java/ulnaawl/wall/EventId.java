package ulnaawl.wall;

/**
 * Which exception something is: the tag Lull after wall 2 and after wall 5 is one and the same, and
 * is learned once.
 */
public sealed interface EventId {

  /** What kind of exception it is. */
  WallEvent.Kind kind();

  /** As step text writes it: {@code restart after 16}, {@code tag Lull}. */
  String notation();

  /** The wall breaks off after so many counts. */
  record Restart(int after) implements EventId {
    @Override
    public WallEvent.Kind kind() {
      return WallEvent.Kind.RESTART;
    }

    @Override
    public String notation() {
      return "restart after " + after;
    }
  }

  /** Extra counts between walls, by the name of their block. */
  record Tag(String name) implements EventId {
    @Override
    public WallEvent.Kind kind() {
      return WallEvent.Kind.TAG;
    }

    @Override
    public String notation() {
      return "tag " + name;
    }
  }

  /** Extra counts inside a wall, after so many of its counts. */
  record Bridge(String name, int after) implements EventId {
    @Override
    public WallEvent.Kind kind() {
      return WallEvent.Kind.BRIDGE;
    }

    @Override
    public String notation() {
      return "bridge " + name + " after " + after;
    }
  }

  /** A section that is danced again. */
  record Repeat(int section) implements EventId {
    @Override
    public WallEvent.Kind kind() {
      return WallEvent.Kind.REPEAT;
    }

    @Override
    public String notation() {
      return "repeat section " + section;
    }
  }

  /** A changed finish, after so many counts of the last wall. */
  record Ending(String name, int after) implements EventId {
    @Override
    public WallEvent.Kind kind() {
      return WallEvent.Kind.ENDING;
    }

    @Override
    public String notation() {
      return "ending " + name + " after " + after;
    }
  }
}
