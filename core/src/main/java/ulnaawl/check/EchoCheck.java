package ulnaawl.check;

import java.util.List;
import ulnaawl.dance.Echo;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Tells what repeats or mirrors something earlier: less to teach. Information only. */
final class EchoCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    return Echo.of(subject.dance()).stream().map(EchoCheck::say).toList();
  }

  private static Diagnostic say(Echo echo) {
    String verb = echo.kind() == Echo.Kind.REPEATS ? "repeats" : "mirrors";
    String message =
        echo.isHalf()
            ? "The second half of section " + echo.section().number() + " " + verb + " the first."
            : "Section "
                + echo.section().number()
                + " "
                + verb
                + " section "
                + echo.of().number()
                + ".";
    Code code = echo.kind() == Echo.Kind.REPEATS ? Code.SECTION_REPEATS : Code.SECTION_MIRRORS;
    return Diagnostic.of(code, echo.section().span(), message);
  }
}
