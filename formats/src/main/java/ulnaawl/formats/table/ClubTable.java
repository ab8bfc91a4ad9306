package ulnaawl.formats.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The tables that a club can bring and take away, each known by the names of its columns. */
public enum ClubTable {
  /** What happened in a group, an entry a row. */
  RECORD(
      "record",
      List.of("group", "date", "dance", "happened"),
      List.of("sections", "outcome", "speed", "minutes", "options", "led by", "note")),
  /** Running orders, a line a row; a class without lines is planned by the program. */
  CLASSES(
      "classes",
      List.of("group", "date"),
      List.of("minutes", "part", "line minutes", "dance", "words")),
  GROUPS("groups", List.of("group", "level", "weekday", "starts"), List.of("minutes", "place")),
  REGISTER("register", List.of("group", "dancer"), List.of()),
  CLOSED_DAYS("closed days", List.of("closed from", "closed to"), List.of("group", "note")),
  /** The step text in its cell is the dance; the other columns are for people who read the list. */
  DANCES(
      "dances", List.of("title", "step text"), List.of("level", "counts", "walls", "written by")),
  SONGS(
      "songs",
      List.of("title"),
      List.of(
          "artist",
          "bpm",
          "count rate",
          "length",
          "intro",
          "meter",
          "style",
          "phrases",
          "where",
          "explicit"));

  private final String label;
  private final List<String> needed;
  private final List<String> others;

  ClubTable(String label, List<String> needed, List<String> others) {
    this.label = label;
    this.needed = needed;
    this.others = others;
  }

  /** What it is called, in a sentence and in the name of a file. */
  public String label() {
    return label;
  }

  /** The names of all its columns, in the order in which they are written. */
  public List<String> columns() {
    List<String> all = new ArrayList<>(needed);
    all.addAll(others);
    return all;
  }

  /** Which table this is; empty where the columns are those of none. */
  public static Optional<ClubTable> of(Table table) {
    for (ClubTable one : values()) {
      boolean whole = table.columns().containsAll(one.needed);
      // A lone column is a text with a heading, unless it has what only a list of songs has.
      if (whole && (one.needed.size() > 1 || table.columns().size() > 1)) {
        return Optional.of(one);
      }
    }
    return Optional.empty();
  }
}
