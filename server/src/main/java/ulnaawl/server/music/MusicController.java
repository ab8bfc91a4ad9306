package ulnaawl.server.music;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.music.MusicView.DanceForSong;
import ulnaawl.server.music.MusicView.SongForDance;
import ulnaawl.server.music.MusicView.SplitCard;
import ulnaawl.server.music.MusicView.SplitView;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.songs.SongService;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MusicMatch;

/** Songs for a dance, dances for a song, and two dances on one floor. */
@RestController
@RequestMapping("/api")
@RequiredArgsConstructor
class MusicController {

  /** The most that is sent of a list of matches. */
  private static final int MOST = 60;

  private final DanceService dances;
  private final DanceReader reader;
  private final SongService songs;
  private final MusicWriter writer;

  private record SongMatch(SongRow row, MusicMatch match) {}

  private record Split(DanceMatch other, FloorSplit split) {}

  private record DanceMatch(DanceRow row, ReadDance read, MusicMatch match) {}

  @GetMapping("/dances/{id}/music")
  @KeepAnswer
  List<SongForDance> songs(@PathVariable long id) {
    ReadDance read = dances.danceable(id);
    List<SongMatch> found = new ArrayList<>();
    for (SongRow row : songs.all()) {
      MusicMatch.of(read.dance(), read.usualLevel(), row.song())
          .ifPresent(match -> found.add(new SongMatch(row, match)));
    }
    return found.stream()
        .sorted(Comparator.comparing(SongMatch::match, MusicMatch.BEST_FIRST))
        .limit(MOST)
        .map(it ->
            new SongForDance(
                it.row().id(),
                it.row().song().song().title(),
                it.row().song().song().artist().orElse(null),
                it.match().own(),
                writer.match(it.match())))
        .toList();
  }

  @GetMapping("/songs/{id}/dances")
  @KeepAnswer
  List<DanceForSong> dances(@PathVariable long id) {
    return matching(songs.get(id)).stream()
        .limit(MOST)
        .map(it ->
            new DanceForSong(
                it.row().id(),
                it.row().title(),
                it.read().usualLevel(),
                it.match().own(),
                writer.match(it.match())))
        .toList();
  }

  /** Dances of another level that share the floor with one. */
  @GetMapping("/songs/{id}/splits")
  @KeepAnswer
  List<SplitCard> splits(@PathVariable long id, @RequestParam long dance) {
    SongRow song = songs.get(id);
    ReadDance first = dances.danceable(dance);
    return matching(song).stream()
        .filter(it -> it.row().id() != dance)
        .filter(it -> FloorSplit.isWorthwhile(first.usualLevel(), it.read().usualLevel()))
        .limit(MOST)
        .map(it -> new Split(it, split(song, first, it)))
        .sorted(Comparator.comparing(Split::split, FloorSplit.ROOMIEST_FIRST))
        .map(it ->
            writer.card(
                it.other().row().id(),
                it.other().row().title(),
                it.other().read().usualLevel(),
                it.split()))
        .toList();
  }

  @GetMapping("/songs/{id}/splits/{first}/{second}")
  @KeepAnswer
  SplitView split(@PathVariable long id, @PathVariable long first, @PathVariable long second) {
    SongRow song = songs.get(id);
    ReadDance one = dances.danceable(first);
    ReadDance other = dances.danceable(second);
    if (one.dance().headers().meter() != other.dance().headers().meter()) {
      throw Problem.rejected("One of the two is a waltz and the other is not.");
    }
    return writer.split(
        one.dance().title(),
        other.dance().title(),
        FloorSplit.of(one.dance(), one.usualLevel(), other.dance(), song.song()));
  }

  private static FloorSplit split(SongRow song, ReadDance first, DanceMatch other) {
    return FloorSplit.of(first.dance(), first.usualLevel(), other.read().dance(), song.song());
  }

  /** The club's dances that go with a song, its own first. */
  private List<DanceMatch> matching(SongRow song) {
    List<DanceMatch> found = new ArrayList<>();
    for (DanceRow row : dances.all()) {
      ReadDance read = reader.read(row.stepText());
      if (read.isSound()) {
        MusicMatch.of(read.dance(), read.usualLevel(), song.song())
            .ifPresent(match -> found.add(new DanceMatch(row, read, match)));
      }
    }
    found.sort(Comparator.comparing(DanceMatch::match, MusicMatch.BEST_FIRST));
    return found;
  }
}
