package ulnaawl.server.classes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.songs.SongService;
import ulnaawl.song.MusicMatch;

/** The music of a class: songs in the order of the evening, and slower ones to practise to. */
@Component
class ClassMusic {

  private static final int MOST_SLOWER = 3;

  private final DanceService dances;
  private final DanceReader reader;
  private final SongService songs;

  ClassMusic(DanceService dances, DanceReader reader, SongService songs) {
    this.dances = dances;
    this.reader = reader;
    this.songs = songs;
  }

  /** A song that is slower than the dance's own; {@code percent} of the dance's count rate. */
  record Slower(
      long song, String title, @Nullable String artist, int percent, Tempo countsPerMinute) {}

  /**
   * The music of a line.
   *
   * @param start minutes from the start of the class
   * @param song its number in the club's list, where it is there
   * @param seconds how long it lasts
   * @param location where the club has it
   * @param slower songs to practise to, the slowest first; only after a teach
   * @param missing what is not there to play it, in words; nothing where all is there
   */
  record MusicLine(
      long line,
      int start,
      Kind kind,
      long dance,
      String danceTitle,
      @Nullable Long song,
      @Nullable String title,
      @Nullable String artist,
      @Nullable Integer seconds,
      @Nullable String location,
      @Nullable Tempo countsPerMinute,
      List<Slower> slower,
      @Nullable String missing) {}

  /** All of it; {@code seconds} of the songs whose length is known. */
  record MusicOfClass(List<MusicLine> lines, int seconds, int missing) {}

  MusicOfClass of(ClassRow row) {
    List<MusicLine> lines = new ArrayList<>();
    int start = 0;
    for (LineRow line : row.lines()) {
      if (line.kind() != Kind.TEACH) {
        Optional<Long> dance = line.dance().map(DanceVersion::dance);
        if (dance.isPresent()) {
          lines.add(line(row, line, start, dance.get()));
        }
      }
      start += line.minutes();
    }
    int seconds = lines.stream().map(MusicLine::seconds).mapToInt(it -> it == null ? 0 : it).sum();
    int missing = (int) lines.stream().filter(it -> it.missing() != null).count();
    return new MusicOfClass(lines, seconds, missing);
  }

  private MusicLine line(ClassRow row, LineRow line, int start, long dance) {
    ReadDance read = reader.read(dances.get(dance).stepText());
    Optional<Song> own =
        read.dance().headers().songs().stream().findFirst().map(stated -> stated.value());
    Optional<SongRow> listed = own.flatMap(it -> songs.withKey(ListedSong.key(it)));
    Optional<Song> song = listed.map(it -> it.song().song()).or(() -> own);
    return new MusicLine(
        line.id(),
        start,
        line.kind(),
        dance,
        line.title(),
        listed.map(SongRow::id).orElse(null),
        song.map(Song::title).orElse(null),
        song.flatMap(Song::artist).orElse(null),
        song.filter(it -> it.lengthSeconds().isPresent())
            .map(it -> it.lengthSeconds().getAsInt())
            .orElse(null),
        listed.flatMap(it -> it.song().location()).orElse(null),
        song.flatMap(Song::countsPerMinute).orElse(null),
        isTaught(row, dance) ? slower(read) : List.of(),
        missing(song, listed).orElse(null));
  }

  private static boolean isTaught(ClassRow row, long dance) {
    return row.lines().stream()
        .anyMatch(it -> it.kind() == Kind.TEACH && it.isOf(Optional.of(dance)));
  }

  private static Optional<String> missing(Optional<Song> song, Optional<SongRow> listed) {
    if (song.isEmpty()) {
      return Optional.of("The sheet names no song.");
    }
    if (listed.isEmpty()) {
      return Optional.of("This song is not in the club's list.");
    }
    if (song.get().lengthSeconds().isEmpty()) {
      return Optional.of("Nobody wrote down how long it lasts.");
    }
    return Optional.empty();
  }

  private List<Slower> slower(ReadDance read) {
    List<Slower> found = new ArrayList<>();
    for (SongRow row : songs.all()) {
      MusicMatch.of(read.dance(), read.usualLevel(), row.song())
          .filter(it -> it.use() == MusicMatch.Use.PRACTISE && it.percentOfOwn().isPresent())
          .ifPresent(it ->
              found.add(
                  new Slower(
                      row.id(),
                      row.song().song().title(),
                      row.song().song().artist().orElse(null),
                      it.percentOfOwn().getAsInt(),
                      it.countsPerMinute())));
    }
    // One from the slow end, one from the fast end, one between: the rungs of a ladder.
    found.sort(Comparator.comparingInt(Slower::percent).thenComparing(Slower::title));
    if (found.size() <= MOST_SLOWER) {
      return found;
    }
    return List.of(found.getFirst(), found.get(found.size() / 2), found.getLast());
  }

  /** The same as a playlist; what names no song is not in it. */
  String playlist(ClassRow row, GroupRow group) {
    List<ListedSong> list = new ArrayList<>();
    for (LineRow line : row.lines()) {
      if (line.kind() != Kind.TEACH && line.dance().isPresent()) {
        ReadDance read = reader.read(dances.get(line.dance().get().dance()).stepText());
        read.dance().headers().songs().stream()
            .findFirst()
            .map(stated -> stated.value())
            .map(own ->
                songs
                    .withKey(ListedSong.key(own))
                    .map(SongRow::song)
                    .orElseGet(() -> ListedSong.of(own, read.dance().headers().meter())))
            .ifPresent(list::add);
      }
    }
    return SongXspf.write(group.name() + ", " + row.date(), list);
  }
}
