package ulnaawl.server.platform;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static ulnaawl.server.tables.Tables.DANCE_GROUP;
import static ulnaawl.server.tables.Tables.TERM_GROUP;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import javax.sql.DataSource;
import org.h2.jdbcx.JdbcConnectionPool;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import ulnaawl.server.tables.tables.records.DanceGroupRecord;
import ulnaawl.server.tables.tables.records.TermGroupRecord;

/** Rows that count their versions: who comes second is told, and nothing is overwritten. */
public class VersionedStoreTest {

  private static final VersionedStore<DanceGroupRecord> ROWS =
      new VersionedStore<>(DANCE_GROUP.ID, DANCE_GROUP.VERSION, DANCE_GROUP.ACTIVE);
  private static final int WRITERS = 12;

  private JdbcConnectionPool connections = JdbcConnectionPool.create("jdbc:h2:mem:", "sa", "");
  private DSLContext database = DSL.using(SQLDialect.H2);

  @BeforeMethod
  public void open() {
    connections = JdbcConnectionPool.create("jdbc:h2:mem:versions;DB_CLOSE_DELAY=-1", "sa", "");
    connections.setMaxConnections(WRITERS + 1);
    DataSource source = connections;
    database = DSL.using(source, SQLDialect.H2);
    database.ddl(DANCE_GROUP).executeBatch();
    database.createTable(TERM_GROUP).columns(TERM_GROUP.fields()).execute();
  }

  @AfterMethod
  public void close() {
    database.execute("drop all objects");
    connections.dispose();
  }

  private static DanceGroupRecord called(String name) {
    DanceGroupRecord values = new DanceGroupRecord();
    values.setName(name);
    values.setLevel("BEGINNER");
    values.setWeekday(2);
    values.setStartsAt(LocalTime.of(19, 0));
    values.setMinutes(60);
    values.setPlace("");
    return values;
  }

  private DanceGroupRecord row(long id) {
    return database.fetchSingle(DANCE_GROUP, DANCE_GROUP.ID.eq(id));
  }

  @Test
  public void aRowBeginsInItsFirstVersionAndEachChangeIsTheNext() {
    long id = ROWS.add(database, called("Turners"));
    assertEquals(row(id).getVersion(), Integer.valueOf(1));
    assertTrue(row(id).getActive());
    assertTrue(ROWS.change(database, id, 1, called("Steppers")));
    assertEquals(row(id).getVersion(), Integer.valueOf(2));
    assertEquals(row(id).getName(), "Steppers");
  }

  @Test
  public void whoHasNotSeenTheNewestChangesNothing() {
    long id = ROWS.add(database, called("Turners"));
    assertTrue(ROWS.change(database, id, 1, called("Steppers")));
    assertFalse(ROWS.change(database, id, 1, called("Late")), "an earlier version");
    assertFalse(ROWS.change(database, id, 3, called("Early")), "one that is not there yet");
    assertFalse(ROWS.archive(database, id, 1), "an earlier version");
    assertEquals(row(id).getName(), "Steppers");
    assertEquals(row(id).getVersion(), Integer.valueOf(2));
  }

  @Test
  public void whatIsArchivedIsOutOfSightUntilItIsRestored() {
    long id = ROWS.add(database, called("Turners"));
    assertFalse(ROWS.restore(database, id, 1), "it is in sight");
    assertTrue(ROWS.archive(database, id, 1));
    assertNull(row(id).getActive());
    assertEquals(row(id).getVersion(), Integer.valueOf(1), "archiving is no version");
    assertFalse(ROWS.archive(database, id, 1), "twice");
    assertFalse(ROWS.changeInSight(database, id, 1, called("Hidden")));
    assertTrue(ROWS.restore(database, id, 1));
    assertTrue(ROWS.changeInSight(database, id, 1, called("Seen")));
    assertEquals(row(id).getName(), "Seen");
  }

  @Test
  public void ofManyAtOnceOneIsFirstAndTheOthersAreTold() throws Exception {
    long id = ROWS.add(database, called("Turners"));
    CountDownLatch begin = new CountDownLatch(1);
    try (ExecutorService writers = Executors.newFixedThreadPool(WRITERS)) {
      List<Future<Boolean>> told = new ArrayList<>();
      for (int i = 0; i < WRITERS; i++) {
        String name = "Writer " + i;
        Callable<Boolean> write =
            () -> {
              begin.await();
              return ROWS.change(database, id, 1, called(name));
            };
        told.add(writers.submit(write));
      }
      begin.countDown();
      List<Integer> first = new ArrayList<>();
      for (int i = 0; i < WRITERS; i++) {
        if (told.get(i).get()) {
          first.add(i);
        }
      }
      assertEquals(first.size(), 1, "writers who were first");
      assertEquals(row(id).getName(), "Writer " + first.getFirst());
      assertEquals(row(id).getVersion(), Integer.valueOf(2));
    }
  }

  @Test
  public void whatBelongsToARowIsWrittenAnewAndNothingOfAnother() {
    RowsStore.insert(
        database,
        List.of(new TermGroupRecord(1L, 7L, 5, true), new TermGroupRecord(2L, 7L, 5, true)));
    RowsStore.rewrite(
        database,
        TERM_GROUP.TERM_ID,
        1,
        List.of(new TermGroupRecord(1L, 8L, 3, false), new TermGroupRecord(1L, 9L, 2, true)));
    assertEquals(
        database
            .selectFrom(TERM_GROUP)
            .orderBy(TERM_GROUP.TERM_ID, TERM_GROUP.GROUP_ID)
            .fetch(it -> it.getTermId() + ":" + it.getGroupId()),
        List.of("1:8", "1:9", "2:7"));
    RowsStore.rewrite(database, TERM_GROUP.TERM_ID, 1, List.<TermGroupRecord>of());
    assertEquals(database.fetchCount(TERM_GROUP), 1);
  }
}
