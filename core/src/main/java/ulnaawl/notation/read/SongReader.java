package ulnaawl.notation.read;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/**
 * Reads a song line: title / artist / 112 bpm / count rate 1/2 / 3:10. Title and artist come in
 * this order, the rest in any; what is neither is refused, never taken for half of it.
 */
@RequiredArgsConstructor
final class SongReader {

  private static final Pattern LENGTH = Pattern.compile("(\\d{1,3}):([0-5]\\d)");
  private static final Pattern BPM = Pattern.compile("(-?\\d{1,6}(?:[.,]\\d{1,3})?) ?bpm");
  private static final Pattern RATE =
      Pattern.compile("(?:count rate )?(1/2|half|½|1|2|double)", Pattern.CASE_INSENSITIVE);

  /** A slash parts a song line, but for the one in 1/2. */
  private static final Pattern PARTS = Pattern.compile("(?<!(?<!\\d)1)/|/(?!2(?!\\d))");

  private final Findings findings;
  private final List<String> free = new ArrayList<>();
  private Optional<Tempo> bpm = Optional.empty();
  private OptionalInt length = OptionalInt.empty();
  private CountRate rate = CountRate.FULL;

  /** The song, where the line has at least a title. */
  Optional<Stated<Song>> read(Line value) {
    for (String part : PARTS.split(value.text(), -1)) {
      take(part.strip(), value);
    }
    if (free.isEmpty()) {
      say(
          Code.HEADER_VALUE,
          value,
          "A song begins with its title: title / artist / 112 bpm / 3:10.");
      return Optional.empty();
    }
    String artist = String.join(" / ", free.subList(1, free.size()));
    if (free.size() > 2) {
      say(
          Code.SONG_PARTS,
          value,
          "The artist is read as '"
              + artist
              + "'; a song has a title, an artist, a bpm and a length.");
    }
    Optional<String> by = Optional.of(artist).filter(it -> !it.isEmpty());
    return Optional.of(
        new Stated<>(new Song(free.getFirst(), by, bpm, length, rate), value.span()));
  }

  private void take(String part, Line value) {
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
      takeBpm(new BigDecimal(beats.group(1).replace(',', '.')), value);
      takeAfterBpm(lower.substring(beats.end()).strip(), value);
    } else if (!part.isEmpty()) {
      free.add(part);
    }
  }

  private void takeBpm(BigDecimal number, Line value) {
    if (Tempo.understands(number)) {
      bpm = Optional.of(Tempo.of(number));
    } else {
      say(
          Code.SONG_TEMPO,
          value,
          "A song goes at 20 to 400 bpm; without a true tempo no clock time can be told. Leave "
              + "the bpm out if you do not know it.");
    }
  }

  private void takeAfterBpm(String after, Line value) {
    Matcher counted = RATE.matcher(after);
    if (counted.matches()) {
      rate = rateOf(counted.group(1));
    } else if (!after.isEmpty()) {
      say(
          Code.HEADER_VALUE,
          value,
          "'"
              + after
              + "' after the bpm is not understood; write count rate 1/2 or 2 where the dance"
              + " is counted at half or double the beats.");
    }
  }

  private void say(Code code, Line value, String message) {
    findings.add(Diagnostic.of(code, value.span(), message));
  }

  private static CountRate rateOf(String word) {
    return switch (word.toLowerCase(Locale.ROOT)) {
      case "1/2", "half", "½" -> CountRate.HALF;
      case "2", "double" -> CountRate.DOUBLE;
      default -> CountRate.FULL;
    };
  }
}
