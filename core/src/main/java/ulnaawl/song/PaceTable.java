package ulnaawl.song;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import ulnaawl.figure.Level;
import ulnaawl.music.Meter;
import ulnaawl.music.Tempo;
import ulnaawl.text.DataFile;

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
    for (List<String> row : DataFile.rows(PaceTable.class, "paces.txt")) {
      Level level = Level.named(row.getFirst()).orElseThrow();
      four.put(level, Tempo.ofBpm(Integer.parseInt(row.get(1))));
      three.put(level, Tempo.ofBpm(Integer.parseInt(row.get(2))));
    }
    return Map.of(Meter.FOUR, four, Meter.THREE, three);
  }
}
