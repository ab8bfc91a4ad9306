package ulnaawl.server.songs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.SongList;
import ulnaawl.formats.intake.Content;
import ulnaawl.music.ListedSong;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.exchange.Found;
import ulnaawl.server.exchange.Found.Where;
import ulnaawl.server.exchange.Incoming;
import ulnaawl.server.exchange.Kind;
import ulnaawl.server.exchange.Taken;

/** Songs of tables and playlists; blanks of known ones are filled, nothing is overwritten. */
@Component
@RequiredArgsConstructor
class SongsIn implements Incoming {

  private final SongService songs;

  @Override
  public Kind kind() {
    return Kind.SONGS;
  }

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    Map<String, SongRow> known = new LinkedHashMap<>();
    songs.all().forEach(row -> known.put(row.song().key(), row));
    Map<String, ListedSong> wanted = new LinkedHashMap<>();
    List<Found> found = new ArrayList<>();
    for (Brought.Numbered<Content.Songs> one : brought.of(Content.Songs.class)) {
      for (SongList.Entry entry : one.content().list().songs()) {
        found.add(found(one.part(), entry, SongService.line(entry, known, wanted)));
      }
      for (SongList.Fault fault : one.content().list().faults()) {
        found.add(new Where(one.part(), fault.line()).unreadable(fault.title(), fault.message()));
      }
    }
    return found;
  }

  private Found found(int part, SongList.Entry entry, SongImport.Line line) {
    String by = line.artist().isEmpty() ? "" : " by " + line.artist();
    String title = line.title() + by;
    Where spot = new Where(part, entry.line());
    Found.Take take = me -> take(entry.song(), me);
    return switch (line.what()) {
      case NEW -> spot.fresh(title, line.note(), take);
      case FILLED -> spot.changed(title, line.note(), take);
      case SAME -> spot.same(title, "");
      case DIFFERS -> spot.conflict(title, line.note());
      case FAULT -> spot.unreadable(title, line.note());
    };
  }

  private Taken take(ListedSong song, SignedIn me) {
    SongService.Merged merged = songs.merge(song, me);
    return new Taken(merged.row().id(), merged.before(), merged.row().version());
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    long id = taken.id();
    SongRow now = songs.ever(id);
    return now.archived()
        ? Optional.empty()
        : taken.undo(
            now.version(),
            now.song().song().title(),
            () -> songs.archive(id, taken.to(), me),
            () -> songs.bringBack(id, taken.to(), taken.from(), me));
  }
}
