package ulnaawl.check;

import java.util.List;
import ulnaawl.text.Diagnostic;

/** One rule that a whole dance is held against. */
interface Check {

  /** What is to be said; empty where the rule is kept. */
  List<Diagnostic> check(Subject subject);
}
