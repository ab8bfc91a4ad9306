package ulnaawl.wall;

import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Section;

/**
 * A count of a song as the dancers on the floor know it.
 *
 * @param wall number of the wall, from 1; 0 in the intro
 * @param count the count of that wall as danced, from 1; the tag after it counts on
 * @param section number of the section that it lies in; 0 in a tag, bridge, ending or the intro
 * @param sectionCount the count within its section, or within its tag, bridge or ending
 * @param during what is being danced there, in an instructor's words; empty where nothing is
 */
public record WallPoint(int wall, int count, int section, int sectionCount, String during) {

  /**
   * Where count {@code number} lies.
   *
   * @param number from 1 at the first step; 0 and below lie in the intro
   */
  public static WallPoint at(Dance dance, WallSequence sequence, int number) {
    Optional<Wall> found =
        sequence.walls().stream()
            .filter(wall -> number > wall.startCount())
            .filter(wall -> number <= wall.startCount() + wall.counts() + wall.tagCounts())
            .findFirst();
    if (number < 1 || found.isEmpty()) {
      return new WallPoint(0, number, 0, 0, "");
    }
    Wall wall = found.get();
    int within = number - wall.startCount();
    int danced = 0;
    for (Stretch stretch : wall.stretches()) {
      if (within <= danced + stretch.counts()) {
        int inPassage = stretch.from() + within - danced;
        Optional<Section> section = sectionOf(dance, wall, stretch, inPassage);
        return new WallPoint(
            wall.number(),
            within,
            section.map(Section::number).orElse(0),
            inPassage - section.map(Section::start).orElse(0),
            during(DancedPlace.of(wall), number));
      }
      danced += stretch.counts();
    }
    return new WallPoint(wall.number(), within, 0, 0, "");
  }

  private static Optional<Section> sectionOf(
      Dance dance, Wall wall, Stretch stretch, int inPassage) {
    // A restart's changed steps have no section of their own, but the counts before them have.
    boolean extra =
        !stretch.places().isEmpty()
            && stretch.places().stream().allMatch(place -> place.section() == 0);
    if (extra) {
      return Optional.empty();
    }
    return dance.part(wall.part()).flatMap(part -> part.sectionAt(inPassage));
  }

  /** The figure that holds count {@code number}: the last one that has begun by then. */
  private static String during(List<DancedPlace> moments, int number) {
    String during = "";
    for (DancedPlace moment : moments) {
      if (moment.at().number() > number) {
        break;
      }
      during = moment.place().call().words();
    }
    return during;
  }
}
