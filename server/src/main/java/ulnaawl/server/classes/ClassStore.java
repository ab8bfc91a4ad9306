package ulnaawl.server.classes;

import static ulnaawl.server.tables.Tables.MEETING;
import static ulnaawl.server.tables.Tables.MEETING_LINE;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.tables.tables.records.MeetingLineRecord;
import ulnaawl.server.tables.tables.records.MeetingRecord;
import ulnaawl.server.wire.Reasons;

/** Classes and their running orders in the database. */
@Repository
class ClassStore {

  private static final String PLANNED = "PLANNED";
  private static final int MOST_PLANNED = 1000;
  private static final String RECORDED = "RECORDED";

  private final DSLContext database;
  private final Reasons reasons;

  ClassStore(DSLContext database, Reasons reasons) {
    this.database = database;
    this.reasons = reasons;
  }

  Optional<ClassRow> find(long id) {
    return rows(MEETING.ID.eq(id), 1).stream().findFirst();
  }

  Optional<ClassRow> on(long group, LocalDate date) {
    return rows(MEETING.GROUP_ID.eq(group).and(MEETING.HELD_ON.eq(date)), 1).stream().findFirst();
  }

  /** The earliest class of each group that is planned and not yet written down, by group. */
  Map<Long, ClassRow> next() {
    Map<Long, ClassRow> next = new HashMap<>();
    // The latest first, so that the earliest stays.
    rows(MEETING.STATUS.eq(PLANNED), MOST_PLANNED).forEach(row -> next.put(row.group(), row));
    return next;
  }

  /** The newest classes that have been written down. */
  List<ClassRow> recorded(int most) {
    return rows(MEETING.STATUS.eq(RECORDED), most);
  }

  private List<ClassRow> rows(Condition where, int most) {
    List<MeetingRecord> found =
        database
            .selectFrom(MEETING)
            .where(where.and(MEETING.ACTIVE.isTrue()))
            .orderBy(MEETING.HELD_ON.desc(), MEETING.ID.desc())
            .limit(most)
            .fetch();
    Map<Long, List<LineRow>> lines = lines(found.stream().map(MeetingRecord::getId).toList());
    return found.stream().map(row -> row(row, lines)).toList();
  }

  private Map<Long, List<LineRow>> lines(List<Long> meetings) {
    return database
        .selectFrom(MEETING_LINE)
        .where(MEETING_LINE.MEETING_ID.in(meetings))
        .orderBy(MEETING_LINE.POSITION)
        .fetchGroups(MEETING_LINE.MEETING_ID, this::line);
  }

  long add(long group, LocalDate date, int minutes, List<LineRow> lines) {
    long id =
        database
            .insertInto(MEETING)
            .set(MEETING.GROUP_ID, group)
            .set(MEETING.HELD_ON, date)
            .set(MEETING.MINUTES, minutes)
            .set(MEETING.STATUS, PLANNED)
            .set(MEETING.NOTE, "")
            .set(MEETING.VERSION, 1)
            .set(MEETING.ACTIVE, true)
            .returningResult(MEETING.ID)
            .fetchSingle()
            .value1();
    addLines(id, lines);
    return id;
  }

  /** Whether the class still had that version and was planned, and so was changed. */
  boolean change(long id, int version, int minutes, List<LineRow> lines) {
    boolean changed =
        database
                .update(MEETING)
                .set(MEETING.MINUTES, minutes)
                .set(MEETING.VERSION, version + 1)
                .where(
                    MEETING
                        .ID
                        .eq(id)
                        .and(MEETING.VERSION.eq(version))
                        .and(MEETING.STATUS.eq(PLANNED)))
                .execute()
            == 1;
    if (changed) {
      database.deleteFrom(MEETING_LINE).where(MEETING_LINE.MEETING_ID.eq(id)).execute();
      addLines(id, lines);
    }
    return changed;
  }

  boolean markRecorded(long id, int version, String note, String by, LocalDateTime at) {
    return database
            .update(MEETING)
            .set(MEETING.STATUS, RECORDED)
            .set(MEETING.NOTE, note)
            .set(MEETING.RECORDED_BY, by)
            .set(MEETING.RECORDED_AT, at)
            .set(MEETING.VERSION, version + 1)
            .where(
                MEETING.ID.eq(id).and(MEETING.VERSION.eq(version)).and(MEETING.STATUS.eq(PLANNED)))
            .execute()
        == 1;
  }

  boolean markPlanned(long id, int version) {
    return database
            .update(MEETING)
            .set(MEETING.STATUS, PLANNED)
            .setNull(MEETING.RECORDED_BY)
            .setNull(MEETING.RECORDED_AT)
            .set(MEETING.VERSION, version + 1)
            .where(
                MEETING.ID.eq(id).and(MEETING.VERSION.eq(version)).and(MEETING.STATUS.eq(RECORDED)))
            .execute()
        == 1;
  }

  /** Whether the class still had that version and was planned, and so was archived. */
  boolean archive(long id, int version) {
    return database
            .update(MEETING)
            .set(MEETING.ACTIVE, DSL.val(null, MEETING.ACTIVE))
            .where(
                MEETING
                    .ID
                    .eq(id)
                    .and(MEETING.VERSION.eq(version))
                    .and(MEETING.STATUS.eq(PLANNED))
                    .and(MEETING.ACTIVE.isTrue()))
            .execute()
        == 1;
  }

  private void addLines(long meeting, List<LineRow> lines) {
    int position = 0;
    for (LineRow line : lines) {
      database
          .insertInto(MEETING_LINE)
          .set(MEETING_LINE.MEETING_ID, meeting)
          .set(MEETING_LINE.POSITION, position++)
          .set(MEETING_LINE.MINUTES, line.minutes())
          .set(MEETING_LINE.KIND, line.kind().name())
          .set(MEETING_LINE.DANCE_ID, line.dance().map(DanceVersion::dance).orElse(null))
          .set(MEETING_LINE.DANCE_VERSION, line.dance().map(DanceVersion::version).orElse(null))
          .set(MEETING_LINE.TITLE, line.title())
          .set(MEETING_LINE.REASONS, reasons.write(line.reasons()))
          .set(MEETING_LINE.CHANGED_BY, line.changedBy().orElse(null))
          .set(MEETING_LINE.CHANGED_AT, line.changedAt().orElse(null))
          .execute();
    }
  }

  private static ClassRow row(MeetingRecord row, Map<Long, List<LineRow>> lines) {
    return new ClassRow(
        row.getId(),
        row.getGroupId(),
        row.getHeldOn(),
        row.getMinutes(),
        row.getStatus().equals(RECORDED),
        row.getNote(),
        row.getVersion(),
        Optional.ofNullable(row.getRecordedBy()),
        lines.getOrDefault(row.getId(), List.of()));
  }

  private LineRow line(MeetingLineRecord row) {
    return new LineRow(
        row.getId(),
        row.getMinutes(),
        Kind.valueOf(row.getKind()),
        Optional.ofNullable(row.getDanceId())
            .map(dance -> new DanceVersion(dance, row.getDanceVersion())),
        row.getTitle(),
        reasons.read(row.getReasons(), PlanReason.class),
        Optional.ofNullable(row.getChangedBy()),
        Optional.ofNullable(row.getChangedAt()));
  }
}
