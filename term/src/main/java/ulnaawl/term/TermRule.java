package ulnaawl.term;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.text.DataFile;

/**
 * A rule of a term's plan; whether it holds always or has its price, the price and why stand in
 * {@code rules.txt} under its name. Common practice and rules of thumb, no source.
 */
public enum TermRule {
  MINUTES,
  LEVEL,
  LED_TO,
  NOT_DROPPED,
  TWICE,
  MOST_NEW,
  CAN_TEACH,
  ONE_AT_A_TIME,
  NEW_DANCE,
  ABOVE_LEVEL,
  BELOW_LEVEL,
  ASKED,
  THEME,
  SHARED,
  SAME_STYLE,
  SAME_SPEED,
  SAME_WALLS,
  TOO_MUCH_NEWS,
  TWO_TEACHES,
  RESTS,
  LATE,
  UNEVEN,
  NO_LEADER,
  OTHER_LEADER,
  CHANGED;

  private record Row(boolean always, int points) {}

  private static final Map<String, Row> TABLE =
      DataFile.rows(TermRule.class, "rules.txt").stream()
          .collect(
              Collectors.toMap(
                  List::getFirst,
                  row -> new Row(row.get(1).equals("always"), Integer.parseInt(row.get(2)))));

  private Row row() {
    return Objects.requireNonNull(TABLE.get(inFile()), inFile());
  }

  /** As the file calls it. */
  public String inFile() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Whether no plan may break it. */
  public boolean isHard() {
    return row().always();
  }

  /** What it adds to a plan each time; less than 0 where it takes away. */
  public int points() {
    return row().points();
  }
}
