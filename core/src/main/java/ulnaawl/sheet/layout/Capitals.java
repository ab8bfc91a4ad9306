package ulnaawl.sheet.layout;

import java.util.Locale;
import java.util.regex.Pattern;

/** Words that a sheet prints in capitals alone, as one writes them. */
final class Capitals {

  private static final Pattern WORD = Pattern.compile("[\\p{L}']+");

  private static final Pattern BRACKET = Pattern.compile("\\([^()]*\\)");
  private static final Pattern TIMES = Pattern.compile("x\\s?\\d|\\d\\s?x");

  private Capitals() {}

  /** A title: every word begins with a capital. Other writing stays as it is. */
  static String title(String words) {
    return isCapitals(words)
        ? WORD.matcher(words)
            .replaceAll(
                it -> it.group().substring(0, 1) + it.group().substring(1).toLowerCase(Locale.ROOT))
        : words;
  }

  /** A heading: only its first letter, and the letters of the feet, stay capitals. */
  static String plain(String words) {
    if (!isCapitals(words)) {
      return words;
    }
    String lower =
        WORD.matcher(words)
            .replaceAll(it ->
                it.group().equals("R") || it.group().equals("L")
                    ? it.group()
                    : it.group().toLowerCase(Locale.ROOT));
    return lower.substring(0, 1).toUpperCase(Locale.ROOT) + lower.substring(1);
  }

  private static boolean isCapitals(String words) {
    String letters = TIMES.matcher(BRACKET.matcher(words).replaceAll("")).replaceAll("");
    return letters.chars().filter(Character::isLetter).count() > 3
        && letters.chars().noneMatch(Character::isLowerCase);
  }
}
