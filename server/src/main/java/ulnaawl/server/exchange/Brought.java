package ulnaawl.server.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import ulnaawl.formats.intake.Content;
import ulnaawl.formats.intake.Part;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.Table;
import ulnaawl.server.exchange.Found.Where;

/** All files that came at once, bundles unpacked. */
public record Brought(List<Part> parts) {

  public Brought {
    parts = List.copyOf(parts);
  }

  /** A file of some kind, with its number. */
  public record Numbered<C extends Content>(int part, C content) {}

  /** The files of one kind. */
  public <C extends Content> List<Numbered<C>> of(Class<C> kind) {
    List<Numbered<C>> found = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      if (kind.isInstance(parts.get(i).content())) {
        found.add(new Numbered<>(i, kind.cast(parts.get(i).content())));
      }
    }
    return found;
  }

  /** A row of a table, with where it stands. */
  public record TableRow(Where spot, Table table, Table.Row row) {
    public String cell(String column) {
      return table.cell(row, column);
    }
  }

  /** What stands in the rows of all tables of a kind. */
  public List<Found> rows(ClubTable kind, Function<TableRow, Found> read) {
    List<Found> found = new ArrayList<>();
    for (Numbered<Content.Rows> one : of(Content.Rows.class)) {
      if (one.content().kind() == kind) {
        Table table = one.content().table();
        table
            .rows()
            .forEach(row ->
                found.add(read.apply(new TableRow(new Where(one.part(), row.line()), table, row))));
      }
    }
    return found;
  }
}
