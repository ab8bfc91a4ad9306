package ulnaawl.figure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How demanding something is, easiest first, in the trade's words. */
public enum Level {
  ABSOLUTE_BEGINNER("absolute beginner", "absolute", "newcomer"),
  BEGINNER("beginner"),
  HIGH_BEGINNER("high beginner", "beginner-improver", "beginner/improver", "beginner improver"),
  IMPROVER("improver"),
  EASY_INTERMEDIATE("easy intermediate"),
  INTERMEDIATE("intermediate"),
  ADVANCED("advanced");

  private final String label;
  private final List<String> synonyms;

  Level(String label, String... synonyms) {
    this.label = label;
    this.synonyms = List.of(synonyms);
  }

  public String label() {
    return label;
  }

  /** Its label and the other names that are understood. */
  public List<String> names() {
    return java.util.stream.Stream.concat(java.util.stream.Stream.of(label), synonyms.stream())
        .toList();
  }

  /** The level somebody means by {@code words}; case and spare spaces do not matter. */
  public static Optional<Level> named(String words) {
    String wanted = words.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
    for (Level level : values()) {
      if (level.label.equals(wanted) || level.synonyms.contains(wanted)) {
        return Optional.of(level);
      }
    }
    return Optional.empty();
  }

  /** How many levels this one lies above {@code other}; negative below. */
  public int above(Level other) {
    return ordinal() - other.ordinal();
  }
}
