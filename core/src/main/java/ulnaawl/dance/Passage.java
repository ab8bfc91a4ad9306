package ulnaawl.dance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.text.SourceSpan;

/**
 * A run of sections that is danced as one: a part of the dance, a tag, a bridge or an ending.
 *
 * @param name {@code A} for the dance itself where it has no parts
 * @param startWeight weight that it begins with
 * @param sections in order
 * @param span where its first heading stands
 */
public record Passage(String name, Weight startWeight, List<Section> sections, SourceSpan span) {

  public Passage {
    sections = List.copyOf(sections);
  }

  /** Its length in whole counts. */
  public int counts() {
    return sections.isEmpty() ? 0 : sections.getLast().end();
  }

  public Weight endWeight() {
    return sections.isEmpty() ? startWeight : sections.getLast().endWeight();
  }

  public List<Place> places() {
    return sections.stream().flatMap(section -> section.places().stream()).toList();
  }

  /** The turn of the whole passage. */
  public Turn turn() {
    return turnAfter(counts());
  }

  /** The turn of its first {@code counts} counts. */
  public Turn turnAfter(int counts) {
    return Place.turnOf(between(0, counts));
  }

  /** The weight after its first {@code counts} counts. */
  public Weight weightAfter(int counts) {
    List<Place> danced = between(0, counts);
    return danced.isEmpty() ? startWeight : danced.getLast().after();
  }

  /** The section that count {@code number} lies in; empty before the first and after the last. */
  public Optional<Section> sectionAt(int number) {
    return sections.stream()
        .filter(section -> number > section.start() && number <= section.end())
        .findFirst();
  }

  /**
   * The places from after count {@code from} up to the end of count {@code to}. A pick-up before
   * the first count of a section belongs to that section.
   *
   * @param from counts left out at the start, 0 or more
   * @param to counts up to the end, not less than {@code from}
   */
  public List<Place> between(int from, int to) {
    List<Place> between = new ArrayList<>();
    for (Section section : sections) {
      boolean touched = section.end() > from && section.start() < to;
      if (touched && section.start() >= from && section.end() <= to) {
        between.addAll(section.places());
      } else if (touched) {
        for (Place place : section.places()) {
          if (!isBefore(section, place, from) && isBefore(section, place, to)) {
            between.add(place);
          }
        }
      }
    }
    return List.copyOf(between);
  }

  private static boolean isBefore(Section section, Place place, int counts) {
    if (counts <= section.start()) {
      return false;
    }
    return counts >= section.end() || place.at().compareTo(Count.of(counts + 1)) < 0;
  }
}
