package ulnaawl.formats;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;

/**
 * The song list as an extended M3U playlist in UTF-8: what every player reads. There is no standard
 * of it; {@code #EXTINF:seconds,artist - title} before a file is common practice, no source. It
 * carries title, artist, length and file, and nothing else that a song has.
 */
public final class SongM3u {

  private static final String FIRST = "#EXTM3U";
  private static final Pattern INFO = Pattern.compile("#EXTINF:\\s*(-?\\d{1,6})[^,]*,(.*)");
  private static final String PARTED = " - ";

  private SongM3u() {}

  /** Whether a text is such a playlist, by its first line. */
  public static boolean is(String text) {
    return text.stripLeading().startsWith(FIRST);
  }

  /** Writes a playlist; a song whose file is not known stands under its own name. */
  public static String write(List<ListedSong> songs) {
    StringBuilder text = new StringBuilder(FIRST).append('\n');
    for (ListedSong song : songs) {
      SongEntry words = SongEntry.of(song);
      String artist = song.song().artist().map(it -> it + PARTED).orElse("");
      String name = line(artist + song.song().title());
      String file = line(words.get(SongField.LOCATION));
      text.append("#EXTINF:")
          .append(song.song().lengthSeconds().orElse(-1))
          .append(',')
          .append(name)
          .append('\n')
          .append(file.isEmpty() || file.startsWith("#") ? name.replace('/', '-') : file)
          .append('\n');
    }
    return text.toString();
  }

  private static String line(String text) {
    return text.replaceAll("[\\p{Cntrl}]+", " ").strip();
  }

  /** Reads a playlist of any program. */
  public static SongList read(String text) {
    List<SongList.Entry> songs = new ArrayList<>();
    List<SongList.Fault> faults = new ArrayList<>();
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    int number = 0;
    for (String written : text.lines().toList()) {
      number++;
      String line = written.strip();
      Matcher info = INFO.matcher(line);
      if (info.matches()) {
        words.clear();
        info(info, words);
      } else if (!line.isEmpty() && !line.startsWith("#")) {
        if (songs.size() >= SongList.MOST) {
          faults.add(SongCsv.tooMany(number));
          break;
        }
        song(line, number, words, songs, faults);
        words.clear();
      }
    }
    if (songs.isEmpty() && faults.isEmpty()) {
      faults.add(new SongList.Fault(0, "", "There is no song in this playlist."));
    }
    return new SongList(songs, faults);
  }

  private static void info(Matcher info, Map<SongField, String> words) {
    if (Integer.parseInt(info.group(1)) > 0) {
      words.put(SongField.LENGTH, info.group(1));
    }
    String name = info.group(2).strip();
    int parted = name.indexOf(PARTED);
    if (parted > 0) {
      words.put(SongField.ARTIST, name.substring(0, parted).strip());
      words.put(SongField.TITLE, name.substring(parted + PARTED.length()).strip());
    } else {
      words.put(SongField.TITLE, name);
    }
  }

  private static void song(
      String path,
      int line,
      Map<SongField, String> words,
      List<SongList.Entry> songs,
      List<SongList.Fault> faults) {
    String file = path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    int longest = SongField.LOCATION.longest();
    words.put(SongField.LOCATION, file.length() > longest ? file.substring(0, longest) : file);
    if (words.getOrDefault(SongField.TITLE, "").isBlank()) {
      words.put(SongField.TITLE, file.replaceFirst("\\.\\w{1,5}$", ""));
    }
    SongEntry.Read read = new SongEntry(words).read();
    read.song().ifPresent(song -> songs.add(new SongList.Entry(line, song)));
    for (SongEntry.Fault fault : read.faults()) {
      faults.add(
          new SongList.Fault(
              line,
              SongCsv.shown(words.getOrDefault(SongField.TITLE, "")),
              fault.field().label() + ": " + fault.message()));
    }
  }
}
