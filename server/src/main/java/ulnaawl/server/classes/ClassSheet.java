package ulnaawl.server.classes;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.learning.EntryDetails;
import ulnaawl.server.wire.ReasonView;

/** A class with its running order. */
record ClassSheet(
    long id,
    long group,
    String groupName,
    Level level,
    LocalDate date,
    LocalTime startsAt,
    String place,
    int minutes,
    int planned,
    boolean recorded,
    boolean canRecord,
    String note,
    @Nullable PersonId recordedBy,
    @Nullable PersonId leader,
    int version,
    List<LineView> lines,
    List<EntryOfClass> written) {

  /**
   * What was written down for a line's dance.
   *
   * @param shown sections by their numbers at that time; nothing for the whole dance
   */
  record EntryOfClass(
      long dance,
      String title,
      Happened happened,
      @Nullable SectionSet shown,
      Outcome outcome,
      String note,
      PersonId by,
      EntryDetails more) {}

  /**
   * A line of a running order; {@code start} in minutes from the start of the class.
   *
   * @param effort what it asks of the body, 0 to 100
   * @param teachBy who last changed the teach that is put together for it, where there is one
   */
  record LineView(
      long id,
      int start,
      int minutes,
      Kind kind,
      @Nullable Long dance,
      String title,
      int effort,
      List<ReasonView> reasons,
      @Nullable PersonId changedBy,
      @Nullable LocalDateTime changedAt,
      @Nullable PersonId teachBy) {}
}
