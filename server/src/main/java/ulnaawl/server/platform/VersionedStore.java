package ulnaawl.server.platform;

import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.TableField;
import org.jooq.impl.DSL;

/**
 * What stores share whose rows count their versions and are archived instead of removed.
 *
 * @param active true where the row is in sight, nothing where it is archived, so that its name is
 *     free again
 */
public record VersionedStore<R extends Record>(
    TableField<R, Long> id, TableField<R, Integer> version, TableField<R, Boolean> active) {

  /** The row with that id, in sight or archived, as long as it has that version. */
  public Condition at(long id, int version) {
    return this.id.eq(id).and(this.version.eq(version));
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
