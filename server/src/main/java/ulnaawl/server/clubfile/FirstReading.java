package ulnaawl.server.clubfile;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import ulnaawl.formats.json.Fault;
import ulnaawl.formats.json.ListFile;
import ulnaawl.formats.json.RowSchema;
import ulnaawl.formats.json.Unreadable;
import ulnaawl.server.platform.ClubDays;
import ulnaawl.server.wire.PlainStrings;

/** Reads a club's file without touching the database: what is in it, and what is wrong with it. */
final class FirstReading implements ListFile.Reader {

  /** So many faults of a file are said; then it is enough to mend. */
  private static final int MOST_FAULTS = 20;

  private static final Set<String> HEAD = Set.of("format", "tables", "made");
  private static final String PEOPLE = "people";

  private final ClubSchema schema;
  private final ClubDays days;
  private final Map<String, ClubList> lists;
  private final List<String> order;
  private final Map<String, RowSchema> forms = new HashMap<>();
  private final Map<String, Integer> rows = new LinkedHashMap<>();
  private final Map<String, Long> greatest = new HashMap<>();
  private final List<String> owners = new ArrayList<>();
  private final List<Fault> faults = new ArrayList<>();
  private final Map<String, JsonNode> said = new HashMap<>();
  private final int release;
  private int reached;

  /**
   * A reading of a file.
   *
   * @param lists that a file of the release has
   * @param release the number of its tables
   */
  FirstReading(List<ClubList> lists, ClubSchema schema, ClubDays days, int release) {
    this.release = release;
    this.days = days;
    this.schema = schema;
    this.lists = ClubList.byName(lists);
    this.order = lists.stream().map(ClubList::name).toList();
  }

  /** How many rows each list has, where it has some, in the order of the file. */
  Map<String, Integer> rows() {
    return Map.copyOf(rows);
  }

  /** The greatest number of each list. */
  Map<String, Long> greatest() {
    return Map.copyOf(greatest);
  }

  /** The names of those who own the club in it. */
  List<String> owners() {
    return List.copyOf(owners);
  }

  /** What it says of itself. */
  Head head() {
    return Head.of(said);
  }

  /** What is wrong with it, up to {@value #MOST_FAULTS} of them; nothing where all is well. */
  List<Fault> faults() {
    return List.copyOf(faults);
  }

  @Override
  public void value(String name, JsonNode value) {
    if (HEAD.contains(name)) {
      said.put(name, value);
    } else {
      fault(name, lists.containsKey(name) ? "must be a list" : "is nothing that a club's file has");
    }
  }

  @Override
  public void row(String list, int number, JsonNode row) {
    ClubList of = lists.get(list);
    if (of == null) {
      if (number == 1) {
        fault(list, "is no list of a club's file");
      }
      return;
    }
    int place = order.indexOf(list);
    if (place < reached) {
      if (number == 1) {
        fault(list, "comes too late in the file; its lists stand in the order of the schema");
      }
      return;
    }
    reached = place;
    row(of, list + ", row " + number, row);
  }

  private void row(ClubList of, String where, JsonNode row) {
    if (faults.size() >= MOST_FAULTS) {
      return;
    }
    List<Fault> wrong =
        forms.computeIfAbsent(of.name(), _ -> new RowSchema(schema.row(of))).faults(where, row);
    wrong.forEach(it -> fault(it.place(), it.what()));
    if (!wrong.isEmpty()) {
      return;
    }
    for (Map.Entry<String, JsonNode> value : row.properties()) {
      if (value.getValue().isString()
          && PlainStrings.firstHidden(value.getValue().asString()).isPresent()) {
        fault(where + ", " + value.getKey(), "has a sign that cannot be seen");
      }
    }
    try {
      Values.read(of, row).stream()
          .flatMap(it -> day(it).stream())
          .flatMap(it -> days.whyNot(it).stream())
          .forEach(why -> fault(where, why));
      ClubValues.span(of.name()).flatMap(it -> it.whyNot(row)).ifPresent(why -> fault(where, why));
    } catch (DateTimeException no) {
      fault(where, "there is no such day or time: " + no.getMessage());
    }
    rows.merge(of.name(), 1, Integer::sum);
    greatest.merge(of.name(), row.path("id").asLong(0), Math::max);
    if (of.name().equals(PEOPLE)
        && row.path("role").asString("").equals("OWNER")
        && row.path("active").asBoolean(false)) {
      owners.add(row.path("name").asString(""));
    }
  }

  /** The day of a value, or of a moment. */
  private static Optional<LocalDate> day(@Nullable Object value) {
    return switch (value) {
      case LocalDate day -> Optional.of(day);
      case LocalDateTime moment -> Optional.of(moment.toLocalDate());
      case null, default -> Optional.empty();
    };
  }

  private void fault(String place, String what) {
    if (faults.size() < MOST_FAULTS) {
      faults.add(new Fault(place, what));
    }
  }

  /**
   * Reads a file to its end: whether it is one of the release, with somebody in it.
   *
   * @throws Unreadable where it is no such file at all
   */
  void hear(byte[] file) throws Unreadable {
    ListFile.read(file, this);
    Head head = head();
    if (!head.isOurs()) {
      faults.clear();
      fault("format", "this is no club's file of this program");
    } else if (head.tables() != release) {
      faults.clear();
      fault(
          "tables",
          head.tables() < release
              ? "no release of this program wrote club's files with such tables"
              : "a later release wrote this file; bring this installation up to date");
    } else if (faults.isEmpty() && rows.getOrDefault(PEOPLE, 0) == 0) {
      fault(PEOPLE, "nobody is in it");
    } else if (!head.made().matches(ClubSchema.MOMENT)) {
      fault("made", "must be a moment in universal time, as 2026-11-24T19:30:15");
    }
  }
}
