package ulnaawl.server.songs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.formats.SongCsv;
import ulnaawl.formats.SongList;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongField;
import ulnaawl.music.SongMerge;
import ulnaawl.music.SongWords;
import ulnaawl.server.platform.Change;
import ulnaawl.server.platform.InstructorOnly;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;
import ulnaawl.server.songs.SongImport.Line;
import ulnaawl.server.songs.SongImport.What;

/** The club's songs. */
@Service
public class SongService {

  private final SongStore store;
  private final ApplicationEventPublisher events;
  private final Today today;

  SongService(SongStore store, ApplicationEventPublisher events, Today today) {
    this.store = store;
    this.events = events;
    this.today = today;
  }

  public List<SongRow> all() {
    return store.all();
  }

  /** The song, or a problem that says it is gone. */
  public SongRow get(long id) {
    return store
        .find(id)
        .orElseThrow(() -> Problem.gone("This song is not here; somebody may have removed it."));
  }

  /** The song of that key ({@link ListedSong#key()}), if the club has it. */
  public Optional<SongRow> withKey(String key) {
    return store.withKey(key);
  }

  @InstructorOnly
  @Transactional
  SongRow add(SongWords words, SignedIn me) {
    ListedSong song = read(words);
    refuseTwin(song, 0);
    if (store.count() >= SongList.MOST) {
      throw Problem.rejected("The list is full: it holds " + SongList.MOST + " songs.");
    }
    long id = store.add(song, me.name(), today.moment());
    events.publishEvent(new Change(me.name(), "added the song", song.song().title()));
    return get(id);
  }

  @InstructorOnly
  @Transactional
  SongRow change(long id, int version, SongWords words, SignedIn me) {
    SongRow now = get(id);
    ListedSong song = read(words);
    refuseTwin(song, id);
    if (!store.change(id, version, song, me.name(), today.moment())) {
      throw Problem.conflict(
          now.updatedBy()
              + " has changed this song in the meantime. What you entered is still here; look at the"
              + " song again in another window and put both together.");
    }
    events.publishEvent(new Change(me.name(), "changed the song", song.song().title()));
    return get(id);
  }

  @InstructorOnly
  @Transactional
  void remove(long id, int version, SignedIn me) {
    SongRow now = get(id);
    if (!store.remove(id, version)) {
      throw Problem.conflict(
          now.updatedBy() + " has changed this song in the meantime; look at it again first.");
    }
    events.publishEvent(new Change(me.name(), "removed the song", now.song().song().title()));
  }

  /**
   * Takes over a list: new songs are added, blanks of known ones filled, nothing is overwritten.
   *
   * @param keep whether it is done; else it is only told what would be
   */
  @InstructorOnly
  @Transactional
  SongImport take(String text, boolean keep, SignedIn me) {
    return takeFor(text, keep, me.name());
  }

  /** Takes over a list without a role check, for the demo club. */
  @Transactional
  public SongImport takeFor(String text, boolean keep, String by) {
    SongList list = text.stripLeading().startsWith("<") ? SongXspf.read(text) : SongCsv.read(text);
    Map<String, SongRow> known = new LinkedHashMap<>();
    store.all().forEach(row -> known.put(row.song().key(), row));
    Map<String, ListedSong> wanted = new LinkedHashMap<>();
    List<Line> lines = new ArrayList<>();
    for (SongList.Entry entry : list.songs()) {
      lines.add(line(entry, known, wanted));
    }
    for (SongList.Fault fault : list.faults()) {
      lines.add(new Line(fault.line(), fault.title(), "", What.FAULT, fault.message()));
    }
    long added = wanted.keySet().stream().filter(key -> !known.containsKey(key)).count();
    if (known.size() + added > SongList.MOST) {
      throw Problem.rejected(
          "The list holds "
              + SongList.MOST
              + " songs; it has "
              + known.size()
              + ", and this file has "
              + added
              + " more.");
    }
    if (keep) {
      wanted.forEach((key, song) -> {
        SongRow row = known.get(key);
        if (row == null) {
          store.add(song, by, today.moment());
        } else {
          store.change(row.id(), row.version(), song, by, today.moment());
        }
      });
      events.publishEvent(new Change(by, "imported songs", wanted.size() + " added or filled in"));
    }
    return SongImport.of(keep, lines);
  }

  private static Line line(
      SongList.Entry entry, Map<String, SongRow> known, Map<String, ListedSong> wanted) {
    ListedSong song = entry.song();
    String title = song.song().title();
    String artist = song.song().artist().orElse("");
    SongRow row = known.get(song.key());
    ListedSong earlier = wanted.get(song.key());
    ListedSong now = earlier == null && row != null ? row.song() : earlier;
    if (now == null) {
      wanted.put(song.key(), song);
      return new Line(entry.line(), title, artist, What.NEW, "");
    }
    SongMerge merge = SongMerge.of(now, song);
    String differing =
        merge.differing().stream()
            .map(it ->
                it.label()
                    + ": "
                    + SongWords.of(now).get(it)
                    + " stays, the file says "
                    + SongWords.of(song).get(it))
            .collect(Collectors.joining("; "));
    if (merge.filled().isEmpty()) {
      What what = differing.isEmpty() ? What.SAME : What.DIFFERS;
      return new Line(entry.line(), title, artist, what, differing);
    }
    wanted.put(song.key(), merge.song());
    String filled = merge.filled().stream().map(SongField::label).collect(Collectors.joining(", "));
    return new Line(
        entry.line(),
        title,
        artist,
        What.FILLED,
        "filled in: " + filled + (differing.isEmpty() ? "" : "; " + differing));
  }

  private static ListedSong read(SongWords words) {
    SongWords.Read read = words.read();
    return read.song()
        .orElseThrow(() ->
            Problem.rejected(
                read.faults().stream()
                    .map(fault -> fault.field().label() + ": " + fault.message())
                    .collect(Collectors.joining(" "))));
  }

  private void refuseTwin(ListedSong song, long own) {
    Optional<SongRow> twin = store.withKey(song.key()).filter(row -> row.id() != own);
    if (twin.isPresent()) {
      String by = song.song().artist().map(it -> " by " + it).orElse("");
      throw Problem.conflict(song.song().title() + by + " is in the list already.");
    }
  }
}
