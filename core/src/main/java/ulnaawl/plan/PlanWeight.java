package ulnaawl.plan;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.text.DataFile;

/**
 * Something that makes a class or a next dance good or bad; its points, with the reason for each,
 * stand in {@code weights.txt} under its name. Rules of thumb, no source.
 */
public enum PlanWeight {
  GO_ON,
  OWN_LEVEL,
  LEVEL_ABOVE,
  LEVEL_BELOW,
  GOOD_NEWS,
  NO_NEWS,
  TOO_MUCH_NEWS,
  MISSING,
  ALIKE,
  OTHER_STYLE,
  THEME,
  TERM,
  TERM_LATER,
  ASKED,
  OTHERS_KNOW,
  LEADER_UNSURE,
  TOO_LONG,
  NO_SONG,
  TEACH,
  TEACH_FITS,
  REMINDER,
  OVERDUE,
  RUSTY,
  DANCED,
  FADING,
  TAUGHT_LATELY,
  FAVOURITE,
  FREE,
  SHORT_WARM_UP,
  SHORT_COOL_DOWN,
  SHORT_BREAK,
  SHORT_PRACTICE;

  /** Points by the names of the file. */
  static final Map<String, Integer> TABLE =
      DataFile.rows(PlanWeight.class, "weights.txt").stream()
          .collect(Collectors.toMap(List::getFirst, row -> Integer.valueOf(row.get(1))));

  /** As the file calls it. */
  String inFile() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** What it adds; less than 0 where it takes away. */
  public int points() {
    return Objects.requireNonNull(TABLE.get(inFile()), inFile());
  }
}
