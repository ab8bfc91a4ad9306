package ulnaawl.formats;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import ulnaawl.formats.table.Table;
import ulnaawl.formats.table.TableText;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;

/**
 * The song list as comma-separated values (RFC 4180), a heading in the first line. Semicolons and
 * tabs, which some spreadsheets write in place of commas, are read too.
 */
public final class SongCsv {

  private SongCsv() {}

  /** Writes a list, with a heading. */
  public static String write(List<ListedSong> songs) {
    return TableText.write(
        Stream.of(SongField.values()).map(SongField::label).toList(),
        songs.stream()
            .map(SongEntry::of)
            .map(words -> Stream.of(SongField.values()).map(words::get).toList())
            .toList());
  }

  /** Reads a list; only a title is needed, other columns may be missing or stand in any order. */
  public static SongList read(String text) {
    return of(TableText.read(text, SongList.MOST + 1));
  }

  /** The songs of a table. */
  public static SongList of(Table table) {
    List<SongList.Entry> songs = new ArrayList<>();
    List<SongList.Fault> faults = new ArrayList<>();
    Map<Integer, SongField> columns = columns(table.columns());
    if (!columns.containsValue(SongField.TITLE) && !table.columns().isEmpty()) {
      faults.add(
          new SongList.Fault(
              1,
              "",
              "The first line names the columns, and one of them is title: title, artist, bpm,"
                  + " count rate, length, intro, meter, style, phrases, where, explicit."));
      return new SongList(songs, faults);
    }
    for (Table.Row row : table.rows()) {
      if (songs.size() >= SongList.MOST) {
        faults.add(tooMany(row.line()));
        break;
      }
      read(row, columns, songs, faults);
    }
    if (table.isCut()) {
      faults.add(
          new SongList.Fault(
              0,
              "",
              "A quotation mark is opened and not closed; what stands behind it is not read."));
    }
    if (songs.isEmpty() && faults.isEmpty()) {
      faults.add(new SongList.Fault(0, "", "There is no song in this file."));
    }
    return new SongList(songs, faults);
  }

  static SongList.Fault tooMany(int line) {
    return new SongList.Fault(
        line, "", "Up to " + SongList.MOST + " songs are read from one file; the rest is not.");
  }

  private static void read(
      Table.Row row,
      Map<Integer, SongField> columns,
      List<SongList.Entry> songs,
      List<SongList.Fault> faults) {
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    columns.forEach((column, field) -> words.put(field, row.cell(column)));
    SongEntry written = new SongEntry(words);
    SongEntry.Read read = written.read();
    read.song().ifPresent(song -> songs.add(new SongList.Entry(row.line(), song)));
    for (SongEntry.Fault fault : read.faults()) {
      String said = fault.field().label() + " '" + shown(written.get(fault.field())) + "': ";
      faults.add(
          new SongList.Fault(
              row.line(), shown(written.get(SongField.TITLE)), said + fault.message()));
    }
  }

  static String shown(String word) {
    return word.length() > 60 ? word.substring(0, 59) + "…" : word;
  }

  private static Map<Integer, SongField> columns(List<String> names) {
    Map<Integer, SongField> columns = new TreeMap<>();
    for (int i = 0; i < names.size(); i++) {
      Optional<SongField> field = SongField.named(names.get(i));
      if (field.isPresent() && !columns.containsValue(field.get())) {
        columns.put(i, field.get());
      }
    }
    return columns;
  }
}
