package ulnaawl.server.songs;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.formats.SongCsv;
import ulnaawl.formats.SongList;
import ulnaawl.formats.SongM3u;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;
import ulnaawl.music.SongMerge;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.HistoryService;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.songs.SongImport.Line;
import ulnaawl.server.songs.SongImport.What;

/** The club's songs. */
@Service
@RequiredArgsConstructor
public class SongService {

  private final SongStore store;
  private final HistoryService history;
  private final SongHistory texts;
  private final PeopleNames names;
  private final ApplicationEventPublisher events;
  private final Today today;

  public List<SongRow> all() {
    return store.all();
  }

  /** The song, or a problem that says it is gone. */
  public SongRow get(long id) {
    return store
        .find(id)
        .filter(row -> !row.archived())
        .orElseThrow(() -> Problem.gone("This song is not here; somebody may have removed it."));
  }

  /** The song, archived or not. */
  SongRow ever(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This song has never been here."));
  }

  /** The song of that key ({@link ListedSong#key()}), if the club has it. */
  public Optional<SongRow> withKey(String key) {
    return store.withKey(key);
  }

  @Transactional
  SongRow add(SongEntry entry, SignedIn me) {
    ListedSong song = read(entry);
    refuseTwin(song, 0);
    if (store.count() >= SongList.MOST) {
      throw Problem.rejected("The list is full: it holds " + SongList.MOST + " songs.");
    }
    long id = store.add(song, me.person(), today.moment());
    publish(id, Action.ADDED, me.person(), 0, song);
    return get(id);
  }

  @Transactional
  SongRow change(long id, int version, SongEntry entry, SignedIn me) {
    return write(get(id), version, read(entry), Action.CHANGED, me);
  }

  /** Brings an earlier version back, and the song with it where it is archived. */
  @Transactional
  SongRow bringBack(long id, int version, int to, SignedIn me) {
    SongRow now = ever(id);
    ListedSong song =
        to == now.version() ? now.song() : read(texts.read(history.content(Thing.SONG, id, to)));
    return write(now, version, song, Action.BROUGHT_BACK, me);
  }

  private SongRow write(SongRow now, int version, ListedSong song, Action action, SignedIn me) {
    refuseTwin(song, now.id());
    if (!store.change(now.id(), version, song, me.person(), today.moment())) {
      throw Problem.changed(names.of(now.updatedBy()), "this song");
    }
    publish(now.id(), action, me.person(), version, song);
    return get(now.id());
  }

  private void publish(long id, Action action, PersonId by, int from, ListedSong song) {
    events.publishEvent(
        Change.next(Thing.SONG, id, action, by, from, song.song().title()).with(texts.write(song)));
  }

  @Transactional
  void archive(long id, int version, SignedIn me) {
    SongRow now = get(id);
    if (!store.archive(id, version)) {
      throw Problem.changed(names.of(now.updatedBy()), "this song");
    }
    events.publishEvent(
        Change.archived(Thing.SONG, id, me.person(), version, now.song().song().title()));
  }

  /**
   * Takes over a list: new songs are added, blanks of known ones filled, nothing is overwritten.
   *
   * @param doIt whether it is done; else it is only told what would be
   */
  @Transactional
  public SongImport importList(String text, boolean doIt, SignedIn me) {
    SongList list = list(text);
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
    if (doIt) {
      wanted.forEach((key, song) -> {
        SongRow row = known.get(key);
        if (row == null) {
          publish(
              store.add(song, me.person(), today.moment()), Action.IMPORTED, me.person(), 0, song);
        } else if (store.change(row.id(), row.version(), song, me.person(), today.moment())) {
          publish(row.id(), Action.IMPORTED, me.person(), row.version(), song);
        }
      });
    }
    return SongImport.of(doIt, lines);
  }

  private static SongList list(String text) {
    if (text.stripLeading().startsWith("<")) {
      return SongXspf.read(text);
    }
    return SongM3u.is(text) ? SongM3u.read(text) : SongCsv.read(text);
  }

  /**
   * Takes over one song as a list of it would be: it is added, or blanks of the known one filled.
   *
   * @return its row, and the version before; 0 where it is new
   */
  @Transactional
  Merged merge(ListedSong song, SignedIn me) {
    Optional<SongRow> known = store.withKey(song.key());
    if (known.isEmpty()) {
      if (store.count() >= SongList.MOST) {
        throw Problem.rejected("The list is full: it holds " + SongList.MOST + " songs.");
      }
      long id = store.add(song, me.person(), today.moment());
      publish(id, Action.IMPORTED, me.person(), 0, song);
      return new Merged(get(id), 0);
    }
    SongRow row = known.get();
    ListedSong merged = SongMerge.of(row.song(), song).song();
    if (!store.change(row.id(), row.version(), merged, me.person(), today.moment())) {
      throw Problem.changed(names.of(row.updatedBy()), "this song");
    }
    publish(row.id(), Action.IMPORTED, me.person(), row.version(), merged);
    return new Merged(get(row.id()), row.version());
  }

  /** A song that was taken over, and its version before. */
  record Merged(SongRow row, int before) {}

  static Line line(
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
                    + SongEntry.of(now).get(it)
                    + " stays, the file says "
                    + SongEntry.of(song).get(it))
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

  private static ListedSong read(SongEntry entry) {
    SongEntry.Read read = entry.read();
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
