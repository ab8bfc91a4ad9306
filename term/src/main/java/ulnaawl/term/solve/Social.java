package ulnaawl.term.solve;

import java.time.LocalDate;

/** A group comes to the social on a day. */
public record Social(long group, LocalDate on) {}
