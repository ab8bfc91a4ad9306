package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.text.SourceSpan;

/** The words of an item, lower case, with their places; and what single words mean. */
final class Words {

  private final List<String> words = new ArrayList<>();
  private final List<SourceSpan> spans = new ArrayList<>();
  private final StringBuilder note = new StringBuilder();

  static Words of(Line item) {
    Words result = new Words();
    String text = item.text();
    int at = 0;
    while (at < text.length()) {
      char c = text.charAt(at);
      if (c == '(') {
        int close = text.indexOf(')', at);
        int end = close < 0 ? text.length() : close;
        if (!result.note.isEmpty()) {
          result.note.append("; ");
        }
        result.note.append(text.substring(at + 1, end).strip());
        at = end + 1;
      } else if (Character.isWhitespace(c)) {
        at++;
      } else {
        int begin = at;
        while (at < text.length()
            && !Character.isWhitespace(text.charAt(at))
            && text.charAt(at) != '(') {
          at++;
        }
        result.words.add(text.substring(begin, at).toLowerCase(java.util.Locale.ROOT));
        result.spans.add(item.span(begin, at));
      }
    }
    return result;
  }

  int size() {
    return words.size();
  }

  String get(int index) {
    return index < words.size() ? words.get(index) : "";
  }

  SourceSpan span(int index) {
    return spans.get(index);
  }

  SourceSpan span(int from, int to) {
    return spans.get(from).cover(spans.get(to - 1));
  }

  String join(int from, int to) {
    return String.join(" ", words.subList(from, to));
  }

  String note() {
    return note.toString();
  }

  Optional<Foot> foot(int index) {
    return switch (get(index)) {
      case "r", "right", "rf" -> Optional.of(Foot.RIGHT);
      case "l", "left", "lf" -> Optional.of(Foot.LEFT);
      default -> Optional.empty();
    };
  }

  Optional<Side> side(int index) {
    return foot(index).map(Foot::side);
  }

  /**
   * A direction at a word.
   *
   * @param length how many words it takes
   */
  record Direction(Placement placement, int length) {}

  Optional<Direction> direction(int index) {
    for (int length = Math.min(3, size() - index); length >= 1; length--) {
      String typed = join(index, index + length);
      for (Placement placement : Placement.values()) {
        if (placement.words().contains(typed)) {
          return Optional.of(new Direction(placement, length));
        }
      }
    }
    return Optional.empty();
  }
}
