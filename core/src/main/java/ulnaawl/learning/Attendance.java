package ulnaawl.learning;

import java.util.Set;

/** Who was at a class, as far as the group keeps it. */
public sealed interface Attendance {

  /** How many there were, 0 or more. */
  int heads();

  /** By name: numbers of dancers in the register. */
  record ByName(Set<Long> there) implements Attendance {
    public ByName {
      there = Set.copyOf(there);
    }

    @Override
    public int heads() {
      return there.size();
    }
  }

  /** How many there were, 0 or more. */
  record Heads(int heads) implements Attendance {
    public Heads {
      if (heads < 0) {
        throw new IllegalArgumentException("Heads: " + heads);
      }
    }
  }
}
