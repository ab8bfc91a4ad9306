package ulnaawl.server.classes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.songs.SongService;
import ulnaawl.song.EveningSong;
import ulnaawl.song.MusicMatch;
import ulnaawl.words.Speech;

/** The music of a class: songs in the order of the evening, and slower ones to practise to. */
@Component
@RequiredArgsConstructor
class ClassMusic {

  private final DanceService dances;
  private final DanceReader reader;
  private final SongService songs;
  private final Speech speech;

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

  /** A line that is danced to music, and its song. */
  private record Danced(
      LineRow line, int start, long dance, ReadDance read, Optional<SongRow> row) {
    EveningSong song() {
      return EveningSong.of(read.dance(), row.map(SongRow::song));
    }
  }

  private List<Danced> danced(ClassRow row) {
    List<Danced> danced = new ArrayList<>();
    int start = 0;
    for (LineRow line : row.lines()) {
      if (line.kind() != Kind.TEACH && line.dance().isPresent()) {
        long dance = line.dance().get().dance();
        ReadDance read = reader.read(dances.get(dance).stepText());
        Optional<SongRow> listed =
            EveningSong.named(read.dance()).flatMap(it -> songs.withKey(ListedSong.key(it)));
        danced.add(new Danced(line, start, dance, read, listed));
      }
      start += line.minutes();
    }
    return danced;
  }

  MusicOfClass of(ClassRow row) {
    List<MusicLine> lines = danced(row).stream().map(it -> line(row, it)).toList();
    int seconds = lines.stream().map(MusicLine::seconds).mapToInt(it -> it == null ? 0 : it).sum();
    int missing = (int) lines.stream().filter(it -> it.missing() != null).count();
    return new MusicOfClass(lines, seconds, missing);
  }

  private MusicLine line(ClassRow row, Danced danced) {
    EveningSong evening = danced.song();
    Optional<Song> song = evening.song().map(ListedSong::song);
    return new MusicLine(
        danced.line().id(),
        danced.start(),
        danced.line().kind(),
        danced.dance(),
        danced.line().title(),
        danced.row().map(SongRow::id).orElse(null),
        song.map(Song::title).orElse(null),
        song.flatMap(Song::artist).orElse(null),
        song.filter(it -> it.lengthSeconds().isPresent())
            .map(it -> it.lengthSeconds().getAsInt())
            .orElse(null),
        evening.song().flatMap(ListedSong::location).orElse(null),
        song.flatMap(Song::countsPerMinute).orElse(null),
        isTaught(row, danced.dance()) ? slower(danced.read()) : List.of(),
        evening.missing().map(speech.songs()::missing).orElse(null));
  }

  private static boolean isTaught(ClassRow row, long dance) {
    return row.lines().stream()
        .anyMatch(it -> it.kind() == Kind.TEACH && it.isOf(Optional.of(dance)));
  }

  private record Match(SongRow row, MusicMatch match) {}

  private List<Slower> slower(ReadDance read) {
    List<Match> matches =
        songs.all().stream()
            .flatMap(row ->
                MusicMatch.of(read.dance(), read.usualLevel(), row.song()).stream()
                    .map(it -> new Match(row, it)))
            .toList();
    return MusicMatch.rungs(matches, Match::match).stream()
        .map(it ->
            new Slower(
                it.row().id(),
                it.row().song().song().title(),
                it.row().song().song().artist().orElse(null),
                it.match().percentOfOwn().orElseThrow(),
                it.match().countsPerMinute()))
        .toList();
  }

  /** The same as a playlist; what names no song is not in it. */
  String playlist(ClassRow row, GroupRow group) {
    List<ListedSong> list = danced(row).stream().flatMap(it -> it.song().song().stream()).toList();
    return SongXspf.write(group.name() + ", " + row.date(), list);
  }
}
