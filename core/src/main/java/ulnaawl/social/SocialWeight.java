package ulnaawl.social;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.text.DataFile;

/**
 * Something that makes the order of a social good or bad; its points, with the reason for each,
 * stand in {@code social.txt} under its name. Rules of thumb, no source.
 */
public enum SocialWeight {
  FLOOR,
  ASKED,
  EASY_EARLY,
  LAST_ALL,
  LAST_WITHOUT,
  WAIT,
  ALIKE,
  VERY_FAST,
  EFFORT,
  AGAIN,
  FREE;

  private static final Map<String, Integer> TABLE =
      DataFile.rows(SocialWeight.class, "social.txt").stream()
          .collect(Collectors.toMap(List::getFirst, row -> Integer.valueOf(row.get(1))));

  /** What it adds; less than 0 where it takes away. */
  public int points() {
    String inFile = name().toLowerCase(Locale.ROOT).replace('_', '-');
    return Objects.requireNonNull(TABLE.get(inFile), inFile);
  }
}
