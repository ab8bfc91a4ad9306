package ulnaawl.play.band;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.music.Count;
import ulnaawl.music.Meter;
import ulnaawl.text.DataFile;

/** How a band swings. */
public enum Feel {
  STRAIGHT,
  SWING,
  CHA_CHA,
  WALTZ,
  SLOW;

  private static final List<List<String>> BY_STYLE = DataFile.rows(Feel.class, "feels.txt");

  /** As the tables write it: {@code cha-cha}. */
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * The feel by its word.
   *
   * @throws IllegalArgumentException where there is no such feel
   */
  static Feel named(String word) {
    return valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
  }

  /**
   * The feel of a dance's music: waltz in three; else what its style is known for; else swing where
   * the dance is written with late offbeats, straight where not (common practice).
   *
   * @param style the song's style as somebody entered it
   */
  public static Feel of(Dance dance, Optional<String> style) {
    if (dance.headers().meter() == Meter.THREE) {
      return WALTZ;
    }
    String words = style.orElse("").toLowerCase(Locale.ROOT);
    for (List<String> row : BY_STYLE) {
      Feel feel = named(row.get(1));
      if (words.contains(row.get(0)) && feel != WALTZ) {
        return feel;
      }
    }
    return isLate(dance) ? SWING : STRAIGHT;
  }

  /** Most places between counts lie on {@code a}, not on {@code &}. */
  private static boolean isLate(Dance dance) {
    long late = between(dance, 9);
    return late > 0 && late > between(dance, Count.TICKS / 2);
  }

  private static long between(Dance dance, int ticks) {
    return dance.parts().stream()
        .flatMap(part -> part.places().stream())
        .filter(place -> place.count().fraction() == ticks)
        .count();
  }
}
