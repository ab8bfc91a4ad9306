package ulnaawl.server.songs;

import static ulnaawl.server.tables.Tables.SONG;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import ulnaawl.music.CountRate;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Meter;
import ulnaawl.music.Song;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.SongRecord;

/** Songs in the database. */
@Repository
@RequiredArgsConstructor
class SongStore implements ReadsAll {

  private static final VersionedStore<SongRecord> ROWS =
      new VersionedStore<>(SONG.ID, SONG.VERSION, SONG.ACTIVE);

  private final DSLContext database;

  List<SongRow> all() {
    return database
        .selectFrom(SONG)
        .where(SONG.ACTIVE.isTrue())
        .orderBy(SONG.SONG_KEY, SONG.ID)
        .fetch(SongStore::row);
  }

  int count() {
    return database.fetchCount(SONG, SONG.ACTIVE.isTrue());
  }

  Optional<SongRow> find(long id) {
    return database.selectFrom(SONG).where(SONG.ID.eq(id)).fetchOptional(SongStore::row);
  }

  Optional<SongRow> withKey(String key) {
    return database
        .selectFrom(SONG)
        .where(SONG.SONG_KEY.eq(key).and(SONG.ACTIVE.isTrue()))
        .fetchOptional(SongStore::row);
  }

  long add(ListedSong song, PersonId by, LocalDateTime at) {
    return ROWS.add(database, values(song, by, at));
  }

  /** Whether the song still had that version, and so was changed; an archived one comes back. */
  boolean change(long id, int version, ListedSong song, PersonId by, LocalDateTime at) {
    return ROWS.changeAndShow(database, id, version, values(song, by, at));
  }

  /** Whether the song still had that version and was in sight, and so was archived. */
  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  private static SongRecord values(ListedSong listed, PersonId by, LocalDateTime at) {
    Song song = listed.song();
    SongRecord values = new SongRecord();
    values.setSongKey(listed.key());
    values.setTitle(song.title());
    values.set(SONG.ARTIST, song.artist().orElse(null));
    values.set(SONG.MILLI_BPM, song.bpm().map(Tempo::milliBpm).orElse(null));
    values.setCountRate(song.rate().name());
    values.set(SONG.SECONDS, nullable(song.lengthSeconds()));
    values.set(SONG.INTRO, nullable(listed.intro()));
    values.setMeter(listed.meter().name());
    values.set(SONG.STYLE, listed.style().orElse(null));
    values.set(SONG.PHRASES, listed.phrases().isKnown() ? listed.phrases().label() : null);
    values.set(SONG.LOCATION, listed.location().orElse(null));
    values.setExplicitWords(listed.explicitWords());
    values.setUpdatedBy(by);
    values.setUpdatedAt(at);
    return values;
  }

  private static SongRow row(SongRecord row) {
    Song song =
        new Song(
            row.getTitle(),
            Optional.ofNullable(row.getArtist()),
            Optional.ofNullable(row.getMilliBpm()).map(Tempo::new),
            optional(row.getSeconds()),
            CountRate.valueOf(row.getCountRate()));
    ListedSong listed =
        new ListedSong(
            song,
            optional(row.getIntro()),
            Meter.valueOf(row.getMeter()),
            Optional.ofNullable(row.getStyle()),
            SongPhrases.parse(row.getPhrases() == null ? "" : row.getPhrases()),
            Optional.ofNullable(row.getLocation()),
            row.getExplicitWords());
    return new SongRow(
        row.getId(),
        listed,
        row.getVersion(),
        row.getUpdatedBy(),
        row.getUpdatedAt(),
        row.getActive() == null);
  }

  private static @Nullable Integer nullable(OptionalInt number) {
    return number.isPresent() ? Integer.valueOf(number.getAsInt()) : null;
  }

  private static OptionalInt optional(@Nullable Integer number) {
    return number == null ? OptionalInt.empty() : OptionalInt.of(number);
  }

  @Override
  public void readAll() {
    all();
  }
}
