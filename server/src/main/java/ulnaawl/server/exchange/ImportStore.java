package ulnaawl.server.exchange;

import static ulnaawl.server.tables.Tables.IMPORT_BATCH;
import static ulnaawl.server.tables.Tables.IMPORT_THING;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.tables.tables.records.ImportBatchRecord;
import ulnaawl.server.tables.tables.records.ImportThingRecord;

/** What came in at once, in the database. */
@Repository
@RequiredArgsConstructor
class ImportStore implements ReadsAll {

  private static final int MOST = 50;

  private final DSLContext database;

  /** What came in at once, as it is stored. */
  record Batch(
      long id, LocalDateTime at, PersonId by, String files, Optional<LocalDateTime> undoneAt) {}

  /** One thing of it. */
  record Thing(Kind kind, Taken taken) {

    /** Which thing it is. */
    record Key(Kind kind, long id) {}

    Key key() {
      return new Key(kind, taken.id());
    }

    /** The same thing, taken twice. */
    Thing and(Thing later) {
      return new Thing(kind, new Taken(taken.id(), taken.from(), later.taken.to()));
    }
  }

  List<Batch> newest() {
    return database
        .selectFrom(IMPORT_BATCH)
        .orderBy(IMPORT_BATCH.ID.desc())
        .limit(MOST)
        .fetch(ImportStore::row);
  }

  /** What a batch brought, the last first. */
  List<Thing> things(long batch) {
    return database
        .selectFrom(IMPORT_THING)
        .where(IMPORT_THING.BATCH_ID.eq(batch))
        .orderBy(IMPORT_THING.POSITION.desc())
        .fetch(row ->
            new Thing(
                Kind.valueOf(row.getKind()),
                new Taken(row.getThingId(), row.getFromVersion(), row.getToVersion())));
  }

  long add(String files, List<Thing> things, PersonId by, LocalDateTime at) {
    long id =
        database
            .insertInto(IMPORT_BATCH)
            .set(IMPORT_BATCH.MADE_AT, at)
            .set(IMPORT_BATCH.BY_PERSON, by)
            .set(IMPORT_BATCH.FILES, files)
            .returningResult(IMPORT_BATCH.ID)
            .fetchSingle()
            .value1();
    List<ImportThingRecord> rows = new ArrayList<>();
    for (Thing it : things) {
      Taken taken = it.taken();
      rows.add(
          new ImportThingRecord(
              id, rows.size(), it.kind().name(), taken.id(), taken.from(), taken.to()));
    }
    RowsStore.insert(database, rows);
    return id;
  }

  /** Whether it was not undone before, and so is now. */
  boolean undone(long id, PersonId by, LocalDateTime at) {
    return database
            .update(IMPORT_BATCH)
            .set(IMPORT_BATCH.UNDONE_AT, at)
            .set(IMPORT_BATCH.UNDONE_BY, by)
            .where(IMPORT_BATCH.ID.eq(id).and(IMPORT_BATCH.UNDONE_AT.isNull()))
            .execute()
        == 1;
  }

  /** How many of each kind a batch brought. */
  Map<Kind, Integer> counts(long batch) {
    return things(batch).stream()
        .collect(
            java.util.stream.Collectors.toMap(
                Thing::kind, _ -> 1, Integer::sum, () -> new java.util.EnumMap<>(Kind.class)));
  }

  private static Batch row(ImportBatchRecord row) {
    return new Batch(
        row.getId(),
        row.getMadeAt(),
        row.getByPerson(),
        row.getFiles(),
        Optional.ofNullable(row.getUndoneAt()));
  }

  @Override
  public void readAll() {
    newest().forEach(it -> things(it.id()));
  }
}
