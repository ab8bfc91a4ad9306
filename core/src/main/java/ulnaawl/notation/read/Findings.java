package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.notation.Limits;
import ulnaawl.text.Diagnostic;

/** Collects diagnostics up to the limit. */
final class Findings {

  private final List<Diagnostic> found = new ArrayList<>();

  void add(Diagnostic diagnostic) {
    if (found.size() < Limits.DIAGNOSTICS) {
      found.add(diagnostic);
    }
  }

  /** Whether more would be dropped, so that nobody needs to work them out. */
  boolean isFull() {
    return found.size() >= Limits.DIAGNOSTICS;
  }

  List<Diagnostic> all() {
    return found;
  }
}
