package ulnaawl.server;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.context.ApplicationContext;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import ulnaawl.people.PersonId;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.AccessEnded;
import ulnaawl.server.platform.ClubReplaced;

/**
 * A club as it was when it was first seen, kept beside itself in the same database, so that each
 * test class finds it so again without another start: its rows are put back, everybody is signed
 * out, and what the server remembers of it is told to be stale.
 */
final class KeptClub {

  private static final String NEXT_NUMBERS =
      """
      select table_name, identity_base from information_schema.columns
      where table_schema = 'PUBLIC' and is_identity = 'YES'
      """;

  /** A number that H2 raises with whatever is written into a table. */
  private static final String WRITTEN =
      """
      select table_name, last_modification from information_schema.tables
      where table_schema = 'PUBLIC'
      """;

  private final DSLContext database;
  private final ApplicationEventPublisher events;
  private final TransactionTemplate transaction;
  private final List<Table> tables;

  /** How far each table was written when it was last as it is kept. */
  private Map<String, Long> asKept = Map.of();

  /**
   * A table, the columns that are written (others are computed), and the number that its next row
   * gets where it numbers them.
   */
  private record Table(String name, String columns, Optional<Long> next) {}

  private KeptClub(ApplicationContext app) {
    this.database = app.getBean(DSLContext.class);
    this.events = app;
    this.transaction = new TransactionTemplate(app.getBean(PlatformTransactionManager.class));
    this.tables =
        database
            .fetch(
                """
                select table_name,
                  listagg(column_name, ', ') filter (where is_generated = 'NEVER') as written,
                  max(identity_base) as next
                from information_schema.columns
                where table_schema = 'PUBLIC' and table_name <> 'flyway_schema_history'
                group by table_name
                """)
            .map(row ->
                new Table(
                    row.get(0, String.class),
                    row.get(1, String.class),
                    Optional.ofNullable(row.get(2, Long.class))));
  }

  /** Keeps the club of a server as it is now. */
  static KeptClub of(ApplicationContext app) {
    KeptClub kept = new KeptClub(app);
    kept.database.execute("create schema kept");
    kept.tables.forEach(it ->
        kept.database.execute(
            "create table kept.%1$s as select * from public.%1$s".formatted(it.name())));
    kept.asKept = kept.written();
    return kept;
  }

  private Map<String, Long> written() {
    return database
        .fetch(WRITTEN)
        .intoMap(row -> row.get(0, String.class), row -> row.get(1, Long.class));
  }

  /** Puts it back, and signs everybody out. */
  void signOutAndPutBack() {
    List<Long> people = database.fetch("select id from person").map(it -> it.get(0, Long.class));
    transaction.executeWithoutResult(
        now -> people.forEach(it -> events.publishEvent(new AccessEnded(it))));
    putBack(true);
  }

  /**
   * Puts back what was written since: in one transaction, so that it is written once.
   *
   * @param words whether the club's own words may be others, so that every dance is read anew
   */
  void putBack(boolean words) {
    Map<String, Long> written = written();
    List<Table> touched =
        tables.stream()
            .filter(it -> !written.get(it.name()).equals(asKept.get(it.name())))
            .toList();
    database.execute("set referential_integrity false");
    transaction.executeWithoutResult(now -> {
      for (Table table : touched) {
        database.execute("delete from public." + table.name());
        database.execute(
            "insert into public.%1$s (%2$s) overriding system value select %2$s from kept.%1$s"
                .formatted(table.name(), table.columns()));
      }
      if (words) {
        events.publishEvent(new ClubReplaced());
      }
      events.publishEvent(
          Change.of(Thing.EXPORT, 0, Action.IMPORTED, new PersonId(1), "as it was"));
      database.execute("delete from change_log where id >= " + nextOf("CHANGE_LOG"));
    });
    database.execute("set referential_integrity true");
    Map<String, Long> moved =
        database
            .fetch(NEXT_NUMBERS)
            .intoMap(row -> row.get(0, String.class), row -> row.get(1, Long.class));
    for (Table table : tables) {
      table
          .next()
          .filter(next -> !next.equals(moved.get(table.name())))
          .ifPresent(next ->
              database.execute(
                  "alter table public.%s alter column id restart with %d"
                      .formatted(table.name(), next)));
    }
    asKept = written();
  }

  private long nextOf(String table) {
    return tables.stream()
        .filter(it -> it.name().equals(table))
        .flatMap(it -> it.next().stream())
        .findFirst()
        .orElseThrow();
  }
}
