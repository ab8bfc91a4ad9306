package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.text.SourceSpan;
import ulnaawl.text.WordTree;

/** The words of an item, lower case, with their places; and what single words mean. */
final class Words {

  private final Line item;
  private final List<String> words = new ArrayList<>();
  private final List<Integer> starts = new ArrayList<>();
  private String note = "";

  private Words(Line item) {
    this.item = item;
  }

  static Words of(Line item) {
    Words result = new Words(item);
    String text = item.lower();
    int at = 0;
    while (at < text.length()) {
      char c = text.charAt(at);
      if (c == '(') {
        int close = text.indexOf(')', at);
        int end = close < 0 ? text.length() : close;
        result.addNote(item.text().substring(at + 1, end).strip());
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
        result.words.add(text.substring(begin, at));
        result.starts.add(begin);
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
    return span(index, index + 1);
  }

  /** The words from one up to before another. */
  SourceSpan span(int from, int to) {
    return item.span(starts.get(from), starts.get(to - 1) + words.get(to - 1).length());
  }

  String join(int from, int to) {
    return String.join(" ", words.subList(from, to));
  }

  /** What stood in brackets; several are parted by semicolons. */
  String note() {
    return note;
  }

  private void addNote(String more) {
    note = note.isEmpty() ? more : note + "; " + more;
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

  /** The direction that begins at a word. */
  Optional<WordTree.Match<Placement>> direction(int index) {
    return Placement.typed(words, index);
  }

  /** The figure whose name begins at a word; the longest there is. */
  Optional<WordTree.Match<Figure>> figure(FigureBook book, int index) {
    return book.longest(words, index);
  }
}
