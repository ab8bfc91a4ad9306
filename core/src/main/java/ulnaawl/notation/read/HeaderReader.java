package ulnaawl.notation.read;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.figure.Level;
import ulnaawl.floor.Weight;
import ulnaawl.music.CountRate;
import ulnaawl.music.Meter;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Headers;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/** Reads the lines above the first section. */
final class HeaderReader {

  static final List<String> NAMES =
      List.of(
          "title", "by", "level", "counts", "walls", "start", "intro", "song", "style", "note",
          "meter");

  private static final Pattern NUMBER = Pattern.compile("\\d{1,6}");
  private static final Pattern LENGTH = Pattern.compile("(\\d{1,3}):([0-5]\\d)");
  private static final Pattern BPM = Pattern.compile("(-?\\d{1,6}(?:[.,]\\d{1,3})?) ?bpm");
  private static final Pattern RATE =
      Pattern.compile("(?:count rate )?(1/2|half|½|1|2|double)", Pattern.CASE_INSENSITIVE);

  /** A slash parts a song line, but for the one in 1/2. */
  private static final Pattern SONG_PARTS = Pattern.compile("(?<!(?<!\\d)1)/|/(?!2(?!\\d))");

  private final Findings findings;
  private Optional<Stated<String>> title = Optional.empty();
  private Optional<Stated<String>> by = Optional.empty();
  private Optional<Stated<Level>> level = Optional.empty();
  private Optional<Stated<Integer>> counts = Optional.empty();
  private Optional<Stated<Integer>> tagCounts = Optional.empty();
  private Optional<Stated<Integer>> walls = Optional.empty();
  private Optional<Stated<Weight>> start = Optional.empty();
  private Optional<Stated<Integer>> intro = Optional.empty();
  private final List<Stated<Song>> songs = new ArrayList<>();
  private Optional<Stated<String>> style = Optional.empty();
  private final List<Stated<String>> notes = new ArrayList<>();
  private Meter meter = Meter.FOUR;

  HeaderReader(Findings findings) {
    this.findings = findings;
  }

  /** Takes a header line; {@code name} is one of {@link #NAMES}. */
  void take(String name, Line value) {
    if (value.isEmpty()) {
      findings.add(
          Diagnostic.of(
              Code.HEADER_EMPTY,
              value.span(),
              "'" + name + ":' is empty; leave it out or fill it."));
      return;
    }
    Stated<String> words = new Stated<>(value.text(), value.span());
    switch (name) {
      case "title" -> title = Optional.of(words);
      case "by" -> by = Optional.of(words);
      case "style" -> style = Optional.of(words);
      case "note" -> notes.add(words);
      case "level" -> readLevel(value);
      case "counts" -> readCounts(value);
      case "walls" -> readWalls(value);
      case "intro" -> intro = number(value, "intro", 0, Limits.COUNT).or(() -> intro);
      case "start" -> readStart(value);
      case "song" -> readSong(value);
      case "meter" -> readMeter(value);
      default -> throw new IllegalArgumentException("No header is called " + name);
    }
  }

  Headers headers() {
    return new Headers(
        title.map(Stated::value).orElse("Untitled"),
        by,
        level,
        counts,
        tagCounts,
        walls,
        start,
        intro,
        songs,
        style,
        notes,
        meter);
  }

  SourceSpan titleSpan() {
    return title.map(Stated::span).orElse(SourceSpan.at(0));
  }

  boolean hasTitle() {
    return title.isPresent();
  }

  private void readLevel(Line value) {
    Optional<Level> found = Level.named(value.text());
    if (found.isPresent()) {
      level = Optional.of(new Stated<>(found.get(), value.span()));
    } else {
      findings.add(
          Diagnostic.of(
              Code.HEADER_VALUE,
              value.span(),
              "'"
                  + value.text()
                  + "' is no level; levels are absolute beginner, beginner, high beginner, "
                  + "improver, easy intermediate, intermediate, advanced."));
    }
  }

  private void readCounts(Line value) {
    int plus = value.text().indexOf('+');
    Line wall = plus < 0 ? value : value.between(0, plus);
    counts = number(wall, "counts", 1, Limits.COUNT).or(() -> counts);
    if (plus >= 0) {
      tagCounts =
          number(value.from(plus + 1), "the counts of the tags", 1, Limits.COUNT)
              .or(() -> tagCounts);
    }
  }

  private void readWalls(Line value) {
    Optional<Stated<Integer>> found = number(value, "walls", 1, 4);
    if (found.isPresent() && found.get().value() == 3) {
      findings.add(
          Diagnostic.of(
              Code.HEADER_VALUE, value.span(), "A dance has 1, 2 or 4 walls; no turn gives 3."));
      return;
    }
    walls = found.or(() -> walls);
  }

  private void readStart(Line value) {
    Optional<Weight> found =
        switch (value.lower().replaceAll("\\s+", " ")) {
          case "weight l", "weight left", "l", "left", "weight on l", "weight on left" ->
              Optional.of(Weight.LEFT);
          case "weight r", "weight right", "r", "right", "weight on r", "weight on right" ->
              Optional.of(Weight.RIGHT);
          case "both", "weight both", "centre", "center", "weight on both" ->
              Optional.of(Weight.BOTH);
          default -> Optional.empty();
        };
    if (found.isPresent()) {
      start = Optional.of(new Stated<>(found.get(), value.span()));
    } else {
      findings.add(
          Diagnostic.of(
              Code.HEADER_VALUE,
              value.span(),
              "'" + value.text() + "' is no start; write weight L, weight R or both."));
    }
  }

  private void readMeter(Line value) {
    switch (value.text()) {
      case "3", "3/4", "6" -> meter = Meter.THREE;
      case "4", "4/4", "8" -> meter = Meter.FOUR;
      default ->
          findings.add(
              Diagnostic.of(
                  Code.HEADER_VALUE,
                  value.span(),
                  "The meter is 4 (sections of 8 counts) or 3 (waltz, sections of 6)."));
    }
  }

  private Optional<Stated<Integer>> number(Line value, String name, int least, int most) {
    Matcher matcher = NUMBER.matcher(value.text());
    if (matcher.lookingAt()) {
      int number = Integer.parseInt(matcher.group());
      if (number >= least && number <= most) {
        return Optional.of(new Stated<>(number, value.span()));
      }
    }
    findings.add(
        Diagnostic.of(
            Code.HEADER_VALUE,
            value.span(),
            "'"
                + value.text()
                + "' does not do for "
                + name
                + ": it is a whole number from "
                + least
                + " to "
                + most
                + "."));
    return Optional.empty();
  }

  private void readSong(Line value) {
    if (songs.size() >= Limits.SONGS) {
      findings.add(
          Diagnostic.of(
              Code.TOO_MANY_SONGS,
              value.span(),
              "A dance has up to " + Limits.SONGS + " songs; this one is not read."));
      return;
    }
    List<String> free = new ArrayList<>();
    Optional<Tempo> bpm = Optional.empty();
    OptionalInt length = OptionalInt.empty();
    CountRate rate = CountRate.FULL;
    boolean sayTempo = false;
    for (String raw : SONG_PARTS.split(value.text(), -1)) {
      String part = raw.strip();
      String lower = part.toLowerCase(Locale.ROOT);
      Matcher time = LENGTH.matcher(lower);
      Matcher beats = BPM.matcher(lower);
      Matcher counted = RATE.matcher(lower);
      if (time.matches()) {
        int seconds = Integer.parseInt(time.group(1)) * 60 + Integer.parseInt(time.group(2));
        length = seconds == 0 ? OptionalInt.empty() : OptionalInt.of(seconds);
      } else if (counted.matches() && (lower.startsWith("count") || lower.matches("1/2|½"))) {
        rate = rateOf(counted.group(1));
      } else if (beats.lookingAt()) {
        BigDecimal number = new BigDecimal(beats.group(1).replace(',', '.'));
        if (Tempo.understands(number)) {
          bpm = Optional.of(Tempo.of(number));
        } else {
          sayTempo = true;
        }
        String after = lower.substring(beats.end()).strip();
        Matcher countedAfter = RATE.matcher(after);
        if (countedAfter.matches()) {
          rate = rateOf(countedAfter.group(1));
        } else if (!after.isEmpty()) {
          findings.add(
              Diagnostic.of(
                  Code.HEADER_VALUE,
                  value.span(),
                  "'"
                      + after
                      + "' after the bpm is not understood; write count rate 1/2 or 2 where the dance"
                      + " is counted at half or double the beats."));
        }
      } else if (!part.isEmpty()) {
        free.add(part);
      }
    }
    if (sayTempo) {
      findings.add(
          Diagnostic.of(
              Code.SONG_TEMPO,
              value.span(),
              "A song goes at 20 to 400 bpm; without a true tempo no clock time can be told. Leave "
                  + "the bpm out if you do not know it."));
    }
    if (free.isEmpty()) {
      findings.add(
          Diagnostic.of(
              Code.HEADER_VALUE,
              value.span(),
              "A song begins with its title: title / artist / 112 bpm / 3:10."));
      return;
    }
    if (free.size() > 2) {
      findings.add(
          Diagnostic.of(
              Code.SONG_PARTS,
              value.span(),
              "The artist is read as '"
                  + String.join(" / ", free.subList(1, free.size()))
                  + "'; a song has a title, an artist, a bpm and a length."));
    }
    songs.add(
        new Stated<>(
            new Song(
                free.getFirst(),
                free.size() > 1
                    ? Optional.of(String.join(" / ", free.subList(1, free.size())))
                    : Optional.empty(),
                bpm,
                length,
                rate),
            value.span()));
  }

  private static CountRate rateOf(String word) {
    return switch (word.toLowerCase(Locale.ROOT)) {
      case "1/2", "half", "½" -> CountRate.HALF;
      case "2", "double" -> CountRate.DOUBLE;
      default -> CountRate.FULL;
    };
  }
}
