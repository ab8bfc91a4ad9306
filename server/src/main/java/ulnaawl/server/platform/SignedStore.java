package ulnaawl.server.platform;

import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.TableField;

/** Columns that say who did something. */
public final class SignedStore {

  private SignedStore() {}

  /** Writes the other name wherever the first one stands. */
  @SafeVarargs
  public static <R extends Record> void replace(
      DSLContext database, NameReplaced name, TableField<R, String>... columns) {
    for (TableField<R, String> column : columns) {
      database
          .update(column.getTable())
          .set(column, name.to())
          .where(column.eq(name.from()))
          .execute();
    }
  }
}
