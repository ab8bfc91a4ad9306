package ulnaawl.dance;

import java.util.List;
import ulnaawl.text.Diagnostic;

/** A dance, as far as it could be made out, and what is to be said about its text. */
public record Compilation(Dance dance, List<Diagnostic> diagnostics) {

  public Compilation {
    diagnostics = List.copyOf(diagnostics);
  }
}
