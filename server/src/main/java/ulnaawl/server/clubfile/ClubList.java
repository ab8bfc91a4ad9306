package ulnaawl.server.clubfile;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * A list of a club's file.
 *
 * @param name as the file calls it
 * @param about what a row is
 * @param columns what a row has, in order
 */
record ClubList(String name, String about, List<Column> columns) {

  ClubList {
    columns = List.copyOf(columns);
  }

  static Map<String, ClubList> byName(List<ClubList> lists) {
    return lists.stream().collect(Collectors.toMap(ClubList::name, Function.identity()));
  }

  /** What kind of value a column has, and how it is written. */
  enum Kind {
    /** A whole number. */
    NUMBER,
    TEXT,
    TRUTH,
    /** A day, as 2026-11-24. */
    DAY,
    /** A time of day, as 19:30 or 19:30:15. */
    TIME,
    /** A point in time without a zone, in universal time: 2026-11-24T19:30:15.123. */
    MOMENT
  }

  /**
   * A column.
   *
   * @param name as the file calls it
   * @param most letters of a text at the most; 0 where it has no end of its own
   * @param wanted whether a row must have it
   */
  record Column(String name, Kind kind, int most, boolean wanted) {}
}
