package ulnaawl.dance.edit;

import java.util.List;
import ulnaawl.dance.Place;

/** A figure of a dance as it stands in the step text. */
public final class FigureText {

  private FigureText() {}

  /**
   * The item as typed; one that stands for several figures ({@code walk R L}, {@code jazz box x2})
   * is narrowed to the one that is meant.
   *
   * @param text the step text that the places come from
   * @param places the places of one figure, at least one
   */
  public static String of(String text, List<Place> places) {
    Place first = places.getFirst();
    String typed = text.substring(first.span().start(), first.span().end());
    boolean several = typed.matches("(?i).*\\b(x\\d+|[RL]( [RL])+)\\b.*");
    if (!several) {
      return typed;
    }
    String foot = first.foot().map(it -> " " + it.letter()).orElse("");
    return typed
        .replaceAll("(?i)(?<!\\s)\\s+x\\d+\\b", "")
        .replaceAll("(?i)(?<!\\s)\\s+[RL]( [RL])+\\b", foot);
  }
}
