package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.lang.reflect.Field;
import java.lang.reflect.Modifier;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import ulnaawl.sheet.layout.SheetLine;

/**
 * No expression over what comes in may be made to work for long. All of the code are found, and
 * each is given what it likes least: its own words over and over. How often it looks at a sign is
 * counted, so that no clock is needed. Twice the text is twice the work; only lines of printed
 * sheets, which have a greatest length, may cost more than that, and not much more.
 */
public class ExpressionsTest {

  private static final int SHORT = SheetLine.MOST_SIGNS;
  private static final double MOST_GROWTH = 2.4;

  /** Looks at signs of a line of a sheet: no more than its length squared, six times. */
  private static final long MOST_OF_LINE = 6L * SHORT * SHORT;

  /** Only whole lines are given to these, each cut to a greatest length. */
  private static final String LINES = "ulnaawl.sheet.";

  private static final List<String> SIGNS =
      List.of(
          "a", "A", "1", " ", "\t", "\n", "\r\n", ".", ",", "-", "(", "[", "&", ":", "/", "'",
          "\"");
  private static final Pattern WORD = Pattern.compile("[A-Za-z]{2,}");
  private static final Pattern INLINE =
      Pattern.compile(
          "\\.(matches|replaceAll|replaceFirst|split)\\(\\s*\"((?:[^\"\\\\]|\\\\.)*)\"");

  private final Map<String, Pattern> patterns = new TreeMap<>();

  @BeforeClass
  public void find() throws IOException, IllegalAccessException {
    for (JavaClass one :
        new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("ulnaawl")) {
      if (!one.getSimpleName().endsWith("Test")) {
        fieldsOf(one);
      }
    }
    for (String module : List.of("core", "formats", "term", "server", "cli")) {
      try (Stream<Path> files = Files.walk(Path.of("..", module, "src/main/java"))) {
        for (Path file : files.filter(it -> it.toString().endsWith(".java")).sorted().toList()) {
          inlineIn(file);
        }
      }
    }
  }

  private void fieldsOf(JavaClass one) throws IllegalAccessException {
    Class<?> type;
    try {
      type = one.reflect();
    } catch (LinkageError notHere) {
      return;
    }
    for (Field field : type.getDeclaredFields()) {
      if (Modifier.isStatic(field.getModifiers()) && !field.getType().isPrimitive()) {
        field.setAccessible(true);
        add(type.getName() + "." + field.getName(), field.get(null), 0);
      }
    }
  }

  private void add(String name, Object value, int depth) throws IllegalAccessException {
    if (value instanceof Pattern pattern) {
      patterns.put(name, pattern);
    } else if (value instanceof Collection<?> all) {
      int number = 0;
      for (Object one : all) {
        add(name + " " + number++, one, depth);
      }
    } else if (value instanceof Map<?, ?> map) {
      add(name, map.values(), depth);
      add(name + " by", map.keySet(), depth);
    } else if (value != null && depth < 2 && value.getClass().getName().startsWith("ulnaawl.")) {
      for (Field field : value.getClass().getDeclaredFields()) {
        if (!Modifier.isStatic(field.getModifiers()) && !field.getType().isPrimitive()) {
          field.setAccessible(true);
          add(name + "." + field.getName(), field.get(value), depth + 1);
        }
      }
    }
  }

  private void inlineIn(Path file) throws IOException {
    Matcher inline = INLINE.matcher(Files.readString(file));
    while (inline.find()) {
      String expression = inline.group(2).translateEscapes();
      // One that has to fit the whole begins at its beginning.
      expression = inline.group(1).equals("matches") ? "^(?:" + expression + ")$" : expression;
      String type = file.toString().replaceFirst(".*/java/", "").replace('/', '.');
      patterns.put(type + " \"" + expression + "\"", Pattern.compile(expression));
    }
  }

  /** A text that counts how often one looks at a sign of it. */
  private record Counted(String text, long[] looks, int from, int to) implements CharSequence {
    static Counted of(String text) {
      return new Counted(text, new long[1], 0, text.length());
    }

    @Override
    public int length() {
      return to - from;
    }

    @Override
    public char charAt(int at) {
      if (looks[0]++ > MOST_OF_LINE) {
        throw new TooMuch();
      }
      return text.charAt(from + at);
    }

    @Override
    public CharSequence subSequence(int begin, int end) {
      return new Counted(text, looks, from + begin, from + end);
    }

    @Override
    public String toString() {
      return text.substring(from, to);
    }
  }

  /** It looks so often that there is no need to go on. */
  private static final class TooMuch extends RuntimeException {}

  private static long work(Pattern pattern, String text) {
    Counted counted = Counted.of(text);
    try {
      Matcher matcher = pattern.matcher(counted);
      while (matcher.find()) {
        // Each is looked for from behind the one before.
      }
      pattern.matcher(counted).matches();
    } catch (TooMuch muchTooMuch) {
      return Long.MAX_VALUE / 4;
    }
    return counted.looks()[0];
  }

  private static Set<String> pieces(Pattern pattern) {
    Set<String> pieces = new LinkedHashSet<>(SIGNS);
    WORD.matcher(pattern.pattern()).results().limit(6).forEach(it -> pieces.add(it.group() + " "));
    pattern.pattern().chars().distinct().limit(8).forEach(it -> pieces.add(Character.toString(it)));
    return pieces;
  }

  private static String hostile(String before, String piece, int length) {
    return before + piece.repeat(length / piece.length()) + "\u0001";
  }

  @Test
  public void twiceTheTextIsTwiceTheWork() {
    assertTrue(patterns.size() > 150, patterns.size() + " expressions found");
    Set<String> wrong = new TreeSet<>();
    patterns.forEach((name, pattern) -> {
      for (String piece : pieces(pattern)) {
        for (String before : List.of("", pattern.pattern().contains("\\(") ? "(" : "1")) {
          long one = work(pattern, hostile(before, piece, SHORT));
          if (name.startsWith(LINES)) {
            if (one > MOST_OF_LINE) {
              wrong.add(name + " looks " + one + " times at '" + before + piece + "…'");
            }
          } else {
            long two = work(pattern, hostile(before, piece, 2 * SHORT));
            if (two > MOST_GROWTH * one + 100) {
              wrong.add(
                  name
                      + " "
                      + pattern
                      + " grows from "
                      + one
                      + " to "
                      + two
                      + " with '"
                      + piece
                      + "'");
            }
          }
        }
      }
    });
    assertEquals(String.join("\n", wrong), "");
  }
}
