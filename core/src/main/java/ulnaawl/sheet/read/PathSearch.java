package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ulnaawl.dance.NotedFacing;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.notation.StepLine;
import ulnaawl.sheet.layout.DraftBlock;
import ulnaawl.sheet.layout.DraftLine;
import ulnaawl.text.Diagnostic;

/**
 * Finds the reading that the whole dance agrees with. Between two lines a dancer stands in one of
 * 24 ways (three weights, eight facings); for each of them only the cheapest way there is kept, so
 * the search is complete and its cost grows with the number of lines, not with the number of
 * readings.
 */
final class PathSearch {

  // From memory: a step that cannot be danced outweighs any one slip of a sheet (LineWays).
  private static final int CANNOT = 20;
  private static final int FACING_DIFFERS = 10;
  private static final int UNUSUAL_START = 2;
  private static final int NO_ROUND = 8;
  private static final int WALLS_DIFFER = 10;
  private static final int LOST = 1;

  private final FigureBook book;
  private final Repeats repeats;
  private final List<DraftBlock> blocks;
  private final Map<DraftLine, List<Way>> ways = new HashMap<>();

  PathSearch(List<DraftBlock> blocks, int sectionCounts, FigureBook book) {
    this.blocks = List.copyOf(blocks);
    this.repeats = new Repeats(sectionCounts);
    this.book = book;
  }

  /**
   * The best way through the sections.
   *
   * @param start the stated weight
   * @param walls the stated walls, 1, 2 or 4
   */
  Path sections(Optional<Weight> start, Optional<Integer> walls) {
    List<Path> paths = new ArrayList<>();
    if (start.isPresent()) {
      paths.add(Path.from(new Footing(start.get(), RelativeFacing.START), 0));
    } else {
      paths.add(Path.from(new Footing(Weight.LEFT, RelativeFacing.START), 0));
      paths.add(Path.from(new Footing(Weight.RIGHT, RelativeFacing.START), UNUSUAL_START));
    }
    String part = blocks.isEmpty() ? "" : blocks.getFirst().part();
    boolean phrased = false;
    for (int number = 0; number < blocks.size(); number++) {
      DraftBlock block = blocks.get(number);
      if (!block.isSection()) {
        continue;
      }
      if (!block.part().equals(part)) {
        part = block.part();
        phrased = true;
        paths =
            paths.stream()
                .map(it -> it.at(new Footing(it.now().weight(), RelativeFacing.START)))
                .toList();
      }
      paths = through(number, paths);
    }
    boolean parts = phrased;
    return paths.stream()
        .min(Comparator.comparingInt(it -> it.cost() + (parts ? 0 : end(it, walls))))
        .orElseThrow();
  }

  /** The best way through a tag, bridge or ending that begins on a foot. */
  Path extra(int block, Footing start) {
    return through(block, List.of(Path.from(start, 0))).stream()
        .min(Comparator.comparingInt(Path::cost))
        .orElseThrow();
  }

  private static int end(Path path, Optional<Integer> walls) {
    int cost = path.start().weight().joins(path.now().weight()) ? 0 : NO_ROUND;
    int turn = path.now().facing().eighths();
    boolean agrees =
        walls
            .map(it ->
                switch (it) {
                  case 1 -> turn == 0;
                  case 2 -> turn == 4;
                  default -> turn == 2 || turn == 6;
                })
            .orElse(true);
    return cost + (agrees ? 0 : WALLS_DIFFER);
  }

  private List<Path> through(int number, List<Path> before) {
    List<Path> paths = before;
    for (DraftLine line : blocks.get(number).lines()) {
      Map<Ends, Path> best = new HashMap<>();
      for (Path path : paths) {
        for (Path next : next(path, number, line)) {
          best.merge(
              new Ends(next.start(), next.now()),
              next,
              (one, other) -> other.cost() < one.cost() ? other : one);
        }
      }
      paths = List.copyOf(best.values());
    }
    return paths;
  }

  private record Ends(Footing start, Footing now) {}

  private List<Path> next(Path path, int block, DraftLine line) {
    List<Way> all =
        line.again().isPresent()
            ? repeats.of(line, block, blocks.get(block).start() > 0, path.steps(), sectionBlocks())
            : ways.computeIfAbsent(line, it -> LineWays.of(it, book));
    List<Path> next = new ArrayList<>();
    for (Way way : all) {
      next.add(taken(path, block, line, way));
    }
    if (next.isEmpty()) {
      Path.Step unread = new Path.Step(block, line, Optional.empty(), path.now(), List.of());
      for (Weight weight : List.of(Weight.LEFT, Weight.RIGHT)) {
        int lost = weight == path.now().weight() ? 0 : LOST;
        next.add(path.plus(unread, new Footing(weight, path.now().facing()), lost));
      }
    }
    return next;
  }

  private List<Integer> sectionBlocks() {
    List<Integer> sections = new ArrayList<>();
    for (int i = 0; i < blocks.size(); i++) {
      if (blocks.get(i).isSection()) {
        sections.add(i);
      }
    }
    return sections;
  }

  private Path taken(Path path, int block, DraftLine line, Way way) {
    Footing footing = path.now();
    int cost = way.cost();
    List<LineWalk> walks = new ArrayList<>();
    for (StepLine one : way.lines()) {
      LineWalk walk = LineWalk.of(one, footing.weight(), footing.facing(), book);
      walks.add(walk);
      footing = new Footing(walk.weight(), walk.facing());
      cost += CANNOT * (int) walk.diagnostics().stream().filter(Diagnostic::isError).count();
      cost += FACING_DIFFERS * facingsThatDiffer(walk);
    }
    return path.plus(
        new Path.Step(block, line, Optional.of(way), path.now(), walks), footing, cost);
  }

  static int facingsThatDiffer(LineWalk walk) {
    int differ = 0;
    List<Place> places = walk.places();
    for (int i = 0; i < places.size(); i++) {
      Place place = places.get(i);
      boolean last = i + 1 == places.size() || !places.get(i + 1).span().equals(place.span());
      boolean differs =
          last && NotedFacing.of(place).map(it -> !it.equals(place.facing())).orElse(false);
      differ += differs ? 1 : 0;
    }
    return differ;
  }
}
