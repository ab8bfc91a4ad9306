package ulnaawl.dance;

import java.util.List;
import ulnaawl.notation.Block.OptionKind;
import ulnaawl.text.SourceSpan;

/**
 * Another way of dancing some counts of a section.
 *
 * @param name its name
 * @param kind whom it is for
 * @param section number of the section, from 1
 * @param from first count of the section that it replaces
 * @param to last count that it replaces
 * @param places in order of time
 * @param span its heading in the text
 */
public record Variation(
    String name,
    OptionKind kind,
    int section,
    int from,
    int to,
    List<Place> places,
    SourceSpan span) {

  public Variation {
    places = List.copyOf(places);
  }
}
