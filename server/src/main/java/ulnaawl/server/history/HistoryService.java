package ulnaawl.server.history;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;

/** Writes every change down, in the transaction that makes it, and reads what differs. */
@Service
public class HistoryService {

  private static final int MOST = 100;

  private final ChangeLogStore store;
  private final Today today;
  private final Map<Thing, HistoryText> texts = new EnumMap<>(Thing.class);

  HistoryService(ChangeLogStore store, Today today, List<HistoryText> texts) {
    this.store = store;
    this.today = today;
    texts.forEach(text -> this.texts.put(text.thing(), text));
  }

  /** A change with what differs; empty where either version is not known. */
  record Entry(LogRow row, List<Difference> differences) {}

  @EventListener
  void write(Change change) {
    store.add(change, today.moment());
  }

  /** How a thing was in a version, or a problem that says it is not known. */
  public String content(Thing thing, long id, int version) {
    return store
        .content(thing, id, version)
        .orElseThrow(() -> Problem.gone("Version " + version + " is not in the history."));
  }

  List<Entry> of(Thing thing, long id) {
    List<LogRow> rows = store.of(thing, id, MOST);
    return rows.stream().map(row -> new Entry(row, differences(row, rows))).toList();
  }

  /** What differs between any two versions of a thing. */
  List<Difference> between(Thing thing, long id, int from, int to) {
    HistoryText text = texts.get(thing);
    if (text == null) {
      throw Problem.rejected("Versions of this are not compared.");
    }
    return differences(
            text,
            new Version(id, from, store.content(thing, id, from)),
            new Version(id, to, store.content(thing, id, to)))
        .orElseThrow(() -> Problem.gone("One of these versions is not in the history."));
  }

  /** A version of a thing, with what the log kept of it. */
  private record Version(long id, int number, Optional<String> content) {}

  /** What differs; empty where either is not known. */
  private static Optional<List<Difference>> differences(
      HistoryText text, Version was, Version now) {
    boolean written =
        text.isOnlyWritten(was.id(), was.number()) || text.isOnlyWritten(now.id(), now.number());
    return lines(text, was, written)
        .flatMap(one -> lines(text, now, written).map(other -> Difference.between(one, other)));
  }

  private static Optional<List<String>> lines(HistoryText text, Version of, boolean written) {
    return written
        ? text.written(of.id(), of.number(), of.content())
        : text.lines(of.id(), of.number(), of.content());
  }

  /** The newest of all that was done, the newest first; those that a page asks for. */
  List<LogRow> newest(
      Optional<Long> before, Optional<Thing> thing, Optional<PersonId> by, int most) {
    return store.newest(before, thing, by, most);
  }

  List<LogRow> archived(Thing thing) {
    return store.archived(thing, MOST);
  }

  private List<Difference> differences(LogRow row, List<LogRow> all) {
    Change change = row.change();
    HistoryText text = texts.get(change.thing());
    boolean compared = change.action() == Action.CHANGED || change.action() == Action.BROUGHT_BACK;
    if (text == null || !compared) {
      return List.of();
    }
    Optional<String> before =
        all.stream()
            .map(LogRow::change)
            .filter(it -> it.toVersion() == change.fromVersion() && it.content().isPresent())
            .findFirst()
            .flatMap(Change::content);
    return differences(
            text,
            new Version(change.id(), change.fromVersion(), before),
            new Version(change.id(), change.toVersion(), change.content()))
        .orElse(List.of());
  }
}
