package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.Test;

/**
 * A club that was made today, once its pool has retired every connection (as it does after half an
 * hour): each table takes a row, and each list of choices still refuses what is not in it. H2 drops
 * what a list's check needs together with the connection that made the table.
 */
public class RetiredConnectionsTest {

  private static final int NOT_IN_THE_CHECK = 23513;

  private static final String COLUMNS =
      """
      select c.table_name, c.column_name, c.data_type,
        coalesce((select listagg(k.check_clause, ' and ') from information_schema.check_constraints k
          join information_schema.constraint_column_usage u
            on u.constraint_name = k.constraint_name and u.constraint_schema = k.constraint_schema
          where u.table_name = c.table_name and u.column_name = c.column_name), '') as checks
      from information_schema.columns c
      join information_schema.tables t on t.table_name = c.table_name and t.table_schema = 'PUBLIC'
      where c.table_schema = 'PUBLIC' and c.is_identity = 'NO' and c.is_generated = 'NEVER'
        and c.table_name <> 'flyway_schema_history'
      order by c.table_name, c.ordinal_position
      """;

  /** The first value that a check lets through: of a list, of a range, or the one it asks for. */
  private static final Pattern FIRST =
      Pattern.compile("(?:IN\\(|BETWEEN |= )('[^']*'|\\d+)", Pattern.CASE_INSENSITIVE);

  private record Column(String table, String name, String type, String checks) {

    String value() {
      Matcher first = FIRST.matcher(checks);
      return first.find() ? first.group(1) : plain();
    }

    private String plain() {
      return switch (type) {
        // Whoever has a name is not forgotten.
        case "BOOLEAN" -> String.valueOf(!name.equals("FORGOTTEN"));
        case "INTEGER", "BIGINT", "NUMERIC" -> "1";
        case "DATE" -> "date '2026-11-24'";
        case "TIME" -> "time '19:30:00'";
        case "TIMESTAMP" -> "timestamp '2026-11-24 19:30:00'";
        case "CHARACTER VARYING", "CHARACTER LARGE OBJECT" -> "'a'";
        case "BINARY VARYING", "BINARY LARGE OBJECT" -> "x'00'";
        default -> throw new AssertionError("A value of type " + type + " for " + this);
      };
    }

    boolean isChoice() {
      return checks.contains("IN('");
    }
  }

  @Test
  public void everyTableOfANewClubCanBeWrittenByConnectionsThatDidNotMakeIt() {
    Installation.fresh()
        .openApp(app -> {
          HikariDataSource pool = app.getBean(HikariDataSource.class);
          retire(pool);
          List<Column> columns = columns(app.getBean(DSLContext.class));
          List<String> tables = columns.stream().map(Column::table).distinct().toList();
          assertTrue(tables.size() > 40, "tables: " + tables.size());
          assertTrue(columns.stream().filter(Column::isChoice).count() > 11, "lists of choices");
          try (Connection connection = pool.getConnection();
              Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            statement.execute("set referential_integrity false");
            for (String table : tables) {
              write(statement, columns.stream().filter(it -> it.table().equals(table)).toList());
            }
            connection.rollback();
            statement.execute("set referential_integrity true");
          }
        });
  }

  private static void write(Statement statement, List<Column> columns) throws SQLException {
    for (Column choice : columns) {
      if (choice.isChoice()) {
        SQLException refused =
            expectThrows(SQLException.class, () -> statement.execute(row(columns, choice)));
        assertEquals(refused.getErrorCode(), NOT_IN_THE_CHECK, refused.getMessage());
      }
    }
    assertEquals(statement.executeUpdate(row(columns, null)), 1);
  }

  /** A row with what every check lets through; but one column with what is in no list. */
  private static String row(List<Column> columns, @Nullable Column wrong) {
    List<String> names = columns.stream().map(Column::name).toList();
    List<String> values =
        columns.stream().map(it -> it.equals(wrong) ? "'?'" : it.value()).toList();
    return "insert into %s (%s) values (%s)"
        .formatted(columns.getFirst().table(), String.join(", ", names), String.join(", ", values));
  }

  private static List<Column> columns(DSLContext database) {
    List<Column> all = new ArrayList<>();
    for (Record row : database.fetch(DSL.sql(COLUMNS))) {
      all.add(
          new Column(
              row.get(0, String.class),
              row.get(1, String.class),
              row.get(2, String.class),
              row.get(3, String.class)));
    }
    return all;
  }

  /**
   * Closes every connection that there has been: those in the pool are others from now on. The
   * database stays open meanwhile, as it does where they go one by one.
   */
  private static void retire(HikariDataSource pool) throws SQLException {
    try (Connection bystander =
        DriverManager.getConnection(pool.getJdbcUrl(), pool.getUsername(), pool.getPassword())) {
      retireAll(pool);
      pool.getConnection().close();
      assertTrue(bystander.isValid(0));
    }
  }

  private static void retireAll(HikariDataSource pool) throws SQLException {
    List<Connection> before = new ArrayList<>();
    List<Connection> borrowed = new ArrayList<>();
    for (int i = 0; i < pool.getMaximumPoolSize(); i++) {
      Connection one = pool.getConnection();
      borrowed.add(one);
      before.add(one.unwrap(Connection.class));
    }
    pool.getHikariPoolMXBean().softEvictConnections();
    for (Connection one : borrowed) {
      one.close();
    }
    for (Connection one : before) {
      while (!one.isClosed()) {
        Thread.onSpinWait();
      }
    }
  }
}
