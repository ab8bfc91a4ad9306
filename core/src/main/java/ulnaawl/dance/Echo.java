package ulnaawl.dance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;

/**
 * A stretch of counts that is danced like an earlier one, or like its mirror image.
 *
 * @param kind repeated or mirrored
 * @param section the later section
 * @param of the earlier section; the same one where its second half echoes its first
 */
public record Echo(Kind kind, Section section, Section of) {

  /** How it echoes. */
  public enum Kind {
    REPEATS,
    MIRRORS
  }

  /** Whether the second half of a section echoes its first. */
  public boolean isHalf() {
    return section.number() == of.number();
  }

  /** All echoes of a dance: of whole sections first, then within sections. */
  public static List<Echo> of(Dance dance) {
    List<Echo> found = new ArrayList<>();
    List<Section> sections = dance.sections();
    for (int later = 1; later < sections.size(); later++) {
      for (int earlier = 0; earlier < later; earlier++) {
        Section one = sections.get(earlier);
        Section two = sections.get(later);
        Optional<Kind> kind = compare(one.places(), 0, two.places(), 0);
        if (kind.isPresent()) {
          found.add(new Echo(kind.get(), two, one));
          break;
        }
      }
    }
    for (Section section : sections) {
      if (section.counts() >= 4 && section.counts() % 2 == 0) {
        halves(section).ifPresent(kind -> found.add(new Echo(kind, section, section)));
      }
    }
    return found;
  }

  private static Optional<Kind> halves(Section section) {
    int half = section.counts() / 2;
    List<Place> places = section.places();
    int first = 0;
    while (first < places.size() && places.get(first).count().number() <= half) {
      first++;
    }
    return compare(places.subList(0, first), 0, places.subList(first, places.size()), half);
  }

  private static Optional<Kind> compare(
      List<Place> one, int countsBeforeOne, List<Place> two, int countsBeforeTwo) {
    if (one.size() != two.size() || one.isEmpty()) {
      return Optional.empty();
    }
    boolean same = true;
    boolean mirrored = true;
    int shift = countsBeforeTwo - countsBeforeOne;
    for (int i = 0; i < one.size() && (same || mirrored); i++) {
      Place a = one.get(i);
      Place b = two.get(i);
      boolean alike =
          a.count().ticks() + shift * Count.TICKS == b.count().ticks()
              && a.action().equals(b.action())
              && a.placement() == b.placement();
      same &= alike && a.foot().equals(b.foot()) && a.turn().equals(b.turn());
      mirrored &=
          alike
              && a.foot().map(Foot::other).equals(b.foot())
              && a.turn().eighths() == -b.turn().eighths();
    }
    return same
        ? Optional.of(Kind.REPEATS)
        : mirrored ? Optional.of(Kind.MIRRORS) : Optional.empty();
  }
}
