package ulnaawl.server.songs;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import ulnaawl.music.CountRate;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Meter;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.TapTempo;
import ulnaawl.music.Tempo;
import ulnaawl.people.PersonId;
import ulnaawl.server.wire.SongView;

/** What is sent of songs. */
final class SongShapes {

  private SongShapes() {}

  /**
   * A song of the list; the moment is in universal time.
   *
   * @param location where the club has it
   */
  record SongCard(
      long id,
      int version,
      SongView song,
      @Nullable Integer intro,
      Meter meter,
      @Nullable String style,
      String phrases,
      @Nullable String location,
      boolean explicitWords,
      PersonId updatedBy,
      LocalDateTime updatedAt) {

    static SongCard of(SongRow row) {
      ListedSong listed = row.song();
      return new SongCard(
          row.id(),
          row.version(),
          SongView.of(listed.song()),
          listed.intro().isPresent() ? Integer.valueOf(listed.intro().getAsInt()) : null,
          listed.meter(),
          listed.style().orElse(null),
          listed.phrases().label(),
          listed.location().orElse(null),
          listed.explicitWords(),
          row.updatedBy(),
          row.updatedAt());
    }
  }

  /** A song as it is typed into a form; what is blank is not known. */
  record SongDraft(
      @NotNull String title,
      @NotNull String artist,
      @NotNull String bpm,
      @NotNull String countRate,
      @NotNull String length,
      @NotNull String intro,
      @NotNull String meter,
      @NotNull String style,
      @NotNull String phrases,
      @NotNull String location,
      boolean explicitWords,
      int version) {

    SongEntry entry() {
      Map<SongField, String> words = new EnumMap<>(SongField.class);
      words.put(SongField.TITLE, title);
      words.put(SongField.ARTIST, artist);
      words.put(SongField.BPM, bpm);
      words.put(SongField.RATE, countRate);
      words.put(SongField.LENGTH, length);
      words.put(SongField.INTRO, intro);
      words.put(SongField.METER, meter);
      words.put(SongField.STYLE, style);
      words.put(SongField.PHRASES, phrases);
      words.put(SongField.LOCATION, location);
      words.put(SongField.EXPLICIT, explicitWords ? "yes" : "no");
      return new SongEntry(words);
    }
  }

  /**
   * A song that is being entered, and what was marked by ear in its sound file.
   *
   * @param firstBeatMillis when its counting begins
   * @param firstStepMillis when the dance begins
   */
  record SongToCheck(
      @NotNull @Valid SongDraft draft,
      @Nullable @Min(0) Long firstBeatMillis,
      @Nullable @Min(0) Long firstStepMillis) {}

  /** Why a field cannot be taken. */
  record FieldFault(SongField field, String message) {}

  /**
   * What an entry says so far.
   *
   * @param countsPerMinute as danced, where the bpm is known
   * @param phrases counts of each phrase
   * @param introCounts counts between what was marked
   */
  record SongReading(
      List<FieldFault> faults,
      @Nullable Tempo countsPerMinute,
      List<Integer> phrases,
      int phraseCounts,
      @Nullable Long introCounts) {

    static SongReading of(SongToCheck check) {
      SongEntry.Read read = check.draft().entry().read();
      Optional<ListedSong> song = read.song();
      Optional<Tempo> counts = song.flatMap(it -> it.song().countsPerMinute());
      SongPhrases phrases = song.map(ListedSong::phrases).orElse(SongPhrases.UNKNOWN);
      Long beat = check.firstBeatMillis();
      Long step = check.firstStepMillis();
      return new SongReading(
          read.faults().stream().map(it -> new FieldFault(it.field(), it.message())).toList(),
          counts.orElse(null),
          phrases.counts(),
          phrases.total(),
          beat == null || step == null
              ? null
              : counts.map(it -> it.nearestCounts(Math.max(0, step - beat))).orElse(null));
    }
  }

  /** A list to import: the text of a CSV or XSPF file. */
  record SongFile(@NotNull @Size(max = MOST_CHARACTERS) String text, boolean doIt) {}

  /** The most characters of a list; a request has a limit in bytes besides. */
  static final int MOST_CHARACTERS = 500_000;

  /**
   * When taps came, in milliseconds from any start, and the printed beats a minute of the song,
   * where known.
   */
  record Taps(
      @NotNull @Size(max = 500) List<@NotNull Long> millis,
      @Nullable @Size(max = 20) String printed) {

    /** How the printed beats are counted, if these taps are the counts. */
    Optional<CountRate> rate(TapTempo taps) {
      Map<SongField, String> words = new EnumMap<>(SongField.class);
      words.put(SongField.TITLE, "?");
      words.put(SongField.BPM, printed == null ? "" : printed);
      return new SongEntry(words)
          .read()
          .song()
          .flatMap(song -> song.song().bpm())
          .flatMap(taps::against);
    }
  }

  /**
   * The tempo of taps; empty fields while there are too few.
   *
   * @param more taps that are still needed
   * @param countRate how the printed beats are counted, if these taps are the counts
   */
  record TapView(
      int more,
      @Nullable String bpm,
      @Nullable String half,
      @Nullable String twice,
      int beats,
      int used,
      int missed,
      int left,
      int spreadMillis,
      @Nullable String uncertain,
      @Nullable CountRate countRate) {

    static TapView of(TapTempo taps, Optional<CountRate> rate) {
      return new TapView(
          0,
          tenth(taps.tempo().milliBpm()),
          tenth(taps.tempo().milliBpm() / 2),
          tenth(taps.tempo().milliBpm() * 2),
          taps.beats(),
          taps.used(),
          taps.missed(),
          taps.left(),
          taps.spreadMillis(),
          tenth(Math.max(100, taps.uncertainMilliBpm())),
          rate.orElse(null));
    }

    static TapView none(List<Long> millis) {
      return new TapView(TapTempo.missing(millis), null, null, null, 0, 0, 0, 0, 0, null, null);
    }

    /** Tenths of a beat a minute; a finger tells no more. */
    private static String tenth(int milli) {
      int tenths = (milli + 50) / 100;
      return tenths / 10 + (tenths % 10 == 0 ? "" : "." + tenths % 10);
    }
  }
}
