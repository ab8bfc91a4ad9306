package ulnaawl.server.register;

import static ulnaawl.server.tables.Tables.ATTENDANCE;
import static ulnaawl.server.tables.Tables.ATTENDANCE_DANCER;
import static ulnaawl.server.tables.Tables.DANCER;
import static ulnaawl.server.tables.Tables.REGISTER_KIND;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.learning.Attendance;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.tables.tables.records.AttendanceDancerRecord;

/** Who comes to a group, in the database: display names, heads, or nothing. */
@Repository
@RequiredArgsConstructor
class RegisterStore {

  private final DSLContext database;

  /** What a group keeps. */
  RegisterKind kind(long group) {
    return database
        .select(REGISTER_KIND.KIND)
        .from(REGISTER_KIND)
        .where(REGISTER_KIND.GROUP_ID.eq(group))
        .fetchOptional(row -> RegisterKind.valueOf(row.value1()))
        .orElse(RegisterKind.NOTHING);
  }

  /** The groups that keep something. */
  Set<Long> keeping() {
    return database
        .select(REGISTER_KIND.GROUP_ID)
        .from(REGISTER_KIND)
        .where(REGISTER_KIND.KIND.ne(RegisterKind.NOTHING.name()))
        .fetchSet(REGISTER_KIND.GROUP_ID);
  }

  void keep(long group, RegisterKind kind) {
    database.deleteFrom(REGISTER_KIND).where(REGISTER_KIND.GROUP_ID.eq(group)).execute();
    database
        .insertInto(REGISTER_KIND)
        .set(REGISTER_KIND.GROUP_ID, group)
        .set(REGISTER_KIND.KIND, kind.name())
        .execute();
  }

  /** Somebody in a register. */
  record Dancer(long id, String name) {}

  List<Dancer> dancers(long group) {
    return database
        .selectFrom(DANCER)
        .where(DANCER.GROUP_ID.eq(group))
        .orderBy(DANCER.NAME_KEY)
        .fetch(row -> new Dancer(row.getId(), row.getName()));
  }

  long add(long group, String name, String key) {
    return database
        .insertInto(DANCER)
        .set(DANCER.GROUP_ID, group)
        .set(DANCER.NAME, name)
        .set(DANCER.NAME_KEY, key)
        .returningResult(DANCER.ID)
        .fetchSingle()
        .value1();
  }

  /** Whose register has a name. */
  Optional<Long> groupOf(long dancer) {
    return database
        .select(DANCER.GROUP_ID)
        .from(DANCER)
        .where(DANCER.ID.eq(dancer))
        .fetchOptional(DANCER.GROUP_ID);
  }

  /** Whether a name was in no class, and so was taken out of its register. */
  boolean withdraw(long dancer) {
    return database
            .deleteFrom(DANCER)
            .where(DANCER.ID.eq(dancer))
            .andNotExists(
                database
                    .selectOne()
                    .from(ATTENDANCE_DANCER)
                    .where(ATTENDANCE_DANCER.DANCER_ID.eq(dancer)))
            .execute()
        == 1;
  }

  /** Deletes somebody for good, wherever they came; how many there were of that name. */
  int delete(String key) {
    return database.deleteFrom(DANCER).where(DANCER.NAME_KEY.eq(key)).execute();
  }

  /** Everything that was kept of who came, by day. */
  Map<LocalDate, Attendance> attendance(long group) {
    Map<LocalDate, Set<Long>> names = new TreeMap<>();
    database
        .select(ATTENDANCE_DANCER.HELD_ON, ATTENDANCE_DANCER.DANCER_ID)
        .from(ATTENDANCE_DANCER)
        .where(ATTENDANCE_DANCER.GROUP_ID.eq(group))
        .forEach(
            row -> names.computeIfAbsent(row.value1(), _ -> new HashSet<>()).add(row.value2()));
    Map<LocalDate, Attendance> all = new TreeMap<>();
    database
        .selectFrom(ATTENDANCE)
        .where(ATTENDANCE.GROUP_ID.eq(group))
        .forEach(row ->
            all.put(
                row.getHeldOn(),
                row.getNamed()
                    ? new Attendance.ByName(names.getOrDefault(row.getHeldOn(), Set.of()))
                    : new Attendance.Heads(row.getHeads())));
    return all;
  }

  /** The version of what was kept on each day. */
  Map<LocalDate, Integer> versions(long group) {
    return database
        .select(ATTENDANCE.HELD_ON, ATTENDANCE.VERSION)
        .from(ATTENDANCE)
        .where(ATTENDANCE.GROUP_ID.eq(group))
        .fetchMap(ATTENDANCE.HELD_ON, ATTENDANCE.VERSION);
  }

  /**
   * Writes down who came on a day.
   *
   * @param version what was seen of it; 0 for nothing yet
   * @return whether nobody had written it in the meantime
   */
  boolean came(
      long group, LocalDate day, Attendance who, int version, PersonId by, LocalDateTime at) {
    int changed =
        database
            .update(ATTENDANCE)
            .set(ATTENDANCE.HEADS, who.heads())
            .set(ATTENDANCE.NAMED, who instanceof Attendance.ByName)
            .set(ATTENDANCE.BY_PERSON, by)
            .set(ATTENDANCE.WRITTEN_AT, at)
            .set(ATTENDANCE.VERSION, version + 1)
            .where(on(group, day).and(ATTENDANCE.VERSION.eq(version)))
            .execute();
    if (changed == 0) {
      boolean taken = version > 0 || database.fetchExists(ATTENDANCE, on(group, day));
      if (taken) {
        return false;
      }
      database
          .insertInto(ATTENDANCE)
          .set(ATTENDANCE.GROUP_ID, group)
          .set(ATTENDANCE.HELD_ON, day)
          .set(ATTENDANCE.HEADS, who.heads())
          .set(ATTENDANCE.NAMED, who instanceof Attendance.ByName)
          .set(ATTENDANCE.BY_PERSON, by)
          .set(ATTENDANCE.WRITTEN_AT, at)
          .set(ATTENDANCE.VERSION, 1)
          .execute();
    }
    names(group, day, who);
    return true;
  }

  private static Condition on(long group, LocalDate day) {
    return ATTENDANCE.GROUP_ID.eq(group).and(ATTENDANCE.HELD_ON.eq(day));
  }

  private void names(long group, LocalDate day, Attendance who) {
    database
        .deleteFrom(ATTENDANCE_DANCER)
        .where(ATTENDANCE_DANCER.GROUP_ID.eq(group).and(ATTENDANCE_DANCER.HELD_ON.eq(day)))
        .execute();
    if (who instanceof Attendance.ByName it) {
      RowsStore.insert(
          database,
          it.there().stream()
              .map(dancer -> new AttendanceDancerRecord(group, day, dancer))
              .toList());
    }
  }
}
