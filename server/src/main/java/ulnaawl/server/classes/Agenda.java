package ulnaawl.server.classes;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;

/** What is coming and what has been. */
record Agenda(LocalDate today, List<Coming> coming, List<ClassSheet> recent) {

  /** A group and its coming class, where it is planned. */
  record Coming(
      long group,
      String groupName,
      Level level,
      LocalTime startsAt,
      String place,
      int minutes,
      LocalDate nextDate,
      @Nullable ClassSheet planned) {}
}
