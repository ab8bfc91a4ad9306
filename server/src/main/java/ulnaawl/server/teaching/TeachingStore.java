package ulnaawl.server.teaching;

import static ulnaawl.server.tables.Tables.TEACH_TIME;
import static ulnaawl.server.tables.Tables.WATCH_OUT;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.teach.TeachPace;

/** Notes on sections and the time that teaches took, in the database. */
@Repository
class TeachingStore {

  private static final int LATEST = 20;

  private final DSLContext database;

  TeachingStore(DSLContext database) {
    this.database = database;
  }

  List<WatchOut> watchOuts(long dance) {
    return database
        .selectFrom(WATCH_OUT)
        .where(WATCH_OUT.DANCE_ID.eq(dance))
        .orderBy(WATCH_OUT.SECTION)
        .fetch(row -> new WatchOut(row.getSection(), row.getNote(), row.getByName()));
  }

  void watch(long dance, int section, String note, String by, LocalDateTime at) {
    forget(dance, section);
    database
        .insertInto(WATCH_OUT)
        .set(WATCH_OUT.DANCE_ID, dance)
        .set(WATCH_OUT.SECTION, section)
        .set(WATCH_OUT.NOTE, note)
        .set(WATCH_OUT.BY_NAME, by)
        .set(WATCH_OUT.WRITTEN_AT, at)
        .execute();
  }

  void forget(long dance, int section) {
    database
        .deleteFrom(WATCH_OUT)
        .where(WATCH_OUT.DANCE_ID.eq(dance).and(WATCH_OUT.SECTION.eq(section)))
        .execute();
  }

  /** How long the latest teaches of a group took. */
  List<TeachPace.Past> past(long group) {
    return database
        .selectFrom(TEACH_TIME)
        .where(TEACH_TIME.GROUP_ID.eq(group))
        .orderBy(TEACH_TIME.TAUGHT_ON.desc(), TEACH_TIME.ID.desc())
        .limit(LATEST)
        .fetch(row ->
            new TeachPace.Past(
                row.getPlannedSeconds(), row.getRealSeconds(), row.getClassPercent()));
  }

  void took(long group, long dance, LocalDate day, TeachPace.Past past, String by) {
    database
        .insertInto(TEACH_TIME)
        .set(TEACH_TIME.GROUP_ID, group)
        .set(TEACH_TIME.DANCE_ID, dance)
        .set(TEACH_TIME.TAUGHT_ON, day)
        .set(TEACH_TIME.PLANNED_SECONDS, past.plannedSeconds())
        .set(TEACH_TIME.REAL_SECONDS, past.realSeconds())
        .set(TEACH_TIME.CLASS_PERCENT, past.classPercent())
        .set(TEACH_TIME.BY_NAME, by)
        .execute();
  }
}
