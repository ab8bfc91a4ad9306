package ulnaawl.formats;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;

/**
 * The song list as comma-separated values (RFC 4180), a heading in the first line. Semicolons and
 * tabs, which some spreadsheets write in place of commas, are read too.
 */
public final class SongCsv {

  private static final char MARK = '\uFEFF';

  /** A spreadsheet would take a cell that begins like this for a formula. */
  private static final Pattern FORMULA = Pattern.compile("'*[=+@\\t\\r-]");

  private static final List<Character> SEPARATORS = List.of(',', ';', '\t');

  private SongCsv() {}

  /** Writes a list, with a heading. */
  public static String write(List<ListedSong> songs) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
      printer.printRecord(Stream.of(SongField.values()).map(SongField::label).toList());
      for (ListedSong song : songs) {
        SongEntry words = SongEntry.of(song);
        printer.printRecord(
            Stream.of(SongField.values()).map(words::get).map(SongCsv::guarded).toList());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  /** Reads a list; only a title is needed, other columns may be missing or stand in any order. */
  public static SongList read(String text) {
    String plain = !text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text;
    List<SongList.Entry> songs = new ArrayList<>();
    List<SongList.Fault> faults = new ArrayList<>();
    CSVFormat format =
        CSVFormat.RFC4180.builder().setDelimiter(separator(plain)).setIgnoreEmptyLines(false).get();
    try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
      Map<Integer, SongField> columns = new TreeMap<>();
      long line = 1;
      for (CSVRecord record : parser) {
        boolean blank = record.stream().allMatch(String::isBlank);
        if (blank) {
          // An empty line.
        } else if (columns.isEmpty()) {
          columns.putAll(columns(record));
          if (!columns.containsValue(SongField.TITLE)) {
            faults.add(
                new SongList.Fault(
                    1,
                    "",
                    "The first line names the columns, and one of them is title: title, artist,"
                        + " bpm, count rate, length, intro, meter, style, phrases, where,"
                        + " explicit."));
            break;
          }
        } else if (songs.size() >= SongList.MOST) {
          faults.add(tooMany((int) line));
          break;
        } else {
          read(record, columns, (int) line, songs, faults);
        }
        line = parser.getCurrentLineNumber() + 1;
      }
    } catch (IOException | UncheckedIOException e) {
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
      CSVRecord record,
      Map<Integer, SongField> columns,
      int line,
      List<SongList.Entry> songs,
      List<SongList.Fault> faults) {
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    columns.forEach((column, field) -> {
      if (column < record.size()) {
        words.put(field, unguarded(record.get(column)));
      }
    });
    SongEntry written = new SongEntry(words);
    SongEntry.Read read = written.read();
    read.song().ifPresent(song -> songs.add(new SongList.Entry(line, song)));
    for (SongEntry.Fault fault : read.faults()) {
      String said = fault.field().label() + " '" + shown(written.get(fault.field())) + "': ";
      faults.add(
          new SongList.Fault(line, shown(written.get(SongField.TITLE)), said + fault.message()));
    }
  }

  static String shown(String word) {
    return word.length() > 60 ? word.substring(0, 59) + "…" : word;
  }

  private static Map<Integer, SongField> columns(CSVRecord heading) {
    Map<Integer, SongField> columns = new TreeMap<>();
    for (int i = 0; i < heading.size(); i++) {
      Optional<SongField> field = SongField.named(heading.get(i).toLowerCase(Locale.ROOT));
      if (field.isPresent() && !columns.containsValue(field.get())) {
        columns.put(i, field.get());
      }
    }
    return columns;
  }

  /** The separator that the first line has most of. */
  private static char separator(String text) {
    String first = text.lines().findFirst().orElse("");
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
