package ulnaawl.formats.table;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Tables by RFC 4180 and by the habits of spreadsheets. */
public class TableTextTest {

  private static final String[] CELLS = {
    "a", "=1+1", "'x", "'=x", "a,b", "a;b", "say \"hi\"", "two\nlines", "-5", "ü", "@me", "\tt"
  };

  /** The examples of RFC 4180, section 2, rules 5 to 7, under a line of names. */
  @Test
  public void theExamplesOfTheStandardAreRead() {
    String text =
        "one,two,three\r\n"
            + "\"aaa\",\"bbb\",\"ccc\"\r\n"
            + "zzz,yyy,xxx\r\n"
            + "\"aaa\",\"b\r\nbb\",\"ccc\"\r\n"
            + "\"aaa\",\"b\"\"bb\",\"ccc\"";
    Table table = TableText.read(text, 10);
    assertEquals(table.columns(), List.of("one", "two", "three"));
    assertEquals(
        table.rows().stream().map(Table.Row::cells).toList(),
        List.of(
            List.of("aaa", "bbb", "ccc"),
            List.of("zzz", "yyy", "xxx"),
            List.of("aaa", "b\r\nbb", "ccc"),
            List.of("aaa", "b\"bb", "ccc")));
    assertEquals(
        table.rows().stream().map(Table.Row::line).toList(),
        List.of(2, 3, 4, 6),
        "a row with a line break in it takes two lines");
  }

  @Test
  public void anyTableComesBackAsItWas() {
    qt().forAll(longs().all())
        .checkAssert(seed -> {
          Random random = new Random(seed);
          List<String> columns = List.of("title", "b", "c");
          List<List<String>> rows = new ArrayList<>();
          for (int i = 0; i < 5; i++) {
            rows.add(Stream.generate(() -> CELLS[random.nextInt(CELLS.length)]).limit(3).toList());
          }
          Table back = TableText.read(TableText.MARK + TableText.write(columns, rows), 10);
          assertEquals(back.columns(), columns);
          assertEquals(back.rows().stream().map(Table.Row::cells).toList(), rows);
        });
  }

  @Test
  public void noCellIsAFormula() {
    for (String cell : List.of("=1", "+1", "-1", "@a", "\tx", "\rx")) {
      String written = TableText.write(List.of("a"), List.of(List.of(cell)));
      assertTrue(written.contains("'" + cell), written);
    }
  }

  @DataProvider
  public Object[][] columnsOfDays() {
    return new Object[][] {
      {List.of("24.11.2026", "03.04.2026"), day(2026, 11, 24), day(2026, 4, 3)},
      {List.of("24/11/2026", "03/04/2026"), day(2026, 11, 24), day(2026, 4, 3)},
      {List.of("11/24/2026", "03/04/2026"), day(2026, 11, 24), day(2026, 3, 4)},
      {List.of("2026-11-24", "2026-4-3"), day(2026, 11, 24), day(2026, 4, 3)},
      // Nothing says which is the month; where both are the same it does not matter.
      {List.of("04/04/2026", "03/04/2026"), day(2026, 4, 4), Optional.empty()},
      // The column contradicts itself.
      {List.of("24/11/2026", "11/24/2026"), Optional.empty(), Optional.empty()},
      {List.of("31.02.2026", "soon"), Optional.empty(), Optional.empty()},
    };
  }

  private static Optional<LocalDate> day(int year, int month, int day) {
    return Optional.of(LocalDate.of(year, month, day));
  }

  @Test(dataProvider = "columnsOfDays")
  public void aDayIsReadAsItsColumnSaysOrNotAtAll(
      List<String> cells, Optional<LocalDate> first, Optional<LocalDate> second) {
    DayHabit habit = DayHabit.of(cells);
    assertEquals(habit.read(cells.get(0)), first);
    assertEquals(habit.read(cells.get(1)), second);
  }

  @DataProvider
  public Object[][] times() {
    return new Object[][] {
      {"19:30", "19:30"},
      {"9.05", "09:05"},
      {"7:30 pm", "19:30"},
      {"12:15 AM", "00:15"},
      {"19:30:00", "19:30"},
      {"13:00 pm", ""},
      {"24:00", ""},
      {"1930", ""},
      {"", ""},
    };
  }

  @Test(dataProvider = "times")
  public void aTimeIsReadOrNotAtAll(String cell, String time) {
    assertEquals(Cells.time(cell).map(String::valueOf).orElse(""), time);
  }

  @Test
  public void aWeekdayIsReadByItsFirstLetters() {
    assertEquals(Cells.weekday("Thurs."), Optional.of(DayOfWeek.THURSDAY));
    assertEquals(Cells.weekday("tue"), Optional.of(DayOfWeek.TUESDAY));
    assertEquals(Cells.weekday("T"), Optional.empty());
    assertEquals(Cells.weekday("Dienstag"), Optional.empty());
  }
}
