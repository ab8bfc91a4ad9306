package ulnaawl.notation;

import java.util.List;
import ulnaawl.text.Diagnostic;

/** A script and what is to be said about its text. */
public record Parsed(Script script, List<Diagnostic> diagnostics) {

  public Parsed {
    diagnostics = List.copyOf(diagnostics);
  }
}
