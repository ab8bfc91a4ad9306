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
 * @param places of all sections, in order of time
 * @param span where its first heading stands
 */
public record Passage(
    String name, Weight startWeight, List<Section> sections, List<Place> places, SourceSpan span) {

  public Passage {
    sections = List.copyOf(sections);
    places = List.copyOf(places);
  }

  /** A passage of these sections. */
  public static Passage of(
      String name, Weight startWeight, List<Section> sections, SourceSpan span) {
    List<Place> places = new ArrayList<>();
    for (Section section : sections) {
      places.addAll(section.places());
    }
    return new Passage(name, startWeight, sections, places, span);
  }

  /** Its length in whole counts. */
  public int counts() {
    return sections.isEmpty() ? 0 : sections.getLast().end();
  }

  public Weight endWeight() {
    return sections.isEmpty() ? startWeight : sections.getLast().endWeight();
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
    int danced = placesBefore(counts);
    return danced == 0 ? startWeight : places.get(danced - 1).after();
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
    int first = placesBefore(from);
    int end = placesBefore(to);
    return first == 0 && end == places.size() ? places : places.subList(first, end);
  }

  /** How many places lie in the first {@code counts} counts. */
  private int placesBefore(int counts) {
    int before = 0;
    for (Section section : sections) {
      if (counts <= section.start()) {
        return before;
      }
      if (counts >= section.end()) {
        before += section.places().size();
      } else {
        for (Place place : section.places()) {
          before += place.at().ticks() < (counts + 1) * Count.TICKS ? 1 : 0;
        }
      }
    }
    return before;
  }
}
