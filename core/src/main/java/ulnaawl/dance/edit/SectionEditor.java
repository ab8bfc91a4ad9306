package ulnaawl.dance.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Rhythm;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.read.Parsed;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.notation.write.StepTextFormatter;

/**
 * Puts figures of a section into another order, takes some out or adds some, and writes the section
 * anew: every figure keeps its rhythm, the counts follow, and so do the feet. A figure whose foot
 * would not be free is danced on the other one; what cannot follow stays as it is, and the checks
 * say what is wrong with it.
 */
public final class SectionEditor {

  private final String text;
  private final FigureBook book;
  private final Dance dance;

  public SectionEditor(String text, FigureBook book) {
    this.text = text;
    this.book = book;
    this.dance = DanceCompiler.compile(text, book).dance();
  }

  /** A figure of the new order: one that is there, by its run, or new text. */
  public sealed interface Wanted {
    /** The figure of that run of the section's passage. */
    record Kept(int run) implements Wanted {}

    /** New step text, {@code vine R}, in its usual rhythm. */
    record Added(String item) implements Wanted {}
  }

  /** The new text, or why there is none. */
  public record Edited(Optional<String> text, String refusal) {}

  private record Piece(String item, List<Integer> ticks, int length) {}

  /** Writes a section with these figures in this order. */
  public Edited write(int number, List<Wanted> order) {
    Optional<Section> section =
        dance.sections().stream().filter(one -> one.number() == number).findFirst();
    if (section.isEmpty()) {
      return refused("There is no section " + number + ".");
    }
    List<Piece> pieces = new ArrayList<>();
    for (Wanted wanted : order) {
      Optional<Piece> piece =
          switch (wanted) {
            case Wanted.Kept kept -> kept(section.get(), kept.run());
            case Wanted.Added added -> added(added.item());
          };
      if (piece.isEmpty()) {
        return refused("One of the figures is not understood.");
      }
      pieces.add(piece.get());
    }
    int most = dance.headers().meter().sectionCounts() * Count.TICKS;
    int length = pieces.stream().mapToInt(Piece::length).sum();
    if (length > most) {
      return refused(
          "These figures last "
              + (length + Count.TICKS - 1) / Count.TICKS
              + " counts; a section has "
              + most / Count.TICKS
              + ". Take one out, or begin a new section.");
    }
    return new Edited(Optional.of(replaced(section.get(), lines(pieces, section.get()))), "");
  }

  private static Edited refused(String why) {
    return new Edited(Optional.empty(), why);
  }

  private Optional<Piece> kept(Section section, int run) {
    List<Place> places = section.places();
    List<Place> own = places.stream().filter(place -> place.run() == run).toList();
    if (own.isEmpty()) {
      return Optional.empty();
    }
    int begin = own.getFirst().count().ticks() / Count.TICKS * Count.TICKS;
    Place last = own.getLast();
    int after = places.indexOf(last) + 1;
    int end =
        after < places.size()
            ? places.get(after).count().ticks() / Count.TICKS * Count.TICKS
            : (last.count().number() + 1) * Count.TICKS;
    boolean shared = end <= last.count().ticks();
    int whole = shared ? (last.count().number() + 1) * Count.TICKS : end;
    String item = FigureText.of(text, own);
    return Optional.of(
        new Piece(
            item,
            own.stream().map(place -> place.count().ticks() - begin).toList(),
            whole - begin));
  }

  private Optional<Piece> added(String item) {
    Parsed parsed = new StepTextParser(book).parse("title: T\nsection 1\n1-8  " + item + "\n");
    List<Item> items =
        parsed.script().blocks().stream()
            .flatMap(block -> block.lines().stream())
            .flatMap(line -> line.items().stream())
            .toList();
    if (items.size() != 1 || item.contains("\n") || item.contains(",")) {
      return Optional.empty();
    }
    String rhythm =
        items.getFirst().figure().danced(items.getFirst().direction()).getFirst().rhythm();
    List<Integer> ticks = Rhythm.ticks(rhythm);
    boolean pickUp = ticks.getFirst() < Count.TICKS;
    int shift = pickUp ? 0 : Count.TICKS;
    return Optional.of(
        new Piece(
            item,
            ticks.stream().map(tick -> tick - shift).toList(),
            Rhythm.wholeCounts(rhythm) * Count.TICKS));
  }

  private List<String> lines(List<Piece> pieces, Section section) {
    List<String> lines = new ArrayList<>();
    FollowingFeet feet = new FollowingFeet(section.startWeight(), section.startFacing(), book);
    int at = Count.TICKS;
    for (Piece piece : pieces) {
      int start = at;
      List<Count> counts =
          piece.ticks().stream()
              .map(tick -> new Count(Math.max(0, start + tick - pickUp(piece))))
              .toList();
      lines.add(StepTextFormatter.line(counts, feet.next(counts, piece.item())));
      at += piece.length();
    }
    return lines;
  }

  /** A pick-up is danced just before the count that it leads to. */
  private static int pickUp(Piece piece) {
    int first = piece.ticks().getFirst();
    return first > 0 && piece.ticks().size() > 1 && piece.length() == Count.TICKS ? Count.TICKS : 0;
  }

  private String replaced(Section section, List<String> lines) {
    int headingEnd = lineEnd(section.span().end());
    int end = nextHeading(section.span().start());
    StringBuilder body = new StringBuilder();
    for (String line : text.substring(headingEnd, end).split("\n", -1)) {
      if (line.strip().startsWith("#")) {
        body.append(line.strip()).append('\n');
      }
    }
    lines.forEach(line -> body.append(line).append('\n'));
    boolean more = end < text.length();
    return text.substring(0, headingEnd) + "\n" + body + (more ? "\n" : "") + text.substring(end);
  }

  private int lineEnd(int offset) {
    int end = text.indexOf('\n', offset);
    return end < 0 ? text.length() : end;
  }

  /** Where the next heading's line begins, or the end of the text. */
  private int nextHeading(int after) {
    int next = text.length();
    for (var block : dance.script().blocks()) {
      int start = block.span().start();
      if (start > after) {
        next = Math.min(next, start);
      }
    }
    int phrasing = text.toLowerCase(java.util.Locale.ROOT).indexOf("\nphrasing", after);
    if (phrasing >= 0) {
      next = Math.min(next, phrasing + 1);
    }
    int part = text.toLowerCase(java.util.Locale.ROOT).indexOf("\npart ", after);
    if (part >= 0) {
      next = Math.min(next, part + 1);
    }
    return next;
  }
}
