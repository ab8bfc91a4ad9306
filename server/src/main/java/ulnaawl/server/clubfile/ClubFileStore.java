package ulnaawl.server.clubfile;

import java.sql.Connection;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.DataType;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.SQLDialect;
import org.jooq.Schema;
import org.jooq.Table;
import org.jooq.UniqueKey;
import org.jooq.impl.DSL;
import org.jooq.impl.SQLDataType;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.clubfile.ClubList.Column;
import ulnaawl.server.clubfile.ClubList.Kind;
import ulnaawl.server.tables.DefaultSchema;
import ulnaawl.text.DataFile;

/**
 * The rows of all tables that a club's file has, as they stand. It is the one place that knows no
 * feature by its name: a table that nobody mentions in the file's list is found by a test.
 */
@Repository
class ClubFileStore {

  private static final int ROWS_AT_ONCE = 500;

  private static final Map<Class<?>, Kind> KINDS =
      Map.of(
          Long.class, Kind.NUMBER,
          Integer.class, Kind.NUMBER,
          String.class, Kind.TEXT,
          Boolean.class, Kind.TRUTH,
          LocalDate.class, Kind.DAY,
          LocalTime.class, Kind.TIME,
          LocalDateTime.class, Kind.MOMENT,
          // As tables say it that are looked at as they stand.
          java.sql.Date.class, Kind.DAY,
          java.sql.Time.class, Kind.TIME,
          java.sql.Timestamp.class, Kind.MOMENT);

  private static final List<List<String>> ROWS =
      DataFile.rows(ClubFileStore.class, "club-file.txt");

  private final DSLContext database;
  private final Map<String, ClubList> lists = new LinkedHashMap<>();
  private final Map<String, Table<?>> tables = new HashMap<>();
  private final Map<String, List<Field<?>>> fields = new HashMap<>();

  /** The tables of this release. */
  @Autowired
  ClubFileStore(DSLContext database) {
    this(database, DefaultSchema.DEFAULT_SCHEMA);
    if (lists.size() < ROWS.size()) {
      throw new IllegalStateException("A list of a club's file has no table");
    }
  }

  private ClubFileStore(DSLContext database, Schema schema) {
    this.database = database;
    for (List<String> row : ROWS) {
      String name = row.getFirst();
      Table<?> table = schema.getTable(row.get(1));
      if (table == null) {
        continue; // an earlier release had none of it
      }
      Set<String> out = Set.of(row.get(2).split(" "));
      List<Field<?>> in = new ArrayList<>();
      for (Field<?> field : table.fields()) {
        if (!out.contains(field.getName())) {
          // As the table has it, whatever the features make of it.
          in.add(DSL.field(field.getQualifiedName(), stored(field.getDataType())));
        }
      }
      tables.put(name, table);
      fields.put(name, in);
      lists.put(
          name, new ClubList(name, row.get(3), in.stream().map(ClubFileStore::column).toList()));
    }
  }

  /** The tables of a database beside the club's, which are those of this release. */
  static ClubFileStore beside(Connection connection) {
    return new ClubFileStore(DSL.using(connection, SQLDialect.H2));
  }

  /** The tables of a database beside the club's, of whatever release, as they stand. */
  static ClubFileStore asItIs(Connection connection) {
    DSLContext database = DSL.using(connection, SQLDialect.H2);
    return new ClubFileStore(database, database.meta().getSchemas("PUBLIC").getFirst());
  }

  private static Column column(Field<?> field) {
    Kind kind = Objects.requireNonNull(KINDS.get(field.getType()), field.toString());
    return new Column(
        named(field.getName()),
        kind,
        kind == Kind.TEXT ? field.getDataType().length() : 0,
        !field.getDataType().nullable());
  }

  /** As the file calls a column: camel case. */
  private static String named(String column) {
    String[] parts = column.toLowerCase(Locale.ROOT).split("_");
    return parts[0]
        + Arrays.stream(parts)
            .skip(1)
            .map(it -> it.substring(0, 1).toUpperCase(Locale.ROOT) + it.substring(1))
            .collect(Collectors.joining());
  }

  private static DataType<?> stored(DataType<?> type) {
    return type.getType() == PersonId.class ? SQLDataType.BIGINT.nullable(type.nullable()) : type;
  }

  List<ClubList> lists() {
    return List.copyOf(lists.values());
  }

  private Table<?> table(String list) {
    return Objects.requireNonNull(tables.get(list), list);
  }

  private List<Field<?>> fields(String list) {
    return Objects.requireNonNull(fields.get(list), list);
  }

  /**
   * The rows of a list in the order of their keys, one at a time.
   *
   * @param to hears each with its values in the order of the columns; null where there is none
   */
  void rows(ClubList list, Consumer<@Nullable Object[]> to) {
    UniqueKey<?> key = Objects.requireNonNull(table(list.name()).getPrimaryKey());
    try (Cursor<Record> cursor =
        database
            .select(fields(list.name()))
            .from(table(list.name()))
            .orderBy(key.getFields())
            .fetchSize(ROWS_AT_ONCE)
            .fetchLazy()) {
      cursor.forEach(it -> to.accept(it.intoArray()));
    }
  }

  int count(String list) {
    return database.fetchCount(table(list));
  }

  /** Removes all rows of all lists. */
  void clear() {
    for (String list : new ArrayList<>(lists.keySet()).reversed()) {
      database.deleteFrom(table(list)).execute();
    }
  }

  /**
   * Numbers that are given from now on are greater than these. It ends a transaction, as every
   * change of tables does; done before rows are written, and where these are not, no harm is done.
   */
  void numberFrom(Map<String, Long> greatest) {
    greatest.forEach((list, number) -> {
      if (table(list).getIdentity() != null) {
        database.execute(
            "alter table "
                + table(list).getName()
                + " alter column id restart with "
                + (number + 1));
      }
    });
  }

  /**
   * Writes a row with the numbers that it has.
   *
   * @param values in the order of the columns; null where there is none
   * @param more columns that are not in the file, with what stands in them
   */
  void add(String list, List<@Nullable Object> values, Map<String, Object> more) {
    List<String> names = new ArrayList<>(fields(list).stream().map(Field::getName).toList());
    List<@Nullable Object> all = new ArrayList<>(values);
    more.forEach((name, value) -> {
      names.add(name);
      all.add(value);
    });
    String marks = names.stream().map(_ -> "?").collect(Collectors.joining(", "));
    String numbered = table(list).getIdentity() == null ? "" : " overriding system value";
    database.execute(
        "insert into "
            + table(list).getName()
            + " ("
            + String.join(", ", names)
            + ")"
            + numbered
            + " values ("
            + marks
            + ")",
        all.toArray());
  }
}
