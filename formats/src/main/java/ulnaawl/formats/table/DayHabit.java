package ulnaawl.formats.table;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How a column of a spreadsheet writes its days. {@code 03/04/2026} is the third of April in one
 * country and the fourth of March in another: the column as a whole says which, by a day above
 * twelve, and where it does not, such days are not read. A day as in ISO 8601 is always read.
 */
public enum DayHabit {
  /** 24.11.2026 or 24/11/2026. */
  DAY_FIRST,
  /** 11/24/2026. */
  MONTH_FIRST,
  /** The column does not say; points part day and month in this order everywhere. */
  UNKNOWN;

  private static final Pattern ISO = Pattern.compile("(\\d{4})-(\\d{1,2})-(\\d{1,2})");
  private static final Pattern PARTED =
      Pattern.compile("(\\d{1,2})([./-])\\s?(\\d{1,2})\\2\\s?(\\d{4})");
  private static final int MONTHS = 12;

  /** The habit of a column. */
  public static DayHabit of(List<String> cells) {
    boolean dayFirst = false;
    boolean monthFirst = false;
    for (String cell : cells) {
      Matcher parted = PARTED.matcher(cell.strip());
      if (parted.matches()) {
        dayFirst |= Integer.parseInt(parted.group(1)) > MONTHS;
        monthFirst |= Integer.parseInt(parted.group(3)) > MONTHS;
      }
    }
    if (dayFirst == monthFirst) {
      return UNKNOWN;
    }
    return dayFirst ? DAY_FIRST : MONTH_FIRST;
  }

  /** The day that a cell means; empty where it is none, or could be two. */
  public Optional<LocalDate> read(String cell) {
    String day = cell.strip();
    Matcher iso = ISO.matcher(day);
    if (iso.matches()) {
      return day(iso.group(1), iso.group(2), iso.group(3));
    }
    Matcher parted = PARTED.matcher(day);
    if (!parted.matches()) {
      return Optional.empty();
    }
    String one = parted.group(1);
    String other = parted.group(3);
    String year = parted.group(4);
    boolean points = parted.group(2).equals(".");
    return switch (this) {
      case DAY_FIRST -> day(year, other, one);
      case MONTH_FIRST -> day(year, one, other);
      case UNKNOWN -> points || one.equals(other) ? day(year, other, one) : Optional.empty();
    };
  }

  /** Why a cell is not read, and what would do. */
  public static String whyNot(String cell) {
    if (cell.isBlank()) {
      return "the day is missing; write it as 2026-11-24";
    }
    return "'"
        + cell
        + "' is no day, or could be two; write it as 2026-11-24, or give the column a format"
        + " that puts the year first";
  }

  private static Optional<LocalDate> day(String... yearMonthDay) {
    int[] numbers = Arrays.stream(yearMonthDay).mapToInt(Integer::parseInt).toArray();
    try {
      return Optional.of(LocalDate.of(numbers[0], numbers[1], numbers[2]));
    } catch (DateTimeException noDay) {
      return Optional.empty();
    }
  }
}
