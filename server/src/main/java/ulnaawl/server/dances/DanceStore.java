package ulnaawl.server.dances;

import static ulnaawl.server.tables.Tables.DANCE;
import static ulnaawl.server.tables.Tables.DANCE_SHEET;
import static ulnaawl.server.tables.Tables.DANCE_VERSION;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.ResultQuery;
import org.springframework.stereotype.Repository;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.DanceRecord;
import ulnaawl.server.tables.tables.records.DanceVersionRecord;

/** Dances in the database: their step text, in every version. */
@Repository
@RequiredArgsConstructor
class DanceStore implements ReadsAll {

  private static final VersionedStore<DanceRecord> ROWS =
      new VersionedStore<>(DANCE.ID, DANCE.VERSION, DANCE.ACTIVE);

  private final DSLContext database;

  /** The newest version of every dance that is not archived, by title. */
  List<DanceRow> all() {
    return rows(DANCE.ACTIVE.isTrue().and(newest())).fetch(DanceStore::row);
  }

  /** The newest version of every dance that ever was, by title. */
  List<DanceRow> allEver() {
    return rows(newest()).fetch(DanceStore::row);
  }

  /** The state of every dance that ever was. */
  List<DanceState> states() {
    return database
        .select(DANCE.ID, DANCE.VERSION, DANCE.ACTIVE)
        .from(DANCE)
        .fetch(row ->
            new DanceState(new DanceVersion(row.value1(), row.value2()), row.value3() == null));
  }

  /** The newest version of a dance, archived or not. */
  Optional<DanceRow> find(long id) {
    return rows(DANCE.ID.eq(id).and(newest())).fetchOptional(DanceStore::row);
  }

  Optional<DanceRow> find(long id, int version) {
    return rows(DANCE.ID.eq(id).and(DANCE_VERSION.VERSION.eq(version)))
        .fetchOptional(DanceStore::row);
  }

  /** Every version of a dance, the oldest first. */
  List<DanceRow> versions(long id) {
    return database
        .select()
        .from(DANCE_VERSION)
        .join(DANCE)
        .on(DANCE.ID.eq(DANCE_VERSION.DANCE_ID))
        .where(DANCE.ID.eq(id))
        .orderBy(DANCE_VERSION.VERSION)
        .fetch(DanceStore::row);
  }

  /** Which section is which, for every version of every dance. */
  Map<DanceVersion, SectionKeys> keys() {
    return database
        .select(DANCE_VERSION.DANCE_ID, DANCE_VERSION.VERSION, DANCE_VERSION.SECTION_KEYS)
        .from(DANCE_VERSION)
        .fetchMap(
            row -> new DanceVersion(row.value1(), row.value2()),
            row -> SectionKeys.parse(row.value3() == null ? "" : row.value3()));
  }

  /** Which section is which, for every version of one dance. */
  Map<DanceVersion, SectionKeys> keys(long id) {
    return versions(id).stream().collect(Collectors.toMap(DanceRow::at, DanceRow::keys));
  }

  private static Condition newest() {
    return DANCE_VERSION.VERSION.eq(DANCE.VERSION);
  }

  private ResultQuery<Record> rows(Condition where) {
    return database
        .select()
        .from(DANCE)
        .join(DANCE_VERSION)
        .on(DANCE_VERSION.DANCE_ID.eq(DANCE.ID))
        .where(where)
        .orderBy(DANCE_VERSION.TITLE, DANCE.ID);
  }

  /** Adds a dance with its first version; answers its number. */
  long add(String title, String stepText, SectionKeys keys, PersonId by, LocalDateTime at) {
    long id = ROWS.add(database, new DanceRecord());
    addVersion(id, 1, title, stepText, keys, by, at);
    return id;
  }

  /**
   * Whether the dance still had that version, and so got the next one; an archived one comes back.
   */
  boolean change(
      long id,
      int version,
      String title,
      String stepText,
      SectionKeys keys,
      PersonId by,
      LocalDateTime at) {
    boolean changed = ROWS.changeAndShow(database, id, version, new DanceRecord());
    if (changed) {
      addVersion(id, version + 1, title, stepText, keys, by, at);
    }
    return changed;
  }

  private void addVersion(
      long id,
      int version,
      String title,
      String stepText,
      SectionKeys keys,
      PersonId by,
      LocalDateTime at) {
    database.executeInsert(
        new DanceVersionRecord(id, version, title, stepText, keys.label(), at, by));
  }

  /** Whether the dance still had that version and was in sight, and so was archived. */
  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  /** Keeps the printed sheet that a version was read from. */
  void keepSheet(DanceVersion at, String sheet) {
    database
        .insertInto(DANCE_SHEET)
        .set(DANCE_SHEET.DANCE_ID, at.dance())
        .set(DANCE_SHEET.VERSION, at.version())
        .set(DANCE_SHEET.SHEET, sheet)
        .execute();
  }

  /** The newest printed sheet of a dance. */
  Optional<StoredSheet> sheet(long id) {
    return database
        .select(DANCE_SHEET.VERSION, DANCE_SHEET.SHEET)
        .from(DANCE_SHEET)
        .where(DANCE_SHEET.DANCE_ID.eq(id))
        .orderBy(DANCE_SHEET.VERSION.desc())
        .limit(1)
        .fetchOptional(row -> new StoredSheet(row.value1(), row.value2()));
  }

  /** A sheet, and the version that was read from it. */
  record StoredSheet(int version, String sheet) {}

  /** Versions of an earlier release, which had no keys. */
  List<DanceRow> withoutKeys() {
    return database
        .select()
        .from(DANCE_VERSION)
        .join(DANCE)
        .on(DANCE.ID.eq(DANCE_VERSION.DANCE_ID))
        .where(DANCE_VERSION.SECTION_KEYS.isNull())
        .fetch(DanceStore::row);
  }

  void setKeys(DanceVersion at, SectionKeys keys) {
    database
        .update(DANCE_VERSION)
        .set(DANCE_VERSION.SECTION_KEYS, keys.label())
        .where(DANCE_VERSION.DANCE_ID.eq(at.dance()).and(DANCE_VERSION.VERSION.eq(at.version())))
        .execute();
  }

  private static DanceRow row(Record row) {
    String keys = row.get(DANCE_VERSION.SECTION_KEYS);
    return new DanceRow(
        row.get(DANCE_VERSION.DANCE_ID),
        row.get(DANCE_VERSION.VERSION),
        row.get(DANCE_VERSION.TITLE),
        row.get(DANCE_VERSION.STEP_TEXT),
        SectionKeys.parse(keys == null ? "" : keys),
        row.get(DANCE_VERSION.WRITTEN_BY),
        row.get(DANCE_VERSION.WRITTEN_AT),
        row.get(DANCE.ACTIVE) == null);
  }

  @Override
  public void readAll() {
    allEver();
    keys();
  }
}
