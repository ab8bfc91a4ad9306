package ulnaawl.text;

import java.util.List;

/**
 * Something to be said about a place in a text.
 *
 * @param code which rule speaks
 * @param span where
 * @param message what is wrong and why, as a sentence for an instructor
 * @param mends changes on offer, the likeliest first; may be empty
 */
public record Diagnostic(Code code, SourceSpan span, String message, List<Mend> mends) {

  public Diagnostic {
    mends = List.copyOf(mends);
  }

  public static Diagnostic of(Code code, SourceSpan span, String message, Mend... mends) {
    return new Diagnostic(code, span, message, List.of(mends));
  }

  public Severity severity() {
    return code.severity();
  }

  public boolean isError() {
    return severity() == Severity.ERROR;
  }

  public Diagnostic withMends(List<Mend> offered) {
    return new Diagnostic(code, span, message, offered);
  }
}
