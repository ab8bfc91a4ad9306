package ulnaawl.server.music;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.Dance;
import ulnaawl.music.ListedSong;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.music.MusicView.DanceForSong;
import ulnaawl.server.music.MusicView.MatchView;
import ulnaawl.server.music.MusicView.SongForDance;
import ulnaawl.server.music.MusicView.SplitCard;
import ulnaawl.server.music.MusicView.SplitView;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.songs.SongService;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MusicMatch;

/** Songs for a dance, dances for a song, and two dances on one floor. */
@RestController
@RequestMapping("/api")
class MusicController {

  /** The most that is sent of a list of matches. */
  private static final int MOST = 60;

  private final DanceService dances;
  private final DanceReader reader;
  private final SongService songs;

  MusicController(DanceService dances, DanceReader reader, SongService songs) {
    this.dances = dances;
    this.reader = reader;
    this.songs = songs;
  }

  @GetMapping("/dances/{id}/music")
  List<SongForDance> songs(@PathVariable long id) {
    ReadDance read = dances.danceable(id);
    List<SongForDance> found = new ArrayList<>();
    for (SongRow row : songs.all()) {
      boolean own = isOwn(read.dance(), row.song());
      MusicMatch.of(read.dance(), read.usualLevel(), row.song())
          .ifPresent(match ->
              found.add(
                  new SongForDance(
                      row.id(),
                      row.song().song().title(),
                      row.song().song().artist().orElse(null),
                      own,
                      MatchView.of(match))));
    }
    found.sort(
        Comparator.comparing((SongForDance it) -> !it.own())
            .thenComparingInt(it -> -it.match().score()));
    return found.stream().limit(MOST).toList();
  }

  @GetMapping("/songs/{id}/dances")
  List<DanceForSong> dances(@PathVariable long id) {
    return matching(songs.get(id)).stream()
        .map(it ->
            new DanceForSong(
                it.id(),
                it.read().dance().title(),
                it.read().usualLevel().label(),
                it.own(),
                MatchView.of(it.match())))
        .limit(MOST)
        .toList();
  }

  /** Dances of another level that share the floor with one. */
  @GetMapping("/songs/{id}/splits")
  List<SplitCard> splits(@PathVariable long id, @RequestParam long dance) {
    SongRow song = songs.get(id);
    ReadDance first = dances.danceable(dance);
    return matching(song).stream()
        .filter(it -> it.id() != dance)
        .filter(it -> it.read().usualLevel() != first.usualLevel())
        .limit(MOST)
        .map(it -> card(song, first, it))
        .sorted(
            Comparator.comparingInt((SplitCard it) -> it.extra())
                .thenComparingInt(it -> -it.nearest()))
        .toList();
  }

  @GetMapping("/songs/{id}/splits/{first}/{second}")
  SplitView split(@PathVariable long id, @PathVariable long first, @PathVariable long second) {
    SongRow song = songs.get(id);
    ReadDance one = dances.danceable(first);
    ReadDance other = dances.danceable(second);
    if (one.dance().headers().meter() != other.dance().headers().meter()) {
      throw Problem.rejected("One of the two is a waltz and the other is not.");
    }
    return SplitView.of(
        one.dance().title(),
        other.dance().title(),
        FloorSplit.of(one.dance(), one.usualLevel(), other.dance(), song.song()));
  }

  private SplitCard card(SongRow song, ReadDance first, Matching other) {
    FloorSplit split =
        FloorSplit.of(first.dance(), first.usualLevel(), other.read().dance(), song.song());
    FloorSplit.Arrangement best = split.arrangements().getFirst();
    return new SplitCard(
        other.id(),
        other.read().dance().title(),
        other.read().usualLevel().label(),
        split.verdict().words(),
        best.extraCentimetres(),
        best.nearestCentimetres(),
        best.how().words(),
        split.sameFacing());
  }

  private record Matching(long id, ReadDance read, boolean own, MusicMatch match) {}

  /** The club's dances that go with a song, its own first. */
  private List<Matching> matching(SongRow song) {
    List<Matching> found = new ArrayList<>();
    for (DanceRow row : dances.all()) {
      ReadDance read = reader.read(row.stepText());
      if (read.isSound()) {
        Optional<MusicMatch> match = MusicMatch.of(read.dance(), read.usualLevel(), song.song());
        match.ifPresent(
            it -> found.add(new Matching(row.id(), read, isOwn(read.dance(), song.song()), it)));
      }
    }
    found.sort(
        Comparator.comparing((Matching it) -> !it.own())
            .thenComparingInt(it -> -it.match().score()));
    return found;
  }

  private static boolean isOwn(Dance dance, ListedSong song) {
    return dance.headers().songs().stream()
        .anyMatch(stated -> ListedSong.key(stated.value()).equals(song.key()));
  }
}
