package ulnaawl.music;

import java.util.Locale;
import java.util.Optional;

/** What is written down of a song. */
public enum SongField {
  TITLE("title", 200),
  ARTIST("artist", 200),
  /** Printed beats a minute. */
  BPM("bpm", 20),
  /** How its beats are counted. */
  RATE("count rate", 10),
  LENGTH("length", 20),
  /** Counts before the first step. */
  INTRO("intro", 10),
  METER("meter", 10),
  STYLE("style", 60),
  PHRASES("phrases", 1000),
  /** Where the club has it. */
  LOCATION("where", 200),
  /** Whether its words are not for every hall. */
  EXPLICIT("explicit", 10);

  private final String label;
  private final int longest;

  SongField(String label, int longest) {
    this.label = label;
    this.longest = longest;
  }

  /** Its name in a list. */
  public String label() {
    return label;
  }

  /** The most characters that are taken. */
  public int longest() {
    return longest;
  }

  /** The field of that name, case and surrounding spaces aside. */
  public static Optional<SongField> named(String words) {
    String plain = words.strip().toLowerCase(Locale.ROOT);
    for (SongField field : values()) {
      if (field.label.equals(plain) || field.name().toLowerCase(Locale.ROOT).equals(plain)) {
        return Optional.of(field);
      }
    }
    return Optional.empty();
  }
}
