package ulnaawl.server.platform;

import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.jooq.UpdatableRecord;
import org.jooq.impl.DSL;

/**
 * A table whose rows count their versions and are archived instead of removed. A row is changed by
 * whoever has seen its newest version; the condition stands in the statement itself, so that of two
 * who change it at the same moment one is told.
 *
 * @param active true where the row is in sight, nothing where it is archived, so that its name is
 *     free again
 */
public record VersionedStore<R extends UpdatableRecord<R>>(
    TableField<R, Long> id, TableField<R, Integer> version, TableField<R, Boolean> active) {

  /** The row with that id, in sight or archived, as long as it has that version. */
  public Condition at(long id, int version) {
    return this.id.eq(id).and(this.version.eq(version));
  }

  /** Adds a row in its first version; answers its number. */
  public long add(DSLContext database, R values) {
    return database
        .insertInto(id.getTable())
        .set(values)
        .set(version, 1)
        .set(active, true)
        .returningResult(id)
        .fetchSingle()
        .value1();
  }

  /** Changes the row, archived or not; whether it still had that version, and now has the next. */
  public boolean change(DSLContext database, long id, int version, R values) {
    return change(database, at(id, version), version, values);
  }

  /**
   * Changes the row, and brings it into sight where it was archived; whether it had that version.
   */
  public boolean changeAndShow(DSLContext database, long id, int version, R values) {
    values.set(active, true);
    return change(database, id, version, values);
  }

  /** Changes the row in sight; whether it still had that version, and now has the next. */
  public boolean changeInSight(DSLContext database, long id, int version, R values) {
    return change(database, at(id, version).and(active.isTrue()), version, values);
  }

  /**
   * Changes the row that a condition finds, at most one; whether there was one.
   *
   * @param version the one it has; the next is written
   */
  public boolean change(DSLContext database, Condition at, int version, R values) {
    values.set(this.version, version + 1);
    return database.update(id.getTable()).set(values).where(at).execute() == 1;
  }

  /** Archives the row; whether it still had that version and was in sight. */
  public boolean archive(DSLContext database, long id, int version) {
    return archive(database, at(id, version));
  }

  /** Brings an archived row into sight; whether it still had that version and was archived. */
  public boolean restore(DSLContext database, long id, int version) {
    return database
            .update(this.id.getTable())
            .set(active, true)
            .where(at(id, version).and(active.isNull()))
            .execute()
        == 1;
  }

  /** Archives the row that a condition finds, at most one; whether there was one in sight. */
  public boolean archive(DSLContext database, Condition at) {
    return database
            .update(id.getTable())
            .set(active, DSL.val(null, active))
            .where(at.and(active.isTrue()))
            .execute()
        == 1;
  }
}
