package ulnaawl.text;

import java.util.List;

/**
 * Something to be said about a place in a text.
 *
 * @param code which rule speaks; stable, lower case, hyphened
 * @param severity how much it matters
 * @param span where
 * @param message what is wrong and why, as a sentence for an instructor
 * @param mends changes on offer, the likeliest first; may be empty
 */
public record Diagnostic(
    String code, Severity severity, SourceSpan span, String message, List<Mend> mends) {

  public Diagnostic {
    mends = List.copyOf(mends);
  }

  public static Diagnostic error(String code, SourceSpan span, String message, Mend... mends) {
    return new Diagnostic(code, Severity.ERROR, span, message, List.of(mends));
  }

  public static Diagnostic warning(String code, SourceSpan span, String message, Mend... mends) {
    return new Diagnostic(code, Severity.WARNING, span, message, List.of(mends));
  }

  public static Diagnostic info(String code, SourceSpan span, String message, Mend... mends) {
    return new Diagnostic(code, Severity.INFO, span, message, List.of(mends));
  }

  public Diagnostic withMends(List<Mend> offered) {
    return new Diagnostic(code, severity, span, message, offered);
  }
}
