package ulnaawl.teach.lesson;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Set;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Echo;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
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
  public static final int WHOLE = 1000;

  private static final int WALLS = 12;

  private final Dance dance;
  private final FigureBook book;
  private final Learner learner;
  private final WallSequence song;
  private final WallSequence walls;
  private final List<Section> sections;
  private final Map<Integer, Passage> parts = new LinkedHashMap<>();
  private final Map<Integer, Load> loads = new LinkedHashMap<>();
  private final Map<Piece, Integer> pieces = new LinkedHashMap<>();
  private final List<Piece> inOrder;

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
    this.song = WallSequence.of(dance, request);
    // A short song must not hide a tag that comes later, nor an unknown one what comes at all.
    this.walls =
        song.walls().size() >= WALLS ? song : WallSequence.of(dance, request.withWalls(WALLS));
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
    this.inOrder = List.copyOf(pieces.keySet());
  }

  private void addPieces() {
    sections.forEach(it -> pieces.put(new Piece.Steps(it.number()), load(it.number())));
    for (Passage part : dance.parts()) {
      List<Section> own = part.sections();
      for (int i = 1; i < own.size(); i++) {
        int from = own.get(i - 1).number();
        pieces.put(new Piece.Join(from, own.get(i).number()), between(from, own.get(i), "join"));
      }
    }
    addLinks();
    Set<EventId> seen = new HashSet<>();
    for (Wall wall : walls.walls()) {
      for (WallEvent event : wall.events()) {
        if (seen.add(event.id())) {
          int load =
              RulesOfThumb.LOAD.get("special") + event.counts() * RulesOfThumb.LOAD.get("place");
          pieces.put(new Piece.Event(event.id(), wall.number()), load);
        }
      }
    }
  }

  /** From the end of each wall into the next: of one part into itself, or into another part. */
  private void addLinks() {
    for (int i = 1; i < walls.walls().size(); i++) {
      Passage one = partOf(walls.walls().get(i - 1));
      Passage next = partOf(walls.walls().get(i));
      if (!one.sections().isEmpty() && !next.sections().isEmpty()) {
        int last = one.sections().getLast().number();
        Section first = next.sections().getFirst();
        pieces.computeIfAbsent(
            new Piece.Link(last, first.number()), _ -> between(last, first, "link"));
      }
    }
  }

  /** The part that a wall dances. */
  public Passage partOf(Wall wall) {
    return dance.part(wall.part()).orElseGet(dance::main);
  }

  /** The parts in the order in which the walls of the song dance them. */
  public List<String> order() {
    return song.walls().stream().map(Wall::part).toList();
  }

  /** An exception on the wall on which a scope practises it; the scope is one of this dance. */
  public WallEvent event(Scope.Event scope) {
    return walls.walls().get(scope.wall() - 1).events().stream()
        .filter(it -> it.id().equals(scope.event()))
        .findFirst()
        .orElseThrow();
  }

  /** The other way of dancing a section that a scope practises; the scope is one of this dance. */
  public Variation option(Scope.Option scope) {
    return dance.variations().stream()
        .filter(it -> it.name().equals(scope.name()) && it.section() == scope.section())
        .findFirst()
        .orElseThrow();
  }

  /** The first wall of a part that goes on into another; the first wall of all where none does. */
  public Wall firstInto(Passage part, Passage next) {
    List<Wall> all = walls.walls();
    for (int i = 1; i < all.size(); i++) {
      if (partOf(all.get(i - 1)).equals(part) && partOf(all.get(i)).equals(next)) {
        return all.get(i - 1);
      }
    }
    return all.getFirst();
  }

  private int between(int from, Section to, String how) {
    int both = (load(from) + load(to.number())) / 2;
    return Math.max(1, both * RulesOfThumb.LOAD.get(how) / 100);
  }

  private int load(int section) {
    return load(section(section)).tenths();
  }

  public Dance dance() {
    return dance;
  }

  /** The figures the dance is read with. */
  public FigureBook book() {
    return book;
  }

  public Learner learner() {
    return learner;
  }

  /** Its walls, at least twelve: a short song must not hide what comes later. */
  public WallSequence walls() {
    return walls;
  }

  /** The walls of its own song, as many as it holds. */
  public WallSequence song() {
    return song;
  }

  /** All sections of all parts, in order. */
  public List<Section> sections() {
    return sections;
  }

  /**
   * A section by its number, from 1.
   *
   * @throws NoSuchElementException where the dance has no such section
   */
  public Section section(int number) {
    for (Section section : sections) {
      if (section.number() == number) {
        return section;
      }
    }
    throw new NoSuchElementException("No section " + number);
  }

  /**
   * The part that a section stands in.
   *
   * @param section its number, from 1
   * @throws NullPointerException where the dance has no such section
   */
  public Passage part(int section) {
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
    return inOrder;
  }

  /** How hard a piece is, in tenths of a plain count, 1 or more. */
  public int load(Piece piece) {
    return java.util.Objects.requireNonNull(pieces.get(piece), piece.toString());
  }

  /** What the group brings along. */
  public Practice before() {
    Brought brought = learner.brought();
    Map<Piece, Integer> known = new LinkedHashMap<>();
    for (Piece piece : pieces.keySet()) {
      int turns =
          switch (piece) {
            case Piece.Steps it -> brought.turnsOf(it.section());
            case Piece.Join it -> Math.min(brought.turnsOf(it.from()), brought.turnsOf(it.to()));
            case Piece.Link _, Piece.Event _ -> brought.wholeTurns();
          };
      if (turns > 0) {
        known.put(piece, turns);
      }
    }
    return new Practice(known);
  }

  /** The full count rate: the song's, or the usual one. */
  public Tempo rate() {
    return dance.countsPerMinute().orElse(TeachPace.USUAL_RATE);
  }

  /** Counts of music before the first step. */
  public int intro() {
    return SequenceRequest.of(dance).introOf(dance);
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
      case Scope.Song _ -> !song.walls().isEmpty();
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

  /**
   * What one turn of a drill covers of each piece, in thousandths of a turn.
   *
   * @param scope one of this dance, see {@link #has}
   */
  public Map<Piece, Integer> covers(Scope scope) {
    return new Coverage(this).of(scope);
  }

  /** The exceptions of the dance, each where it comes first. */
  public List<Scope> events() {
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
    return Scopes.of(this);
  }
}
