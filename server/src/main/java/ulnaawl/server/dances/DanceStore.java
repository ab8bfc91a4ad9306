package ulnaawl.server.dances;

import static ulnaawl.server.tables.Tables.DANCE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.server.tables.tables.records.DanceRecord;

/** Dances in the database: their step text. */
@Repository
class DanceStore {

  private final DSLContext database;

  DanceStore(DSLContext database) {
    this.database = database;
  }

  List<DanceRow> all() {
    return database.selectFrom(DANCE).orderBy(DANCE.TITLE, DANCE.ID).fetch(DanceStore::row);
  }

  Optional<DanceRow> find(long id) {
    return database.selectFrom(DANCE).where(DANCE.ID.eq(id)).fetchOptional(DanceStore::row);
  }

  DanceRow add(String title, String stepText, String by, LocalDateTime at) {
    return row(
        database
            .insertInto(DANCE)
            .set(DANCE.TITLE, title)
            .set(DANCE.STEP_TEXT, stepText)
            .set(DANCE.VERSION, 1)
            .set(DANCE.UPDATED_BY, by)
            .set(DANCE.UPDATED_AT, at)
            .returning()
            .fetchSingle());
  }

  /** Whether the dance still had that version, and so was changed. */
  boolean change(long id, int version, String title, String stepText, String by, LocalDateTime at) {
    return database
            .update(DANCE)
            .set(DANCE.TITLE, title)
            .set(DANCE.STEP_TEXT, stepText)
            .set(DANCE.VERSION, version + 1)
            .set(DANCE.UPDATED_BY, by)
            .set(DANCE.UPDATED_AT, at)
            .where(DANCE.ID.eq(id).and(DANCE.VERSION.eq(version)))
            .execute()
        == 1;
  }

  boolean remove(long id, int version) {
    return database
            .deleteFrom(DANCE)
            .where(DANCE.ID.eq(id).and(DANCE.VERSION.eq(version)))
            .execute()
        == 1;
  }

  private static DanceRow row(DanceRecord row) {
    return new DanceRow(
        row.getId(), row.getStepText(), row.getVersion(), row.getUpdatedBy(), row.getUpdatedAt());
  }
}
