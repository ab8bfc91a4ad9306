package ulnaawl.notation;

import ulnaawl.text.SourceSpan;

/**
 * Something that a person typed, with its place.
 *
 * @param value what was meant
 * @param span where it stands
 */
public record Stated<T>(T value, SourceSpan span) {}
