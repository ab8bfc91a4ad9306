package ulnaawl.server.platform;

import java.util.Collection;
import org.jooq.DSLContext;
import org.jooq.TableField;
import org.jooq.TableRecord;

/** Rows that are written many at once. */
public final class RowsStore {

  private RowsStore() {}

  /** Writes rows, all in one go. */
  public static void insert(DSLContext database, Collection<? extends TableRecord<?>> rows) {
    if (!rows.isEmpty()) {
      database.batchInsert(rows.toArray(TableRecord<?>[]::new)).execute();
    }
  }

  /**
   * Writes the rows that belong to one row anew: those that were there go.
   *
   * @param owner the column that says to which row they belong
   */
  public static <P extends TableRecord<P>> void rewrite(
      DSLContext database, TableField<P, Long> owner, long id, Collection<P> rows) {
    database.deleteFrom(owner.getTable()).where(owner.eq(id)).execute();
    insert(database, rows);
  }
}
