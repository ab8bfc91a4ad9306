package ulnaawl.song;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import ulnaawl.figure.Level;
import ulnaawl.music.Meter;
import ulnaawl.music.Tempo;

/** The fastest count rate that a level dances in a class; read from data, a rule of thumb. */
final class PaceTable {

  private static final Map<Meter, Map<Level, Tempo>> FASTEST = read();

  private PaceTable() {}

  static Tempo fastest(Level level, Meter meter) {
    return Objects.requireNonNull(
        Objects.requireNonNull(FASTEST.get(meter)).get(level), level.label());
  }

  private static Map<Meter, Map<Level, Tempo>> read() {
    Map<Level, Tempo> four = new EnumMap<>(Level.class);
    Map<Level, Tempo> three = new EnumMap<>(Level.class);
    for (String line : text().lines().toList()) {
      if (!line.isBlank() && !line.startsWith("#")) {
        String[] field = line.split("\\|", -1);
        Level level = Level.named(field[0]).orElseThrow();
        four.put(level, Tempo.ofBpm(Integer.parseInt(field[1].strip())));
        three.put(level, Tempo.ofBpm(Integer.parseInt(field[2].strip())));
      }
    }
    return Map.of(Meter.FOUR, four, Meter.THREE, three);
  }

  private static String text() {
    try (InputStream in =
        Objects.requireNonNull(PaceTable.class.getResourceAsStream("paces.txt"))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
