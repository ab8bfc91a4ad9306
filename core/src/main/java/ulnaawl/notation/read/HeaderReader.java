package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.Level;
import ulnaawl.floor.Weight;
import ulnaawl.music.Meter;
import ulnaawl.music.Song;
import ulnaawl.notation.Headers;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/** Reads the lines above the first section. */
@RequiredArgsConstructor
final class HeaderReader {

  static final List<String> NAMES =
      List.of(
          "title", "by", "level", "counts", "walls", "start", "intro", "song", "style", "note",
          "meter");

  private static final Pattern NUMBER = Pattern.compile("\\d{1,6}");

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
    new SongReader(findings).read(value).ifPresent(songs::add);
  }
}
