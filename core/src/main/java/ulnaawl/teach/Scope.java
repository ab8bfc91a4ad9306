package ulnaawl.teach;

/** What a drill practises. */
public sealed interface Scope {

  /** As an instructor names it. */
  String label();

  /** One section, by number. */
  record SectionScope(int section) implements Scope {
    @Override
    public String label() {
      return "Section " + section;
    }
  }

  /** Sections 1 to {@code last} from the top. */
  record FromTop(int last) implements Scope {
    @Override
    public String label() {
      return "From the top to section " + last;
    }
  }

  /** One whole wall. */
  record WholeWall() implements Scope {
    @Override
    public String label() {
      return "Whole wall";
    }
  }

  /** The last section joined to the first: the end into the start. */
  record Link(int last) implements Scope {
    @Override
    public String label() {
      return "Link: section " + last + " into section 1";
    }
  }

  /** Walls in a row without stopping. */
  record WallRun(int from, int to) implements Scope {
    @Override
    public String label() {
      return from == to ? "Wall " + from : "Walls " + from + " to " + to;
    }
  }

  /** A tag, restart, bridge or ending with its run-in. */
  record SpecialWall(String name, int wall) implements Scope {
    @Override
    public String label() {
      return "Wall " + wall + ": " + name;
    }
  }
}
