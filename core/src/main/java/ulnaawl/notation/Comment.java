package ulnaawl.notation;

import ulnaawl.text.SourceSpan;

/**
 * A remark that begins with {@code #}.
 *
 * @param text without the sign and outer spaces
 * @param ownLine whether nothing stands before it on its line
 * @param span where it stands, the sign included
 */
public record Comment(String text, boolean ownLine, SourceSpan span) {}
