package ulnaawl.teach.lesson;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;

/** Which figures a group has met, and which of a dance are new to it. Names of the figure book. */
public final class MetFigures {

  private MetFigures() {}

  /** The figures of some sections of a dance. */
  public static Set<String> in(Dance dance, SectionSet shown) {
    return dance.sections().stream()
        .filter(section -> shown.contains(section.number()))
        .flatMap(section -> section.places().stream())
        .map(Place::figure)
        .collect(Collectors.toUnmodifiableSet());
  }

  /** The figures of a dance that are news; single steps are nobody's news. */
  public static List<Figure> newTo(Set<String> met, Dance dance, FigureBook book) {
    return dance.parts().stream()
        .flatMap(part -> part.places().stream())
        .map(Place::figure)
        .distinct()
        .filter(name -> !met.contains(name))
        .flatMap(name -> book.find(name).stream())
        .filter(figure -> !figure.isElementary())
        .toList();
  }
}
