package ulnaawl.words;

import java.util.Arrays;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.music.Meter;
import ulnaawl.play.Said;
import ulnaawl.play.Spoken;
import ulnaawl.teach.cue.Cues;

/**
 * The words that calls are made of, with the figures that ship: what a voice has to be able to say.
 * A club's own words are not among them.
 */
public final class CalledWords {

  /** The largest turn that is called, in eighths. */
  private static final int LARGEST_TURN = 16;

  private static final List<String> REST =
      List.of(
          "tag restart ending bridge change and coming again part section sections to",
          "two three four five six seven eight twice",
          "ready hold clap snap the end",
          "a b c d e f g h");

  private CalledWords() {}

  /** All of them, each once, in order of the alphabet. */
  public static List<String> of(FigureBook book) {
    Stream<String> figures =
        book.figures().stream()
            .flatMap(figure -> Stream.concat(figure.names().stream(), said(figure)));
    Stream<String> steps =
        Stream.concat(
            Arrays.stream(Placement.values()).map(Placement::aloud),
            book.figures().stream()
                .flatMap(figure -> figure.patterns().stream())
                .flatMap(pattern -> pattern.steps().stream())
                .map(step -> step.action().name()));
    Stream<String> feet = Arrays.stream(Foot.values()).map(Foot::word);
    Stream<String> turns =
        IntStream.rangeClosed(-LARGEST_TURN, LARGEST_TURN)
            .mapToObj(Turn::new)
            .flatMap(turn -> Stream.of(turn.aloud(), turn.turnAloud()));
    Stream<String> numbers = IntStream.rangeClosed(1, 16).mapToObj(String::valueOf);
    Stream<String> times = IntStream.rangeClosed(2, 8).mapToObj(many -> "x" + many);
    TreeSet<String> words = new TreeSet<>();
    Stream.of(figures, steps, feet, turns, numbers, times, REST.stream())
        .flatMap(it -> it)
        .forEach(it -> words.addAll(Said.words(it)));
    return List.copyOf(words);
  }

  /**
   * A word for a voice.
   *
   * @param key under which it is looked up, see {@link Said#keys}
   * @param word what is said
   * @param millis the longest that it may take
   */
  public record Clip(String key, String word, int millis) {}

  /** Every clip that a voice needs: counts, said shortly, and words. */
  public static List<Clip> clips(FigureBook book) {
    Stream<Clip> counts =
        IntStream.rangeClosed(1, Meter.FOUR.sectionCounts())
            .mapToObj(String::valueOf)
            .map(it -> new Clip(Said.countKey(it), it, Spoken.COUNT_MILLIS));
    Stream<Clip> between =
        Stream.of("and", "e", "a")
            .map(it -> new Clip(Said.countKey(it), it, Spoken.BETWEEN_MILLIS));
    Stream<Clip> words = of(book).stream().map(it -> new Clip(it, it, Cues.millisOf(it)));
    return Stream.of(counts, between, words).flatMap(it -> it).toList();
  }

  private static Stream<String> said(Figure figure) {
    return figure.guide().aloud().stream().map(it -> it.replaceAll("\\{[a-z]+}", " "));
  }
}
