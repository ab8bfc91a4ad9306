package ulnaawl.text;

/**
 * A change of the text that would mend what a diagnostic says.
 *
 * @param label what the change does, as an offer: "Change to vine L"
 * @param span what is replaced; may be empty, then it is an insertion
 * @param replacement the new text
 */
public record Mend(String label, SourceSpan span, String replacement) {}
