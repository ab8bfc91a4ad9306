package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.music.Count;
import ulnaawl.notation.Limits;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Reads the counts at the head of a step line: {@code 1-4}, {@code 1 2 3&4}, {@code &1}. */
final class CountsReader {

  private final Line line;
  private final String text;
  private final Findings findings;
  private final List<Count> counts = new ArrayList<>();
  private int at;
  private int lastWhole = -1;

  private CountsReader(Line line, Findings findings) {
    this.line = line;
    this.text = line.text();
    this.findings = findings;
  }

  /**
   * What was read.
   *
   * @param counts the places, rising
   * @param end offset in the line after the counts
   */
  record Result(List<Count> counts, int end) {}

  static Result read(Line line, Findings findings) {
    CountsReader reader = new CountsReader(line, findings);
    reader.readAll();
    return new Result(reader.counts, reader.at);
  }

  /** Whether a line begins like counts. */
  static boolean startsCounts(String line) {
    boolean bracket = line.charAt(0) == '(' && line.length() > 1;
    return startsPlain(bracket ? line.substring(1) : line);
  }

  private static boolean startsPlain(String line) {
    char first = Character.toLowerCase(line.charAt(0));
    return Character.isDigit(first)
        || first == '&'
        || ((first == 'a' || first == 'e')
            && line.length() > 1
            && Character.isDigit(line.charAt(1)));
  }

  private void readAll() {
    boolean bracket = text.startsWith("(");
    at = bracket ? 1 : 0;
    int end = at;
    while (true) {
      skipSpace();
      if (at >= text.length() || !(readNumber() || readSubdivision())) {
        break;
      }
      end = at;
    }
    at = end;
    if (bracket && at < text.length() && text.charAt(at) == ')') {
      at++;
    }
  }

  private void skipSpace() {
    while (at < text.length()
        && (Character.isWhitespace(text.charAt(at)) || text.charAt(at) == ',')) {
      at++;
    }
  }

  private boolean readNumber() {
    int begin = at;
    int first = digits();
    if (first < 0) {
      return false;
    }
    int last = first;
    int mark = at;
    while (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
    if (at < text.length() && (text.charAt(at) == '-' || text.charAt(at) == '–')) {
      at++;
      while (at < text.length() && text.charAt(at) == ' ') {
        at++;
      }
      last = digits();
      if (last < 0) {
        last = first;
        at = mark;
      }
      // "1-2-3-4" goes on.
      while (at + 1 < text.length()
          && text.charAt(at) == '-'
          && Character.isDigit(text.charAt(at + 1))) {
        at++;
        last = digits();
      }
    } else {
      at = mark;
    }
    if (at < text.length() && text.charAt(at) == '/') {
      at = begin;
      return false;
    }
    if (last < first) {
      findings.add(
          Diagnostic.of(
              Code.COUNT_ORDER,
              line.span(begin, at),
              "Counts rise within a section: " + first + " to " + last + " runs backwards."));
      last = first;
    }
    if (last > Limits.COUNT) {
      findings.add(
          Diagnostic.of(
              Code.COUNT_OUTSIDE,
              line.span(begin, at),
              "Count " + last + " is more than any section has; a section has 8 counts, or 6."));
      last = Math.min(last, Math.max(first, 0));
    }
    for (int number = first; number <= last && number <= Limits.COUNT; number++) {
      add(Count.of(number), begin);
    }
    lastWhole = Math.min(last, Limits.COUNT);
    return true;
  }

  private int digits() {
    int begin = at;
    while (at < text.length() && Character.isDigit(text.charAt(at)) && at - begin < 6) {
      at++;
    }
    return at == begin ? -1 : Integer.parseInt(text, begin, at, 10);
  }

  private boolean readSubdivision() {
    int begin = at;
    char sign = Character.toLowerCase(text.charAt(at));
    int ticks;
    if (sign == '&') {
      ticks = 6;
      at++;
    } else if (text.regionMatches(true, at, "and", 0, 3) && !letterAt(at + 3)) {
      ticks = 6;
      at += 3;
    } else if ((sign == 'e' || sign == 'a') && !letterAt(at + 1)) {
      ticks = sign == 'e' ? 3 : 9;
      at++;
    } else {
      return false;
    }
    if (isWord(begin)) {
      at = begin;
      return false;
    }
    int base = lastWhole >= 0 ? lastWhole : nextNumber() - 1;
    if (base < 0) {
      findings.add(
          Diagnostic.of(
              Code.COUNT_ORDER,
              line.span(begin, at),
              "'" + text.substring(begin, at) + "' needs a count beside it, as in 1&2 or &1."));
      return true;
    }
    add(new Count(base * Count.TICKS + ticks), begin);
    return true;
  }

  /** Whether a letter or sign that stands by itself goes on in words: "1 a big step". */
  private boolean isWord(int begin) {
    boolean apart = begin > 0 && Character.isWhitespace(text.charAt(begin - 1));
    int next = at;
    while (next < text.length() && Character.isWhitespace(text.charAt(next))) {
      next++;
    }
    return apart
        && text.charAt(begin) != '&'
        && next + 1 < text.length()
        && Character.isLetter(text.charAt(next))
        && Character.isLetter(text.charAt(next + 1));
  }

  private boolean letterAt(int offset) {
    return offset < text.length() && Character.isLetter(text.charAt(offset));
  }

  private int nextNumber() {
    int keep = at;
    while (at < text.length() && !Character.isDigit(text.charAt(at)) && at - keep < 4) {
      at++;
    }
    int number = digits();
    at = keep;
    return Math.min(number, Limits.COUNT);
  }

  private void add(Count count, int begin) {
    if (!counts.isEmpty() && counts.getLast().compareTo(count) >= 0) {
      findings.add(
          Diagnostic.of(
              Code.COUNT_ORDER,
              line.span(begin, at),
              "Counts rise within a section: "
                  + count.label()
                  + " comes after "
                  + counts.getLast().label()
                  + "."));
      return;
    }
    counts.add(count);
  }
}
