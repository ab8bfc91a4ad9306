package ulnaawl.formats.intake;

import ulnaawl.formats.SongList;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.Table;

/** What a file holds, as far as the file itself says. */
public sealed interface Content {

  /** Words: step text, or the text of a printed sheet. */
  record Words(String text) implements Content {}

  /** A table with the columns of one of a club's. */
  record Rows(ClubTable kind, Table table) implements Content {}

  /** A list of songs, of whatever format. */
  record Songs(SongList list) implements Content {}

  /** A calendar, as its text. */
  record Events(String text) implements Content {}

  /**
   * Nothing that can be read.
   *
   * @param why and what would do; a sentence
   */
  record Refused(String why) implements Content {}
}
