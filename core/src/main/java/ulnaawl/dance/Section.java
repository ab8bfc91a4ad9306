package ulnaawl.dance;

import java.util.List;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.text.SourceSpan;

/**
 * A section with its places.
 *
 * @param number from 1, through all parts; 0 in a tag, bridge or ending
 * @param title may be empty
 * @param start counts of the passage before it, 0 or more
 * @param counts its length in whole counts
 * @param startWeight weight before its first place
 * @param endWeight weight after its last place
 * @param startFacing relative to the start of the passage
 * @param endFacing relative to the start of the passage
 * @param places in order of time
 * @param span its heading in the text
 */
public record Section(
    int number,
    String title,
    int start,
    int counts,
    Weight startWeight,
    Weight endWeight,
    RelativeFacing startFacing,
    RelativeFacing endFacing,
    List<Place> places,
    SourceSpan span) {

  public Section {
    places = List.copyOf(places);
  }

  /**
   * Names of the figures that it is danced as, each once, in the order in which they come first.
   */
  public List<String> figures() {
    return places.stream().map(place -> place.known().figure()).distinct().toList();
  }

  /** Counts of the passage up to its end. */
  public int end() {
    return start + counts;
  }
}
