package ulnaawl.play.band;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import ulnaawl.text.DataFile;

/** The bars that a band knows, read from {@code bars.txt}. */
public final class Bars {

  /** Which bar of a phrase it is. */
  public enum Kind {
    PLAIN,
    /** The last one of a phrase. */
    FILL
  }

  private static final Map<Feel, Map<Kind, List<Hit>>> BARS = read();

  private Bars() {}

  /** What is played in a bar, in the order of the table. */
  public static List<Hit> of(Feel feel, Kind kind) {
    return BARS.getOrDefault(feel, Map.of()).getOrDefault(kind, List.of());
  }

  private static Map<Feel, Map<Kind, List<Hit>>> read() {
    Map<Feel, Map<Kind, List<Hit>>> bars = new EnumMap<>(Feel.class);
    for (List<String> row : DataFile.rows(Bars.class, "bars.txt")) {
      Instrument instrument = Instrument.named(row.get(2));
      List<Hit> hits =
          bars.computeIfAbsent(Feel.named(row.get(0)), _ -> new EnumMap<>(Kind.class))
              .computeIfAbsent(
                  row.get(1).equals("fill") ? Kind.FILL : Kind.PLAIN, _ -> new ArrayList<>());
      for (String word : row.get(3).split(" +")) {
        String[] numbers = word.split(":");
        hits.add(
            new Hit(
                Integer.parseInt(numbers[0]),
                instrument,
                Integer.parseInt(numbers[1]),
                numbers.length > 2 ? Integer.parseInt(numbers[2]) : 0));
      }
    }
    return bars;
  }
}
