package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import ulnaawl.notation.Block.ExtraKind;
import ulnaawl.sheet.layout.DraftBlock;
import ulnaawl.sheet.layout.Said;
import ulnaawl.sheet.layout.SheetDraft;

/** What a sheet says of walls as lines of phrasing; tags that have no name get one. */
final class PhrasingText {

  private final List<DraftBlock> extras;
  private final Map<DraftBlock, Name> names = new LinkedHashMap<>();

  /**
   * What a block is called in step text.
   *
   * @param called whether the phrasing calls it
   */
  record Name(ExtraKind kind, String name, boolean called) {}

  /**
   * A line of phrasing.
   *
   * @param missing name of a tag, bridge or ending that has no steps; empty where all is there
   */
  record Line(String text, List<Integer> sources, String missing) {
    Line {
      sources = List.copyOf(sources);
    }
  }

  PhrasingText(List<DraftBlock> blocks) {
    this.extras = blocks.stream().filter(block -> !block.isSection()).toList();
    for (DraftBlock block : extras) {
      ExtraKind kind = block.extra().orElseThrow();
      names.put(block, new Name(kind, unused(kind, block.name()), false));
    }
  }

  private String unused(ExtraKind kind, String wanted) {
    String first = wanted.isEmpty() ? (kind == ExtraKind.ENDING ? "Finish" : "1") : wanted;
    String name = first;
    int number = 1;
    while (isTaken(name)) {
      number++;
      name =
          wanted.isEmpty() && kind != ExtraKind.ENDING
              ? String.valueOf(number)
              : first + " " + number;
    }
    return name;
  }

  private boolean isTaken(String name) {
    return names.values().stream().anyMatch(it -> it.name().equalsIgnoreCase(name));
  }

  Name nameOf(DraftBlock block) {
    return names.getOrDefault(block, new Name(ExtraKind.TAG, "1", false));
  }

  /** The lines, in the order of the sheet; what is said twice stands once. */
  List<Line> lines(List<SheetDraft.SaidAt> said) {
    Map<String, Line> lines = new LinkedHashMap<>();
    for (SheetDraft.SaidAt one : said) {
      Line line = line(one);
      String key = line.text().replaceAll(" facing \\S+", "");
      lines.merge(key, line, PhrasingText::together);
    }
    return List.copyOf(lines.values());
  }

  /** The same said twice: with the facing that either of them has. */
  private static Line together(Line one, Line other) {
    List<Integer> sources = new ArrayList<>(one.sources());
    other.sources().stream().filter(it -> !sources.contains(it)).forEach(sources::add);
    String longer = one.text().length() >= other.text().length() ? one.text() : other.text();
    return new Line(longer, sources, one.missing());
  }

  private Line line(SheetDraft.SaidAt at) {
    List<Integer> sources = List.of(at.line());
    return switch (at.said()) {
      case Said.Restart it ->
          new Line(
              walls(it.walls())
                  + ": restart after "
                  + it.after()
                  + (it.optional() ? " optional" : "")
                  + facing(it.facing())
                  + (it.change().isEmpty() ? "" : " changing " + it.change()),
              sources,
              "");
      case Said.Tag it -> {
        Optional<DraftBlock> block = block(it.name(), at.line(), ExtraKind.TAG);
        String name = block.map(found -> call(found, ExtraKind.TAG)).orElse(word(it.name(), "1"));
        yield new Line(
            "after "
                + walls(it.walls())
                + ": tag "
                + name
                + (it.optional() ? " optional" : "")
                + facing(it.facing()),
            sources,
            block.isPresent() ? "" : "tag " + name);
      }
      case Said.Inside it -> {
        Optional<DraftBlock> block = block(it.name(), at.line(), it.kind());
        String name =
            block
                .map(found -> call(found, it.kind()))
                .orElse(word(it.name(), it.kind() == ExtraKind.ENDING ? "Finish" : "1"));
        String text =
            it.kind() == ExtraKind.ENDING
                ? walls(it.walls()) + ": ending after " + it.after() + ": " + name
                : walls(it.walls()) + ": bridge " + name + " after " + it.after();
        yield new Line(text, sources, block.isPresent() ? "" : it.kind().word() + " " + name);
      }
      case Said.Repeat it ->
          new Line(
              walls(it.walls())
                  + ": repeat section"
                  + (it.first() == it.last()
                      ? " " + it.first()
                      : "s " + it.first() + "-" + it.last())
                  + " x"
                  + it.times(),
              sources,
              "");
      case Said.Starts it ->
          new Line(walls(it.walls()) + ": starts facing " + it.facing(), sources, "");
      case Said.Order it -> new Line("order: " + order(it.names()), sources, "");
    };
  }

  private String order(List<String> words) {
    return words.stream()
        .map(word -> {
          String name = word.replaceFirst("(?i)^(?:tag|bridge|ending)\\s*", "");
          boolean extra = !name.equals(word);
          Optional<DraftBlock> block = extra ? block(name, 0, ExtraKind.TAG) : Optional.empty();
          return block.map(found -> call(found, ExtraKind.TAG)).orElse(word);
        })
        .collect(Collectors.joining(" "));
  }

  private static String word(String name, String otherwise) {
    return name.isEmpty() ? otherwise : name;
  }

  /** The block that is meant: of that name, else told on the same line, else the only one. */
  private Optional<DraftBlock> block(String name, int line, ExtraKind kind) {
    Predicate<DraftBlock> ending =
        block -> (block.extra().orElseThrow() == ExtraKind.ENDING) == (kind == ExtraKind.ENDING);
    List<DraftBlock> fitting = extras.stream().filter(ending).toList();
    Optional<DraftBlock> named =
        name.isEmpty()
            ? Optional.empty()
            : fitting.stream().filter(block -> block.name().equalsIgnoreCase(name)).findFirst();
    return named
        .or(() ->
            fitting.stream()
                .filter(block -> block.heading().filter(it -> it == line).isPresent())
                .findFirst())
        .or(() -> fitting.size() == 1 ? Optional.of(fitting.getFirst()) : Optional.empty())
        .or(() -> name.isEmpty() ? fitting.stream().findFirst() : Optional.empty());
  }

  private String call(DraftBlock block, ExtraKind kind) {
    String name = nameOf(block).name();
    names.put(block, new Name(kind, name, true));
    return name;
  }

  private static String walls(List<Integer> walls) {
    return "wall " + walls.stream().map(String::valueOf).collect(Collectors.joining(", "));
  }

  private static String facing(Optional<String> facing) {
    return facing.map(it -> " facing " + it).orElse("");
  }
}
