package ulnaawl.server.classes;

import static ulnaawl.server.tables.Tables.CLASS_LINE;
import static ulnaawl.server.tables.Tables.CLUB_CLASS;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.PlanReason;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.ClassLineRecord;
import ulnaawl.server.tables.tables.records.ClubClassRecord;
import ulnaawl.server.wire.Reasons;

/** Classes and their running orders in the database. */
@Repository
@RequiredArgsConstructor
class ClassStore implements ReadsAll {

  private static final VersionedStore<ClubClassRecord> ROWS =
      new VersionedStore<>(CLUB_CLASS.ID, CLUB_CLASS.VERSION, CLUB_CLASS.ACTIVE);

  private static final Condition IN_SIGHT = CLUB_CLASS.ACTIVE.isTrue();
  private static final String PLANNED = "PLANNED";
  private static final int MOST_PLANNED = 1000;
  private static final int MOST_BETWEEN = 5000;
  private static final String RECORDED = "RECORDED";

  private final DSLContext database;
  private final Reasons reasons;

  Optional<ClassRow> find(long id) {
    return rows(CLUB_CLASS.ID.eq(id).and(IN_SIGHT), 1).stream().findFirst();
  }

  Optional<ClassRow> on(long group, LocalDate date) {
    return rows(CLUB_CLASS.GROUP_ID.eq(group).and(CLUB_CLASS.HELD_ON.eq(date)).and(IN_SIGHT), 1)
        .stream()
        .findFirst();
  }

  /** The earliest class of each group that is planned and not yet written down, by group. */
  Map<Long, ClassRow> next() {
    Map<Long, ClassRow> next = new HashMap<>();
    // The latest first, so that the earliest stays.
    rows(CLUB_CLASS.STATUS.eq(PLANNED).and(IN_SIGHT), MOST_PLANNED)
        .forEach(row -> next.put(row.group(), row));
    return next;
  }

  /** The newest classes of a group that have been written down. */
  List<ClassRow> recordedOf(long group) {
    return rows(
        CLUB_CLASS.STATUS.eq(RECORDED).and(IN_SIGHT).and(CLUB_CLASS.GROUP_ID.eq(group)),
        MOST_PLANNED);
  }

  /** The newest classes that have been written down. */
  List<ClassRow> recorded(int most) {
    return rows(CLUB_CLASS.STATUS.eq(RECORDED).and(IN_SIGHT), most);
  }

  /** Days from one on for which a class has been written down, by group. */
  Map<Long, Set<LocalDate>> recordedFrom(LocalDate day) {
    return database
        .select(CLUB_CLASS.GROUP_ID, CLUB_CLASS.HELD_ON)
        .from(CLUB_CLASS)
        .where(CLUB_CLASS.STATUS.eq(RECORDED).and(IN_SIGHT).and(CLUB_CLASS.HELD_ON.ge(day)))
        .fetch()
        .intoGroups(CLUB_CLASS.GROUP_ID, CLUB_CLASS.HELD_ON)
        .entrySet()
        .stream()
        .collect(Collectors.toMap(Map.Entry::getKey, it -> Set.copyOf(it.getValue())));
  }

  /** Whether somebody leads a class, in sight or removed. */
  boolean isLedBy(long id, PersonId person) {
    return database.fetchExists(CLUB_CLASS, CLUB_CLASS.ID.eq(id).and(CLUB_CLASS.LED_BY.eq(person)));
  }

  /** The groups of which somebody leads a class on that day or later. */
  Set<Long> groupsLedSince(PersonId person, LocalDate day) {
    return database
        .selectDistinct(CLUB_CLASS.GROUP_ID)
        .from(CLUB_CLASS)
        .where(IN_SIGHT.and(CLUB_CLASS.LED_BY.eq(person)).and(CLUB_CLASS.HELD_ON.ge(day)))
        .fetchSet(CLUB_CLASS.GROUP_ID);
  }

  /** The classes of a day, planned or written down. */
  List<ClassRow> onDay(LocalDate date) {
    return rows(CLUB_CLASS.HELD_ON.eq(date).and(IN_SIGHT), MOST_PLANNED);
  }

  /** The classes from one day to another, both among them. */
  List<ClassRow> between(LocalDate from, LocalDate to) {
    return rows(CLUB_CLASS.HELD_ON.between(from, to).and(IN_SIGHT), MOST_BETWEEN);
  }

  private List<ClassRow> rows(Condition where, int most) {
    List<ClubClassRecord> found =
        database
            .selectFrom(CLUB_CLASS)
            .where(where)
            .orderBy(CLUB_CLASS.HELD_ON.desc(), CLUB_CLASS.ID.desc())
            .limit(most)
            .fetch();
    Map<Long, List<LineRow>> lines = lines(found.stream().map(ClubClassRecord::getId).toList());
    return found.stream().map(row -> row(row, lines)).toList();
  }

  private Map<Long, List<LineRow>> lines(List<Long> classes) {
    return database
        .selectFrom(CLASS_LINE)
        .where(CLASS_LINE.CLASS_ID.in(classes))
        .orderBy(CLASS_LINE.POSITION)
        .fetchGroups(CLASS_LINE.CLASS_ID, this::line);
  }

  long add(
      long group, LocalDate date, int minutes, Optional<PersonId> leader, List<LineRow> lines) {
    ClubClassRecord values = new ClubClassRecord();
    values.setGroupId(group);
    values.setHeldOn(date);
    values.setMinutes(minutes);
    values.set(CLUB_CLASS.LED_BY, leader.orElse(null));
    values.setStatus(PLANNED);
    values.setNote("");
    long id = ROWS.add(database, values);
    rewriteLines(id, lines);
    return id;
  }

  /** Whether the class still had that version and was planned, and so was changed. */
  boolean change(long id, int version, int minutes, List<LineRow> lines) {
    ClubClassRecord values = new ClubClassRecord();
    values.setMinutes(minutes);
    boolean changed = ROWS.change(database, planned(id, version), version, values);
    if (changed) {
      rewriteLines(id, lines);
    }
    return changed;
  }

  /** Whether the class still had that version and was planned, and so has another leader. */
  boolean lead(long id, int version, Optional<PersonId> leader) {
    ClubClassRecord values = new ClubClassRecord();
    values.set(CLUB_CLASS.LED_BY, leader.orElse(null));
    return ROWS.change(database, planned(id, version), version, values);
  }

  boolean markRecorded(
      long id, int version, String note, String key, PersonId by, LocalDateTime at) {
    ClubClassRecord values = new ClubClassRecord();
    values.setStatus(RECORDED);
    values.setNote(note);
    values.setRecordedBy(by);
    values.set(CLUB_CLASS.LOG_KEY, key.isEmpty() ? null : key);
    values.setRecordedAt(at);
    return ROWS.change(database, planned(id, version), version, values);
  }

  boolean markPlanned(long id, int version) {
    ClubClassRecord values = new ClubClassRecord();
    values.setStatus(PLANNED);
    values.set(CLUB_CLASS.RECORDED_BY, null);
    values.set(CLUB_CLASS.LOG_KEY, null);
    values.set(CLUB_CLASS.RECORDED_AT, null);
    Condition recorded = ROWS.at(id, version).and(CLUB_CLASS.STATUS.eq(RECORDED));
    return ROWS.change(database, recorded, version, values);
  }

  /** Whether the class still had that version and was planned, and so was archived. */
  boolean archive(long id, int version) {
    return ROWS.archive(database, planned(id, version));
  }

  /** A class that was removed from the agenda. */
  Optional<ClassRow> archived(long id) {
    return rows(CLUB_CLASS.ID.eq(id).and(CLUB_CLASS.ACTIVE.isNull()), 1).stream().findFirst();
  }

  /** Puts a removed class that still has that version back on the agenda; whether it was. */
  boolean restore(long id, int version) {
    return ROWS.restore(database, id, version);
  }

  private static Condition planned(long id, int version) {
    return ROWS.at(id, version).and(CLUB_CLASS.STATUS.eq(PLANNED)).and(IN_SIGHT);
  }

  private void rewriteLines(long classId, List<LineRow> lines) {
    List<ClassLineRecord> rows = new ArrayList<>();
    for (LineRow line : lines) {
      ClassLineRecord row = new ClassLineRecord();
      if (line.id() != LineRow.NEW) {
        row.setId(line.id());
      }
      row.setClassId(classId);
      row.setPosition(rows.size());
      row.setMinutes(line.minutes());
      row.setKind(line.kind().name());
      row.set(CLASS_LINE.DANCE_ID, line.dance().map(DanceVersion::dance).orElse(null));
      row.set(CLASS_LINE.DANCE_VERSION, line.dance().map(DanceVersion::version).orElse(null));
      row.setTitle(line.title());
      row.setReasons(reasons.write(line.reasons()));
      row.set(CLASS_LINE.CHANGED_BY, line.changedBy().orElse(null));
      row.set(CLASS_LINE.CHANGED_AT, line.changedAt().orElse(null));
      rows.add(row);
    }
    RowsStore.rewrite(database, CLASS_LINE.CLASS_ID, classId, rows);
  }

  private static ClassRow row(ClubClassRecord row, Map<Long, List<LineRow>> lines) {
    return new ClassRow(
        row.getId(),
        row.getGroupId(),
        row.getHeldOn(),
        row.getMinutes(),
        row.getStatus().equals(RECORDED),
        row.getNote(),
        row.getVersion(),
        Optional.ofNullable(row.getRecordedBy()),
        Optional.ofNullable(row.getLedBy()),
        Optional.ofNullable(row.getLogKey()),
        lines.getOrDefault(row.getId(), List.of()));
  }

  private LineRow line(ClassLineRecord row) {
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

  @Override
  public void readAll() {
    rows(DSL.noCondition(), Integer.MAX_VALUE);
  }
}
