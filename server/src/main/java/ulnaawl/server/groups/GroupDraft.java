package ulnaawl.server.groups;

import java.time.DayOfWeek;
import java.time.LocalTime;
import ulnaawl.figure.Level;

/** What can be said about a group. */
public record GroupDraft(
    String name, Level level, DayOfWeek weekday, LocalTime startsAt, int minutes, String place) {}
