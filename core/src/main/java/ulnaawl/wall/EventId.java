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

  /**
   * Sections in a row that are danced again.
   *
   * @param first number of the first of them
   * @param last number of the last; the first where it is one
   */
  record Repeat(int first, int last) implements EventId {

    /** As one says it: {@code section 3}, {@code sections 3 and 4}, {@code sections 3 to 5}. */
    public String sections() {
      return first == last
          ? "section " + first
          : "sections " + first + (last == first + 1 ? " and " : " to ") + last;
    }

    @Override
    public WallEvent.Kind kind() {
      return WallEvent.Kind.REPEAT;
    }

    @Override
    public String notation() {
      return first == last ? "repeat section " + first : "repeat sections " + first + "-" + last;
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
