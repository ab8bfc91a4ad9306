package ulnaawl.teach;

/** What a drill practises. */
public sealed interface Scope {

  /** As an instructor names it. */
  String label();

  /** One section, by its number in the dance. */
  record OneSection(int section) implements Scope {
    @Override
    public String label() {
      return "Section " + section;
    }
  }

  /** Sections of one part in a row, without stopping. */
  record Run(int from, int to) implements Scope {
    @Override
    public String label() {
      return "Sections " + from + " to " + to;
    }
  }

  /** The last counts of a section and the first of the next. */
  record Join(int from, int to) implements Scope {
    @Override
    public String label() {
      return "Join: " + from + " into " + to;
    }
  }

  /** The last section of a part and straight on into its first. */
  record Link(int last, int first) implements Scope {
    @Override
    public String label() {
      return "Link: section " + last + " into " + first;
    }
  }

  /** Walls in a row without stopping. */
  record Walls(int from, int to) implements Scope {
    @Override
    public String label() {
      return from == to ? "Wall " + from : "Walls " + from + " to " + to;
    }
  }

  /** A tag, restart, bridge, repeat or ending with its run-in, from its own wall. */
  record Special(String name, int wall) implements Scope {
    @Override
    public String label() {
      return "Wall " + wall + ": " + name;
    }
  }

  /** Another way of dancing a section. */
  record Option(String name, int section) implements Scope {
    @Override
    public String label() {
      return "Option: " + name;
    }
  }
}
