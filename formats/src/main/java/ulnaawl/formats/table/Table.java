package ulnaawl.formats.table;

import java.util.List;
import java.util.Locale;

/**
 * A table as it was read.
 *
 * @param line where its names stand in the file, from 1; 0 where it has none
 * @param columns their names, in small letters, without spaces around them
 * @param rows what stands below them; no row is blank
 * @param isCut whether a quotation mark is opened and not closed, so that the end was not read
 */
public record Table(int line, List<String> columns, List<Row> rows, boolean isCut) {

  public Table {
    columns = columns.stream().map(it -> it.strip().toLowerCase(Locale.ROOT)).toList();
    rows = List.copyOf(rows);
  }

  /**
   * A row.
   *
   * @param line where it begins in the file, from 1
   * @param cells as many as stand there, which may be fewer than there are columns
   */
  public record Row(int line, List<String> cells) {

    public Row {
      cells = List.copyOf(cells);
    }

    /** What stands in a column, from 0; empty where the row is too short. */
    public String cell(int column) {
      return column < cells.size() ? cells.get(column) : "";
    }
  }

  public boolean has(String column) {
    return columns.contains(column);
  }

  /** What a row has under a name, without spaces around it; empty where there is no such column. */
  public String cell(Row row, String column) {
    int at = columns.indexOf(column);
    return at < 0 ? "" : row.cell(at).strip();
  }

  /** All that stands under a name, from top to bottom. */
  public List<String> column(String column) {
    return rows.stream().map(it -> cell(it, column)).toList();
  }
}
