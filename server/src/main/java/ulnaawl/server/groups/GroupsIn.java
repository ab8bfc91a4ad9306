package ulnaawl.server.groups;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.figure.Level;
import ulnaawl.formats.table.Cells;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.plan.ClassRequest;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.exchange.Found;
import ulnaawl.server.exchange.Found.Where;
import ulnaawl.server.exchange.Incoming;
import ulnaawl.server.exchange.Kind;
import ulnaawl.server.exchange.Outgoing;
import ulnaawl.server.exchange.Taken;
import ulnaawl.server.platform.Names;

/** Groups in tables: one a row, with the evening on which it meets. */
@Component
@RequiredArgsConstructor
class GroupsIn implements Incoming, Outgoing {

  private static final int USUAL_MINUTES = 60;
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_PLACE = 120;

  private final GroupService groups;

  @Override
  public Kind kind() {
    return Kind.GROUPS;
  }

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    List<GroupRow> all = groups.all();
    Set<String> twice = new HashSet<>();
    return brought.rows(ClubTable.GROUPS, row -> look(row, all, twice, coming));
  }

  private Found look(Brought.TableRow row, List<GroupRow> all, Set<String> twice, Coming coming) {
    Where spot = row.spot();
    String name = Names.clean(row.cell("group"));
    if (name.isEmpty() || name.length() > LONGEST_NAME) {
      return spot.unreadable(name, "A group has a name of up to " + LONGEST_NAME + " letters.");
    }
    Optional<Level> level = Level.named(row.cell("level"));
    if (level.isEmpty()) {
      return spot.unreadable(
          name,
          "'"
              + row.cell("level")
              + "' is no level; one of: "
              + Stream.of(Level.values()).map(Level::label).toList()
              + ".");
    }
    Optional<DayOfWeek> weekday = Cells.weekday(row.cell("weekday"));
    if (weekday.isEmpty()) {
      return spot.unreadable(
          name, "'" + row.cell("weekday") + "' is no day of the week; write Tuesday.");
    }
    Optional<LocalTime> starts = Cells.time(row.cell("starts"));
    if (starts.isEmpty()) {
      return spot.unreadable(name, "'" + row.cell("starts") + "' is no time; write 19:30.");
    }
    Optional<Integer> minutes =
        Cells.number(
            row.cell("minutes"),
            USUAL_MINUTES,
            ClassRequest.LEAST_MINUTES,
            ClassRequest.MOST_MINUTES);
    if (minutes.isEmpty()) {
      return spot.unreadable(
          name,
          "A class lasts "
              + ClassRequest.LEAST_MINUTES
              + " to "
              + ClassRequest.MOST_MINUTES
              + " minutes, not '"
              + row.cell("minutes")
              + "'.");
    }
    String place = row.cell("place");
    if (place.length() > LONGEST_PLACE) {
      return spot.unreadable(name, "A place has up to " + LONGEST_PLACE + " letters.");
    }
    if (!twice.add(Names.key(name))) {
      return spot.conflict(name, "It stands in these files before; this row is left.");
    }
    coming.group(name);
    GroupDraft draft =
        new GroupDraft(name, level.get(), weekday.get(), starts.get(), minutes.get(), place);
    Optional<GroupRow> twin =
        all.stream().filter(it -> Names.key(it.name()).equals(Names.key(name))).findFirst();
    if (twin.isEmpty()) {
      String note = row.cell("minutes").isEmpty() ? "60 minutes, as none are said" : "";
      return spot.fresh(name, note, me -> added(groups.add(draft, me)));
    }
    GroupRow now = twin.get();
    if (now.draft().equals(draft)) {
      return spot.same(name, "");
    }
    return spot.conflict(
        name,
        "The club has it at another time, level or place: "
            + words(now)
            + "; the file says "
            + String.join(", ", words(draft)),
        me ->
            new Taken(
                now.id(),
                now.version(),
                groups.change(now.id(), now.version(), draft, me).version()));
  }

  private static Taken added(GroupRow row) {
    return Taken.added(row.id(), row.version());
  }

  private static String words(GroupRow row) {
    return String.join(", ", words(row.draft()));
  }

  private static List<String> words(GroupDraft draft) {
    return List.of(
        draft.level().label(),
        Cells.word(draft.weekday()),
        draft.startsAt().toString(),
        draft.minutes() + " minutes",
        draft.place());
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    long id = taken.id();
    GroupRow now = groups.get(id);
    return now.archived()
        ? Optional.empty()
        : taken.undo(
            now.version(),
            now.name(),
            () -> groups.archive(id, taken.to(), me),
            () -> groups.bringBack(id, taken.to(), taken.from(), me));
  }

  @Override
  public ClubTable table() {
    return ClubTable.GROUPS;
  }

  @Override
  public List<List<String>> rows() {
    return groups.all().stream()
        .map(it ->
            List.of(
                it.name(),
                it.level().label(),
                Cells.word(it.weekday()),
                it.startsAt().toString(),
                String.valueOf(it.minutes()),
                it.place()))
        .toList();
  }
}
