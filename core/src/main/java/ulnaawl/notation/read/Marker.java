package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.figure.TurnSize;
import ulnaawl.floor.Foot;
import ulnaawl.text.WordTree;

/**
 * Finds the meaning of each word of some steps: the longest phrase wins, a figure before others.
 */
final class Marker {

  private static final Pattern TIMES = Pattern.compile("[x×]\\d{1,4}|\\d{1,4}x");
  private static final Pattern LETTERS = Pattern.compile("[rl]{2,}");
  private static final Pattern FACING = Pattern.compile("\\d{1,2}([:.]\\d\\d)?|o['’]clock");

  private final FigureBook book;
  private final List<Token> tokens;
  private final List<String> words = new ArrayList<>();

  /** The same without the s of several, where only that is known. */
  private final List<String> singulars = new ArrayList<>();

  private final List<Mark> marks = new ArrayList<>();

  private Marker(List<Token> tokens, FigureBook book) {
    this.book = book;
    this.tokens = tokens;
    for (Token token : tokens) {
      // Signs part phrases: they are no word of any.
      boolean word = token.kind() == Token.Kind.WORD;
      words.add(word ? token.text() : "\n");
      singulars.add(word ? singular(token.text()) : "\n");
    }
  }

  static List<Mark> of(List<Token> tokens, FigureBook book) {
    return new Marker(tokens, book).all();
  }

  private List<Mark> all() {
    int at = 0;
    while (at < tokens.size()) {
      Token token = tokens.get(at);
      at +=
          switch (token.kind()) {
            case WORD -> word(at);
            case REMARK -> put(new Meaning.Remark(token.text()), at, 1);
            case STOP -> put(Meaning.Joint.STOP, at, 1);
            case AND -> put(Meaning.Joint.AMPERSAND, at, 1);
            case COLON -> put(Meaning.Joint.COLON, at, 1);
          };
    }
    return marks;
  }

  private int word(int at) {
    String word = words.get(at);
    Optional<WordTree.Match<Meaning>> phrase = phrase(words, at);
    Optional<WordTree.Match<Meaning>> several = phrase(singulars, at);
    int length = phrase.map(WordTree.Match::length).orElse(0);
    if (several.filter(it -> it.length() > length).isPresent()) {
      phrase = several;
    }
    if (phrase.isPresent()) {
      return put(phrase.get().meaning(), at, phrase.get().length());
    }
    OptionalInt size = TurnSize.eighths(word);
    if (size.isPresent()) {
      return put(new Meaning.Size(size.getAsInt()), at, 1);
    }
    if (TIMES.matcher(word).matches()) {
      return put(new Meaning.Times(Integer.parseInt(word.replaceAll("\\D", ""))), at, 1);
    }
    if (LETTERS.matcher(word).matches()) {
      return put(new Meaning.Feet(feet(word)), at, 1);
    }
    if (FACING.matcher(word).matches()) {
      return put(new Meaning.Remark(word), at, 1);
    }
    return put(new Meaning.Unknown(word), at, 1);
  }

  private int put(Meaning meaning, int at, int length) {
    marks.add(new Mark(meaning, tokens.get(at).from(), tokens.get(at + length - 1).to()));
    return length;
  }

  private static List<Foot> feet(String letters) {
    return letters.chars().mapToObj(c -> c == 'r' ? Foot.RIGHT : Foot.LEFT).toList();
  }

  /** The longest phrase that begins at a word: a figure, another word, a placement. */
  private Optional<WordTree.Match<Meaning>> phrase(List<String> typed, int at) {
    List<WordTree.Match<Meaning>> found = new ArrayList<>();
    book.longest(typed, at)
        .ifPresent(match -> {
          String name = String.join(" ", typed.subList(at, at + match.length()));
          found.add(new WordTree.Match<>(new Meaning.Named(match.meaning(), name), match.length()));
        });
    Lexicon.standard().longest(book, typed, at).ifPresent(found::add);
    Placement.typed(typed, at)
        .ifPresent(match ->
            found.add(new WordTree.Match<>(new Meaning.To(match.meaning()), match.length())));
    Optional<WordTree.Match<Meaning>> best = Optional.empty();
    for (WordTree.Match<Meaning> match : found) {
      if (best.isEmpty() || match.length() > best.get().length()) {
        best = Optional.of(match);
      }
    }
    return best;
  }

  private String singular(String word) {
    for (String ending : List.of("s", "es")) {
      String stem = word.substring(0, Math.max(0, word.length() - ending.length()));
      if (word.endsWith(ending) && stem.length() > 2 && isKnown(stem)) {
        return stem;
      }
    }
    return word;
  }

  private boolean isKnown(String word) {
    return book.hasWord(word) || Lexicon.standard().hasWord(word);
  }
}
