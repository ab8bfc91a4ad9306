package ulnaawl.server.clubfile;

import java.io.ByteArrayOutputStream;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.formats.json.Fault;
import ulnaawl.formats.json.ListFile;
import ulnaawl.formats.json.RowSchema;
import ulnaawl.formats.json.Unreadable;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.ClubReplaced;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.Today;
import ulnaawl.server.storage.Release;

/** Writes the club into one file, and takes such a file into an installation without a club. */
@Service
class ClubFiles {

  /** Bytes of a file that is written; a larger one would not be taken in again. */
  static final int MOST_BYTES = 24 * 1024 * 1024;

  private static final Logger LOG = LoggerFactory.getLogger(ClubFiles.class);
  private static final String PEOPLE = "people";
  private static final String LOG_OF_CHANGES = "log";

  private final ClubFileStore store;
  private final ClubSchema schema;
  private final List<ReadsAll> readers;
  private final PeopleService people;
  private final JsonMapper mapper;
  private final Today today;
  private final ApplicationEventPublisher events;
  private final PlatformTransactionManager transactions;

  ClubFiles(
      ClubFileStore store,
      ClubSchema schema,
      List<ReadsAll> readers,
      PeopleService people,
      JsonMapper mapper,
      Today today,
      ApplicationEventPublisher events,
      PlatformTransactionManager transactions) {
    this.store = store;
    this.schema = schema;
    this.readers = readers;
    this.people = people;
    this.mapper = mapper;
    this.today = today;
    this.events = events;
    this.transactions = transactions;
  }

  /**
   * What a file would bring.
   *
   * @param rows how many of each list, where there are some
   * @param owners who owns the club in it
   * @param faults why it cannot be taken; nothing where it can
   */
  record Look(String made, Map<String, Integer> rows, List<String> owners, List<Fault> faults) {}

  /** The lists that a file has. */
  List<ClubList> lists() {
    return store.lists();
  }

  /** The whole club at one moment. */
  byte[] write() {
    TransactionTemplate moment = new TransactionTemplate(transactions);
    moment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    moment.setReadOnly(true);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    moment.executeWithoutResult(_ -> write(out));
    if (out.size() > MOST_BYTES) {
      throw Problem.rejected(
          "This club is larger than a file may be ("
              + out.size() / 1024 / 1024
              + " MB); make a backup, and restore it where it is to go.");
    }
    return out.toByteArray();
  }

  private void write(ByteArrayOutputStream out) {
    try (JsonGenerator json = mapper.createGenerator(out)) {
      json.writeStartObject();
      json.writeStringProperty("format", ClubSchema.FORMAT);
      json.writeNumberProperty("tables", Release.schema());
      json.writeStringProperty("made", today.moment().toString());
      for (ClubList list : store.lists()) {
        RowSchema form = new RowSchema(schema.row(list));
        json.writeArrayPropertyStart(list.name());
        store.rows(
            list,
            values -> {
              ObjectNode row = mapper.createObjectNode();
              Values.write(list, values, row);
              List<Fault> faults = form.faults(list.name(), row);
              if (!faults.isEmpty()) {
                throw new IllegalStateException("A club's file would be wrong: " + faults);
              }
              json.writeRaw('\n');
              json.writeTree(row);
            });
        json.writeEndArray();
      }
      json.writeEndObject();
    }
  }

  /** Whether nothing is here yet but who set it up. */
  boolean isEmptyHere() {
    return store.lists().stream()
        .map(ClubList::name)
        .filter(it -> !it.equals(LOG_OF_CHANGES))
        .allMatch(it -> store.count(it) <= (it.equals(PEOPLE) ? 1 : 0));
  }

  private void needEmpty() {
    if (!isEmptyHere()) {
      throw Problem.conflict(
          "This club has something already. A club's file goes into an empty installation: start"
              + " one with another folder (./ulna start --data DIR).");
    }
  }

  /** What a file would bring, without taking it. */
  Look look(byte[] file, SignedIn me) {
    FirstReading heard = read(file);
    List<Fault> faults = new ArrayList<>(heard.faults());
    if (faults.isEmpty()) {
      taken(file, heard, me, false).ifPresent(faults::add);
    }
    return new Look(heard.made(), heard.rows(), heard.owners(), faults);
  }

  /** Takes a file; whoever did it signs in again, as the file may know them by another number. */
  void take(byte[] file, SignedIn me) {
    FirstReading heard = read(file);
    Optional<Fault> fault =
        heard.faults().isEmpty()
            ? taken(file, heard, me, true)
            : heard.faults().stream().findFirst();
    if (fault.isPresent()) {
      throw Problem.rejected(fault.get().place() + ": " + fault.get().what());
    }
  }

  private FirstReading read(byte[] file) {
    needEmpty();
    FirstReading heard = new FirstReading(store.lists(), schema);
    try {
      ListFile.read(file, heard);
    } catch (Unreadable no) {
      throw Problem.rejected(String.valueOf(no.getMessage()));
    }
    heard.end();
    return heard;
  }

  /** Tries to take a file. */
  private Optional<Fault> taken(byte[] file, FirstReading heard, SignedIn me, boolean forGood) {
    store.numberFrom(heard.greatest());
    Rows rows = new Rows(people.unknownPassword());
    try {
      new TransactionTemplate(transactions)
          .executeWithoutResult(now -> {
            PeopleService.Owner owner = people.leaving(me);
            needEmpty(); // nothing that came meanwhile is cleared away
            store.clear();
            insert(file, rows);
            rows.at = "what is in it";
            readers.forEach(ReadsAll::readAll);
            rows.at = PEOPLE;
            people.arriving(owner);
            events.publishEvent(new ClubReplaced());
            events.publishEvent(
                Change.of(Thing.EXPORT, 0, Action.IMPORTED, owner.name(), "a club's file"));
            if (!forGood) {
              now.setRollbackOnly();
            }
          });
      return Optional.empty();
    } catch (Problem no) {
      return Optional.of(new Fault(rows.at, String.valueOf(no.getMessage())));
    } catch (RuntimeException no) {
      // Whatever its rows are, they are somebody else's; the installation is as it was.
      LOG.debug("A club's file was not taken", no);
      return Optional.of(new Fault(rows.at, why(no)));
    }
  }

  private static void insert(byte[] file, Rows rows) {
    try {
      ListFile.read(file, rows);
    } catch (Unreadable no) {
      throw new IllegalStateException(no.getMessage(), no);
    }
  }

  /** By the states of the SQL standard (class 23), whatever words the database has for them. */
  private static String why(RuntimeException no) {
    String state =
        NestedExceptionUtils.getMostSpecificCause(no) instanceof SQLException cause
            ? String.valueOf(cause.getSQLState())
            : "";
    return switch (state) {
      case "23503", "23506" -> "it refers to something that is not in the file";
      case "23505" -> "there are two of it";
      case "23513", "23514" -> "a value in it is none of those that are possible";
      default ->
          "it cannot be read: " + String.valueOf(no.getMessage()).lines().findFirst().orElse("");
    };
  }

  /** Writes the rows of a file that was found to be sound into the tables. */
  private final class Rows implements ListFile.Reader {
    private final Map<String, ClubList> lists = ClubList.byName(store.lists());
    private final String password;
    private String at = "";

    Rows(String password) {
      this.password = password;
    }

    @Override
    public void value(String name, JsonNode value) {}

    @Override
    public void row(String list, int number, JsonNode row) {
      at = list + ", row " + number;
      ClubList of = lists.get(list);
      if (of != null) {
        store.add(
            list,
            Values.read(of, row),
            list.equals(PEOPLE) ? Map.of("PASSWORD_HASH", password) : Map.of());
      }
    }
  }
}
