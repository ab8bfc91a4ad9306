package ulnaawl.music;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A song as people write it down, in a form or in a list: a word for each field.
 *
 * @param words what was written; a field that is missing is blank
 */
public record SongEntry(Map<SongField, String> words) {

  /** The longest song: two hours. */
  public static final int LONGEST_SECONDS = 7200;

  /** The longest intro, in counts. */
  public static final int LONGEST_INTRO = 512;

  private static final Pattern TIME = Pattern.compile("(?:(\\d{1,2}):)?(\\d{1,3}):([0-5]\\d)");

  public SongEntry {
    words = Map.copyOf(words);
  }

  /** Why a field cannot be taken, and what would do. */
  public record Fault(SongField field, String message) {}

  /** What was read: a song, or the faults that keep it from being one. */
  public record Read(Optional<ListedSong> song, List<Fault> faults) {
    public Read {
      faults = List.copyOf(faults);
    }
  }

  /** The field as written, without spaces around it; blank where nothing is. */
  public String get(SongField field) {
    return words.getOrDefault(field, "").strip();
  }

  /** A song as it is written down; what is not known is left out. */
  public static SongEntry of(ListedSong song) {
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    words.put(SongField.TITLE, song.song().title());
    song.song().artist().ifPresent(it -> words.put(SongField.ARTIST, it));
    song.song().bpm().ifPresent(it -> words.put(SongField.BPM, it.label()));
    words.put(SongField.RATE, song.song().rate().label());
    song.song().lengthSeconds().ifPresent(it -> words.put(SongField.LENGTH, PlayTime.of(it)));
    song.intro().ifPresent(it -> words.put(SongField.INTRO, String.valueOf(it)));
    words.put(SongField.METER, song.meter() == Meter.THREE ? "3/4" : "4/4");
    song.style().ifPresent(it -> words.put(SongField.STYLE, it));
    if (song.phrases().isKnown()) {
      words.put(SongField.PHRASES, song.phrases().label());
    }
    song.location().ifPresent(it -> words.put(SongField.LOCATION, it));
    words.put(SongField.EXPLICIT, song.explicitWords() ? "yes" : "no");
    return new SongEntry(words);
  }

  /** Reads every field; all faults are told at once. */
  public Read read() {
    List<Fault> faults = new ArrayList<>();
    for (SongField field : SongField.values()) {
      String word = get(field);
      if (word.length() > field.longest()) {
        faults.add(new Fault(field, "At most " + field.longest() + " characters."));
      } else if (word.chars().anyMatch(it -> it < ' ')) {
        faults.add(new Fault(field, "One line of text without control characters."));
      }
    }
    if (!faults.isEmpty()) {
      return new Read(Optional.empty(), faults);
    }
    String title = get(SongField.TITLE);
    if (title.isEmpty()) {
      faults.add(new Fault(SongField.TITLE, "A song has a title."));
    }
    Optional<Tempo> bpm = bpm(faults);
    Optional<CountRate> rate = rate(faults);
    OptionalInt seconds = seconds(faults);
    OptionalInt intro = intro(faults);
    Optional<Meter> meter = meter(faults);
    SongPhrases phrases = phrases(faults);
    Optional<Boolean> explicit = explicit(faults);
    if (!faults.isEmpty()) {
      return new Read(Optional.empty(), faults);
    }
    Song song = new Song(title, optional(SongField.ARTIST), bpm, seconds, rate.orElseThrow());
    ListedSong listed =
        new ListedSong(
            song,
            intro,
            meter.orElseThrow(),
            optional(SongField.STYLE),
            phrases,
            optional(SongField.LOCATION),
            explicit.orElseThrow());
    return new Read(Optional.of(listed), List.of());
  }

  private Optional<String> optional(SongField field) {
    return Optional.of(get(field)).filter(word -> !word.isEmpty());
  }

  private Optional<Tempo> bpm(List<Fault> faults) {
    String word = get(SongField.BPM).toLowerCase(Locale.ROOT).replace("bpm", "").strip();
    if (word.isEmpty()) {
      return Optional.empty();
    }
    if (word.matches("\\d{1,3}(?:[.,]\\d{1,3})?")) {
      BigDecimal number = new BigDecimal(word.replace(',', '.'));
      if (Tempo.understands(number)) {
        return Optional.of(Tempo.of(number));
      }
    }
    faults.add(new Fault(SongField.BPM, "Beats a minute from 20 to 400, as in 112 or 112.5."));
    return Optional.empty();
  }

  private Optional<CountRate> rate(List<Fault> faults) {
    String word = get(SongField.RATE).toLowerCase(Locale.ROOT);
    Optional<CountRate> rate =
        switch (word) {
          case "", "1", "full" -> Optional.of(CountRate.FULL);
          case "1/2", "½", "half", "0.5", "0,5" -> Optional.of(CountRate.HALF);
          case "2", "double" -> Optional.of(CountRate.DOUBLE);
          default -> Optional.empty();
        };
    if (rate.isEmpty()) {
      faults.add(
          new Fault(
              SongField.RATE,
              "1/2 for one count to two beats, 1 for a count to each beat, 2 for two counts."));
    }
    return rate;
  }

  private OptionalInt seconds(List<Fault> faults) {
    String word = get(SongField.LENGTH);
    if (word.isEmpty()) {
      return OptionalInt.empty();
    }
    Matcher time = TIME.matcher(word);
    int seconds = 0;
    if (time.matches()) {
      int hours = time.group(1) == null ? 0 : Integer.parseInt(time.group(1));
      seconds =
          hours * 3600 + Integer.parseInt(time.group(2)) * 60 + Integer.parseInt(time.group(3));
    } else if (word.matches("\\d{1,4}")) {
      seconds = Integer.parseInt(word);
    }
    if (seconds < 1 || seconds > LONGEST_SECONDS) {
      faults.add(new Fault(SongField.LENGTH, "Minutes and seconds, as in 3:10, up to two hours."));
      return OptionalInt.empty();
    }
    return OptionalInt.of(seconds);
  }

  private OptionalInt intro(List<Fault> faults) {
    String word = get(SongField.INTRO);
    if (word.isEmpty()) {
      return OptionalInt.empty();
    }
    if (word.matches("\\d{1,3}") && Integer.parseInt(word) <= LONGEST_INTRO) {
      return OptionalInt.of(Integer.parseInt(word));
    }
    faults.add(
        new Fault(
            SongField.INTRO, "Counts before the first step, from 0 to " + LONGEST_INTRO + "."));
    return OptionalInt.empty();
  }

  private Optional<Meter> meter(List<Fault> faults) {
    String word = get(SongField.METER).toLowerCase(Locale.ROOT);
    return switch (word) {
      case "", "4", "4/4" -> Optional.of(Meter.FOUR);
      case "3", "3/4", "waltz" -> Optional.of(Meter.THREE);
      default -> {
        faults.add(new Fault(SongField.METER, "4/4, or 3/4 for a waltz."));
        yield Optional.empty();
      }
    };
  }

  private SongPhrases phrases(List<Fault> faults) {
    try {
      return SongPhrases.parse(get(SongField.PHRASES));
    } catch (IllegalArgumentException e) {
      faults.add(new Fault(SongField.PHRASES, String.valueOf(e.getMessage())));
      return SongPhrases.UNKNOWN;
    }
  }

  private Optional<Boolean> explicit(List<Fault> faults) {
    String word = get(SongField.EXPLICIT).toLowerCase(Locale.ROOT);
    return switch (word) {
      case "", "no", "n", "false", "0" -> Optional.of(false);
      case "yes", "y", "true", "1" -> Optional.of(true);
      default -> {
        faults.add(new Fault(SongField.EXPLICIT, "yes or no."));
        yield Optional.empty();
      }
    };
  }
}
