package db.migration;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Running orders name who chose a line: in the reasons of a line, and in what the log kept of every
 * order before. There, too, somebody is a number. What is no such text stays as it is.
 */
public class V26__people_in_kept_orders extends BaseJavaMigration {

  private static final String FORMER = "a former leader";
  private static final String CHANGED_BY = "changedBy";
  private static final String REASONS = "reasons";

  private final JsonMapper mapper = new JsonMapper();
  private final Map<String, Long> numbers = new HashMap<>();

  @Override
  public void migrate(Context context) throws SQLException {
    Connection connection = context.getConnection();
    try (Statement all = connection.createStatement();
        ResultSet row = all.executeQuery("select id, name, forgotten from person order by id")) {
      while (row.next()) {
        numbers.putIfAbsent(row.getBoolean(3) ? FORMER : row.getString(2), row.getLong(1));
      }
    }
    rewrite(
        connection,
        "select id, reasons from class_line where reasons like '%chosen-by%'",
        "update class_line set reasons = ? where id = ?",
        text -> reasons(connection, text));
    rewrite(
        connection,
        "select id, content from change_log where thing = 'CLASS' and content is not null",
        "update change_log set content = ? where id = ?",
        text -> order(connection, text));
  }

  private static void rewrite(
      Connection connection, String read, String write, UnaryOperator<String> how)
      throws SQLException {
    try (Statement all = connection.createStatement();
        ResultSet row = all.executeQuery(read);
        PreparedStatement change = connection.prepareStatement(write)) {
      while (row.next()) {
        String was = row.getString(2);
        String now = how.apply(was);
        if (!now.equals(was)) {
          change.setString(1, now);
          change.setLong(2, row.getLong(1));
          change.executeUpdate();
        }
      }
    }
  }

  private String order(Connection connection, String content) {
    try {
      JsonNode order = mapper.readTree(content);
      for (JsonNode line : order.path("lines")) {
        if (line instanceof ObjectNode object) {
          if (line.path(CHANGED_BY).isString()) {
            object.put(CHANGED_BY, number(connection, line.path(CHANGED_BY).asString()));
          }
          if (line.path(REASONS).isString()) {
            object.put(REASONS, reasons(connection, line.path(REASONS).asString()));
          }
        }
      }
      return mapper.writeValueAsString(order);
    } catch (JacksonException plain) {
      return content;
    }
  }

  private String reasons(Connection connection, String text) {
    try {
      JsonNode all = mapper.readTree(text);
      for (JsonNode reason : all) {
        if (reason.path("code").asString("").equals("chosen-by")
            && reason.path("args") instanceof ObjectNode args
            && args.path("name").isString()) {
          args.put("person", number(connection, args.path("name").asString()));
          args.remove("name");
        }
      }
      return mapper.writeValueAsString(all);
    } catch (JacksonException plain) {
      return text;
    }
  }

  private long number(Connection connection, String name) {
    return numbers.computeIfAbsent(name.isEmpty() ? FORMER : name, it -> add(connection, it));
  }

  /** Somebody whom nothing else names any more. */
  private static long add(Connection connection, String name) {
    boolean former = name.equals(FORMER);
    try (PreparedStatement row =
        connection.prepareStatement(
            "insert into person (name, forgotten, password_hash, role, created_at, version, active)"
                + " values (?, ?, '', 'VIEWER', localtimestamp, 1, null)",
            Statement.RETURN_GENERATED_KEYS)) {
      row.setString(1, former ? null : name);
      row.setBoolean(2, former);
      row.executeUpdate();
      try (ResultSet key = row.getGeneratedKeys()) {
        key.next();
        return key.getLong("ID");
      }
    } catch (SQLException e) {
      throw new IllegalStateException("Nobody could be added", e);
    }
  }
}
