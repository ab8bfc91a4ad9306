package ulnaawl.wall;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.music.Count;

/**
 * A section as it is really danced on a wall, or a tag, bridge, repeated section or ending.
 *
 * @param event the exception that put it in; empty for a section of the wall
 * @param section number of the section; 0 outside the sections
 * @param start counts of the wall before it
 * @param counts its length, up to a restart
 * @param startFacing on the room clock
 * @param endFacing on the room clock
 * @param figures in order of time
 */
public record DancedSection(
    Optional<EventId> event,
    int section,
    int start,
    int counts,
    Facing startFacing,
    Facing endFacing,
    List<Figure> figures) {

  public DancedSection {
    figures = List.copyOf(figures);
  }

  /** Whether it is put in: a tag, bridge, repeat or ending. */
  public boolean isPutIn() {
    return event.isPresent();
  }

  /**
   * A figure.
   *
   * @param counts its places, counted from the start of its section, tag or bridge
   * @param startFacing on the room clock
   * @param endFacing on the room clock
   * @param moments its places in time, at least one
   */
  public record Figure(
      List<Count> counts, Facing startFacing, Facing endFacing, List<DancedPlace> moments) {

    public Figure {
      counts = List.copyOf(counts);
      moments = List.copyOf(moments);
    }

    public DancedPlace first() {
      return moments.getFirst();
    }

    /** What is called for it. */
    public String call() {
      return first().place().call().words();
    }
  }

  /** A stretch falls into its sections; what is put in stands for itself. */
  private record Group(Stretch stretch, int section) {}

  /** A wall and the tags after it, in order of time. */
  public static List<DancedSection> of(Wall wall) {
    Map<Group, List<DancedPlace>> groups = new LinkedHashMap<>();
    int section = 0;
    for (DancedPlace moment : DancedPlace.of(wall)) {
      boolean put = moment.stretch().event().isPresent();
      // The changed steps of a restart have no section of their own; they stay in the one before.
      section = !put && moment.place().section() == 0 ? section : moment.place().section();
      Group group = new Group(moment.stretch(), put ? 0 : section);
      groups.computeIfAbsent(group, it -> new ArrayList<>()).add(moment);
    }
    List<Map.Entry<Group, List<DancedPlace>>> order = List.copyOf(groups.entrySet());
    List<DancedSection> sections = new ArrayList<>();
    Facing facing = wall.startFacing();
    int start = 0;
    for (int i = 0; i < order.size(); i++) {
      Group group = order.get(i).getKey();
      List<DancedPlace> moments = order.get(i).getValue();
      int end =
          i + 1 < order.size()
              ? Math.max(start, order.get(i + 1).getValue().getFirst().wallCount() - 1)
              : wall.counts() + wall.tagCounts();
      DancedSection one = of(group, moments, start, end - start, facing);
      sections.add(one);
      facing = one.endFacing();
      start = end;
    }
    return sections;
  }

  private static DancedSection of(
      Group group, List<DancedPlace> moments, int start, int counts, Facing facing) {
    boolean put = group.stretch().event().isPresent();
    return new DancedSection(
        group.stretch().event(),
        group.section(),
        start,
        counts,
        facing,
        moments.getLast().facing(),
        figures(moments, facing, put ? 0 : start));
  }

  private static List<Figure> figures(List<DancedPlace> moments, Facing before, int start) {
    Map<Integer, List<DancedPlace>> runs = new LinkedHashMap<>();
    moments.forEach(it -> runs.computeIfAbsent(it.place().run(), run -> new ArrayList<>()).add(it));
    List<Figure> figures = new ArrayList<>();
    Facing facing = before;
    for (List<DancedPlace> run : runs.values()) {
      Facing after = run.getLast().facing();
      List<Count> counts = run.stream().map(it -> counted(it.place(), start)).toList();
      figures.add(new Figure(counts, facing, after, run));
      facing = after;
    }
    return figures;
  }

  /** Changed steps are written with the wall's counts; here they have their section's. */
  private static Count counted(Place place, int start) {
    return place.section() == 0 ? place.count().plusCounts(-start) : place.count();
  }
}
