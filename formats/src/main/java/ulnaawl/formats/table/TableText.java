package ulnaawl.formats.table;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Comma-separated values (RFC 4180) with a line of names first. Semicolons and tabs, which some
 * spreadsheets write in place of commas, are read too, and the byte order mark that they begin
 * with. What would be a formula in a spreadsheet is written with an apostrophe before it.
 */
public final class TableText {

  /** Tells spreadsheets that a file is UTF-8. */
  public static final char MARK = '\uFEFF';

  /** A spreadsheet would take a cell that begins like this for a formula. */
  private static final Pattern FORMULA = Pattern.compile("^'*[=+@\\t\\r-]");

  private static final List<Character> SEPARATORS = List.of(',', ';', '\t');

  private TableText() {}

  /** Writes a table. */
  public static String write(List<String> columns, List<List<String>> rows) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
      printer.printRecord(columns);
      for (List<String> row : rows) {
        printer.printRecord(row.stream().map(TableText::guarded).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /**
   * Reads a table.
   *
   * @param most rows that are read; what stands below them is left
   */
  public static Table read(String text, int most) {
    String plain = !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
    CSVFormat format =
        CSVFormat.RFC4180.builder().setDelimiter(separator(plain)).setIgnoreEmptyLines(false).get();
    List<Table.Row> rows = new ArrayList<>();
    boolean isCut = false;
    try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
      long line = 1;
      for (CSVRecord record : parser) {
        if (rows.size() > most) {
          break;
        }
        if (!record.stream().allMatch(String::isBlank)) {
          rows.add(new Table.Row((int) line, record.stream().map(TableText::unguarded).toList()));
        }
        line = parser.getCurrentLineNumber() + 1;
      }
    } catch (IOException | UncheckedIOException e) {
      isCut = true;
    }
    if (rows.isEmpty()) {
      return new Table(0, List.of(), List.of(), isCut);
    }
    Table.Row names = rows.getFirst();
    return new Table(names.line(), names.cells(), rows.subList(1, rows.size()), isCut);
  }

  /** The separator that the first line has most of. */
  private static char separator(String text) {
    String first = text.lines().filter(it -> !it.isBlank()).findFirst().orElse("");
    char best = ',';
    long most = 0;
    for (char separator : SEPARATORS) {
      long times = first.chars().filter(it -> it == separator).count();
      if (times > most) {
        most = times;
        best = separator;
      }
    }
    return best;
  }

  /** An apostrophe before it makes a formula plain text; one more where there are some already. */
  private static String guarded(String cell) {
    return FORMULA.matcher(cell).lookingAt() ? "'" + cell : cell;
  }

  private static String unguarded(String cell) {
    return cell.startsWith("'") && FORMULA.matcher(cell).lookingAt() ? cell.substring(1) : cell;
  }
}
