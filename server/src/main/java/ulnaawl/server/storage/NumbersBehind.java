package ulnaawl.server.storage;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.callback.Callback;
import org.flywaydb.core.api.callback.Context;
import org.flywaydb.core.api.callback.Event;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Sets the next number of each table beyond the last one that is taken, before anything is written.
 * H2 hands out numbers in lots and writes the end of a lot down by itself: a row with a number of
 * the new lot can be on the disk while the end of the lot is not, if the machine stops in between.
 * The next start would give those numbers a second time.
 */
@Component
class NumbersBehind implements Callback {

  private static final Logger LOG = LoggerFactory.getLogger(NumbersBehind.class);

  private static final String COUNTED =
      "select table_name, column_name, identity_base from information_schema.columns"
          + " where is_identity = 'YES' and table_schema = 'PUBLIC'";

  /** A column that numbers its rows; names that H2 gives, quoted as they are. */
  private record Counted(String table, String column, long next) {}

  @Override
  public boolean supports(Event event, Context context) {
    return event == Event.BEFORE_MIGRATE;
  }

  @Override
  public boolean canHandleInTransaction(Event event, Context context) {
    return true;
  }

  @Override
  public void handle(Event event, Context context) {
    try {
      for (Counted one : counted(context.getConnection())) {
        mend(one, context.getConnection());
      }
    } catch (SQLException e) {
      throw new FlywayException("The numbers of the tables cannot be looked at", e);
    }
  }

  @Override
  public String getCallbackName() {
    return "numbers behind";
  }

  private static List<Counted> counted(Connection connection) throws SQLException {
    List<Counted> all = new ArrayList<>();
    try (Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery(COUNTED)) {
      while (rows.next()) {
        all.add(new Counted(rows.getString(1), rows.getString(2), rows.getLong(3)));
      }
    }
    return all;
  }

  private static void mend(Counted one, Connection connection) throws SQLException {
    String table = '"' + one.table() + '"';
    String column = '"' + one.column() + '"';
    try (Statement statement = connection.createStatement()) {
      long last;
      try (ResultSet row =
          statement.executeQuery("select coalesce(max(" + column + "), 0) from " + table)) {
        row.next();
        last = row.getLong(1);
      }
      if (last >= one.next()) {
        LOG.info(
            "The numbers of {} went back when the machine stopped; they go on after {}",
            one.table(),
            last);
        statement.execute(
            "alter table " + table + " alter column " + column + " restart with " + (last + 1));
      }
    }
  }
}
