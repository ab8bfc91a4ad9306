package ulnaawl.song;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Script;
import ulnaawl.notation.read.Parsed;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.text.Severity;
import ulnaawl.wall.Stretch;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/** The text of a sound dance, to try other phrasing on. */
@RequiredArgsConstructor
final class DanceText {

  private final String text;
  private final FigureBook book;

  String text() {
    return text;
  }

  FigureBook book() {
    return book;
  }

  Dance dance() {
    return DanceCompiler.compile(text, book).dance();
  }

  /** The same dance without any phrasing; tags and endings stay as they are. */
  DanceText bare() {
    Script script = parse(text).script();
    Script plain =
        new Script(
            script.headers(), script.blocks(), List.of(), script.comments(), script.titleSpan());
    return new DanceText(StepTextFormatter.format(plain, book), book);
  }

  /**
   * The dance with more blocks and lines of phrasing, in canonical form.
   *
   * @param blocks whole blocks, each with its heading; none: only phrasing
   * @param phrases lines of phrasing
   * @return empty where something in it cannot be read or danced
   */
  Optional<DanceText> with(List<String> blocks, List<String> phrases) {
    StringBuilder more = new StringBuilder(text.stripTrailing()).append('\n');
    blocks.forEach(block -> more.append('\n').append(block.strip()).append('\n'));
    if (!phrases.isEmpty()) {
      more.append("\nphrasing\n").append(String.join("\n", phrases)).append('\n');
    }
    Compilation compiled = DanceCompiler.compile(more.toString(), book);
    if (compiled.diagnostics().stream().anyMatch(it -> it.severity() == Severity.ERROR)) {
      return Optional.empty();
    }
    String canonical = StepTextFormatter.format(compiled.dance().script(), book);
    return Optional.of(new DanceText(canonical, book));
  }

  /** A name that no tag, bridge or ending of the dance has yet. */
  String freeName(String wanted) {
    Set<String> taken =
        dance().extras().keySet().stream()
            .map(name -> name.toLowerCase(Locale.ROOT))
            .collect(Collectors.toSet());
    String name = wanted;
    for (int i = 2; taken.contains(name.toLowerCase(Locale.ROOT)); i++) {
      name = wanted + " " + i;
    }
    return name;
  }

  /** Whether every stretch begins with the weight that the one before it leaves. */
  static boolean joins(WallSequence sequence) {
    List<Stretch> all =
        sequence.walls().stream().map(Wall::stretches).flatMap(List::stream).toList();
    for (int i = 1; i < all.size(); i++) {
      if (!all.get(i - 1).endWeight().joins(all.get(i).startWeight())) {
        return false;
      }
    }
    return true;
  }

  private Parsed parse(String stepText) {
    return new StepTextParser(book).parse(stepText);
  }
}
