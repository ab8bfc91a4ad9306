package ulnaawl.teach;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Echo;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Tempo;
import ulnaawl.wall.EventId;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/**
 * A dance that is to be taught to a group: its pieces, how hard each is, and what a drill covers.
 */
public final class Lesson {

  /** A turn, in thousandths. */
  static final int WHOLE = 1000;

  private static final int WALLS = 12;

  private final Dance dance;
  private final FigureBook book;
  private final Learner learner;
  private final WallSequence walls;
  private final List<Section> sections;
  private final Map<Integer, Passage> parts = new LinkedHashMap<>();
  private final Map<Integer, Load> loads = new LinkedHashMap<>();
  private final Map<Piece, Integer> pieces = new LinkedHashMap<>();

  /**
   * A lesson.
   *
   * @param dance a dance without errors, with at least one section
   * @throws IllegalArgumentException where it has no section
   */
  public Lesson(Dance dance, FigureBook book, Learner learner) {
    this.dance = dance;
    this.book = book;
    this.learner = learner;
    this.sections = dance.sections();
    if (sections.isEmpty()) {
      throw new IllegalArgumentException("A dance without sections cannot be taught");
    }
    SequenceRequest request = SequenceRequest.of(dance);
    WallSequence sung = WallSequence.of(dance, request);
    // A short song must not hide a tag that comes later, nor an unknown one what comes at all.
    this.walls =
        sung.walls().size() >= WALLS ? sung : WallSequence.of(dance, request.withWalls(WALLS));
    for (Passage part : dance.parts()) {
      part.sections().forEach(section -> parts.put(section.number(), part));
    }
    Set<String> met = new HashSet<>(learner.figures());
    List<Echo> echoes = Echo.of(dance);
    for (Section section : sections) {
      boolean watch = learner.watchOuts().containsKey(section.number());
      loads.put(section.number(), Load.of(section, dance, echoes, book, met, watch));
      // A figure is news in the first section that has it.
      Load.news(section, book, met).forEach(figure -> met.add(figure.name()));
    }
    addPieces();
  }

  private void addPieces() {
    sections.forEach(it -> pieces.put(new Piece.Steps(it.number()), load(it.number())));
    for (Passage part : dance.parts()) {
      List<Section> own = part.sections();
      for (int i = 1; i < own.size(); i++) {
        int from = own.get(i - 1).number();
        pieces.put(new Piece.Join(from, own.get(i).number()), between(from, own.get(i), "join"));
      }
      if (!own.isEmpty() && !dance.isPhrased()) {
        int last = own.getLast().number();
        Piece link = new Piece.Link(last, own.getFirst().number());
        pieces.put(link, between(last, own.getFirst(), "link"));
      }
    }
    Set<EventId> seen = new HashSet<>();
    for (Wall wall : walls.walls()) {
      for (WallEvent event : wall.events()) {
        if (seen.add(event.id())) {
          int load = Table.LOAD.get("special") + event.counts() * Table.LOAD.get("place");
          pieces.put(new Piece.Event(event.id(), wall.number()), load);
        }
      }
    }
  }

  private int between(int from, Section to, String how) {
    int both = (load(from) + load(to.number())) / 2;
    return Math.max(1, both * Table.LOAD.get(how) / 100);
  }

  private int load(int section) {
    return load(section(section)).tenths();
  }

  public Dance dance() {
    return dance;
  }

  FigureBook book() {
    return book;
  }

  public Learner learner() {
    return learner;
  }

  WallSequence walls() {
    return walls;
  }

  /** All sections of all parts, in order. */
  public List<Section> sections() {
    return sections;
  }

  Section section(int number) {
    return sections.stream().filter(it -> it.number() == number).findFirst().orElseThrow();
  }

  Passage part(int section) {
    return java.util.Objects.requireNonNull(parts.get(section));
  }

  /** How hard a section is for this group. */
  public Load load(Section section) {
    return java.util.Objects.requireNonNull(loads.get(section.number()));
  }

  /** How hard its hardest section is, in tenths of a plain count. */
  public int hardest() {
    return loads.values().stream().mapToInt(Load::tenths).max().orElse(0);
  }

  /** Everything that has to be learned, in teaching order. */
  public List<Piece> pieces() {
    return List.copyOf(pieces.keySet());
  }

  /** How hard a piece is, in tenths of a plain count, 1 or more. */
  int load(Piece piece) {
    return java.util.Objects.requireNonNull(pieces.get(piece), piece.toString());
  }

  /** What the group brings along. */
  Practice before() {
    Map<Piece, Integer> known = new LinkedHashMap<>();
    for (Piece piece : pieces.keySet()) {
      boolean shown =
          switch (piece) {
            case Piece.Steps it -> learner.shown().contains(it.section());
            case Piece.Join it ->
                learner.shown().containsAll(SectionSet.between(it.from(), it.to()));
            case Piece.Link _, Piece.Event _ -> learner.shown().isWhole(sections.size());
          };
      if (shown) {
        known.put(piece, Practice.exposureFor(learner.readiness(), load(piece)));
      }
    }
    return new Practice(known);
  }

  /** The full count rate: the song's, or the usual one. */
  public Tempo rate() {
    return dance.countsPerMinute().orElse(TeachPace.USUAL_RATE);
  }

  /** Whether a scope is one of this dance. */
  public boolean has(Scope scope) {
    return switch (scope) {
      case Scope.OneSection it -> isSection(it.section());
      case Scope.Run it -> isRun(it.from(), it.to());
      case Scope.Join it -> it.to() == it.from() + 1 && isRun(it.from(), it.to());
      case Scope.Link it -> pieces.containsKey(new Piece.Link(it.last(), it.first()));
      case Scope.Walls it ->
          it.from() >= 1 && it.to() >= it.from() && it.to() <= walls.walls().size();
      case Scope.Event it -> pieces.containsKey(new Piece.Event(it.event(), it.wall()));
      case Scope.Option it ->
          dance.variations().stream()
              .anyMatch(one -> one.name().equals(it.name()) && one.section() == it.section());
    };
  }

  private boolean isSection(int number) {
    return parts.containsKey(number);
  }

  private boolean isRun(int from, int to) {
    return from <= to && isSection(from) && isSection(to) && part(from).equals(part(to));
  }

  /** What one turn of a drill covers of each piece, in thousandths of a turn. */
  Map<Piece, Integer> covers(Scope scope) {
    Map<Piece, Integer> covered = new LinkedHashMap<>();
    int share = Table.PRACTICE.get("part");
    switch (scope) {
      case Scope.OneSection it -> covered.put(new Piece.Steps(it.section()), WHOLE);
      case Scope.Run it -> run(covered, it.from(), it.to());
      case Scope.Join it -> {
        covered.put(new Piece.Join(it.from(), it.to()), WHOLE);
        covered.put(new Piece.Steps(it.from()), share);
        covered.put(new Piece.Steps(it.to()), share);
      }
      case Scope.Link it -> {
        covered.put(new Piece.Link(it.last(), it.first()), WHOLE);
        covered.merge(new Piece.Steps(it.last()), share, Integer::sum);
        covered.merge(new Piece.Steps(it.first()), share, Integer::sum);
      }
      case Scope.Walls it -> {
        for (int number = it.from(); number <= it.to(); number++) {
          wall(covered, walls.walls().get(number - 1), number < it.to());
        }
      }
      case Scope.Event it -> covered.put(new Piece.Event(it.event(), it.wall()), WHOLE);
      case Scope.Option it -> covered.put(new Piece.Steps(it.section()), share);
    }
    return covered;
  }

  private static void run(Map<Piece, Integer> covered, int from, int to) {
    for (int section = from; section <= to; section++) {
      covered.merge(new Piece.Steps(section), WHOLE, Integer::sum);
      if (section > from) {
        covered.merge(new Piece.Join(section - 1, section), WHOLE, Integer::sum);
      }
    }
  }

  private void wall(Map<Piece, Integer> covered, Wall wall, boolean goesOn) {
    List<Section> own = dance.part(wall.part()).map(Passage::sections).orElse(List.of());
    int danced =
        wall.events().stream()
            .filter(it -> it.kind() == WallEvent.Kind.RESTART || it.kind() == WallEvent.Kind.ENDING)
            .mapToInt(WallEvent::after)
            .findFirst()
            .orElse(Integer.MAX_VALUE);
    List<Section> whole = own.stream().filter(it -> it.end() <= danced).toList();
    if (!whole.isEmpty()) {
      run(covered, whole.getFirst().number(), whole.getLast().number());
    }
    for (WallEvent event : wall.events()) {
      special(event.id()).ifPresent(it -> covered.merge(it, WHOLE, Integer::sum));
    }
    if (goesOn && wall.events().isEmpty() && !own.isEmpty()) {
      Piece link = new Piece.Link(own.getLast().number(), own.getFirst().number());
      if (pieces.containsKey(link)) {
        covered.merge(link, WHOLE, Integer::sum);
      }
    }
  }

  private Optional<Piece> special(EventId event) {
    return pieces.keySet().stream()
        .filter(it -> it instanceof Piece.Event found && found.event().equals(event))
        .findFirst();
  }

  /** The exceptions of the dance, each where it comes first. */
  List<Scope> events() {
    List<Scope> found = new ArrayList<>();
    for (Piece piece : pieces.keySet()) {
      if (piece instanceof Piece.Event it) {
        found.add(new Scope.Event(it.event(), it.wall()));
      }
    }
    return found;
  }

  /** The drills that can be put into a teach, in the order of the dance. */
  public List<Scope> scopes() {
    List<Scope> scopes = new ArrayList<>();
    sections.forEach(it -> scopes.add(new Scope.OneSection(it.number())));
    for (Passage part : dance.parts()) {
      List<Section> own = part.sections();
      for (int i = 1; i < own.size(); i++) {
        scopes.add(new Scope.Join(own.get(i - 1).number(), own.get(i).number()));
      }
      for (int from = 0; from < own.size(); from++) {
        for (int to = from + 1; to < own.size(); to++) {
          boolean useful = from == 0 || to == own.size() - 1 || to == from + 1;
          if (useful) {
            scopes.add(new Scope.Run(own.get(from).number(), own.get(to).number()));
          }
        }
      }
    }
    for (Piece piece : pieces.keySet()) {
      if (piece instanceof Piece.Link it) {
        scopes.add(new Scope.Link(it.last(), it.first()));
      }
    }
    int all = Math.min(4, walls.walls().size());
    for (int wall = 1; wall <= all; wall++) {
      scopes.add(new Scope.Walls(wall, wall));
    }
    for (int last = 2; last <= all; last++) {
      scopes.add(new Scope.Walls(1, last));
    }
    scopes.addAll(events());
    dance.variations().forEach(it -> scopes.add(new Scope.Option(it.name(), it.section())));
    return scopes;
  }
}
