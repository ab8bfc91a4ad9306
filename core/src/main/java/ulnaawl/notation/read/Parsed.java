package ulnaawl.notation.read;

import java.util.List;
import ulnaawl.notation.Script;
import ulnaawl.text.Diagnostic;

/** A script and what is to be said about its text. */
public record Parsed(Script script, List<Diagnostic> diagnostics) {

  public Parsed {
    diagnostics = List.copyOf(diagnostics);
  }
}
