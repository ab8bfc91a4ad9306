package ulnaawl.teach;

/** Something of a dance that has to be learned. */
public sealed interface Piece {

  /** As an instructor names it. */
  String label();

  /** A section, by its number in the dance. */
  record Steps(int section) implements Piece {
    @Override
    public String label() {
      return "section " + section;
    }
  }

  /** Going on from one section into the next. */
  record Join(int from, int to) implements Piece {
    @Override
    public String label() {
      return "join " + from + " to " + to;
    }
  }

  /** Going on from the end of a part into its start. */
  record Link(int last, int first) implements Piece {
    @Override
    public String label() {
      return "link " + last + " to " + first;
    }
  }

  /** A tag, restart, bridge, repeat or ending, the first time that it comes. */
  record Special(String name, int wall) implements Piece {
    @Override
    public String label() {
      return name;
    }
  }
}
