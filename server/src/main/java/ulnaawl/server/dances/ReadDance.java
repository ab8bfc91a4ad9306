package ulnaawl.server.dances;

import java.util.List;
import java.util.Set;
import ulnaawl.dance.Dance;
import ulnaawl.figure.Level;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.notation.Stated;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceText;
import ulnaawl.wall.WallSequence;

/** Everything that the core computes from a step text. */
public record ReadDance(
    SourceText source,
    Dance dance,
    List<Diagnostic> diagnostics,
    MeasuredLevel level,
    WallSequence sequence) {

  public ReadDance {
    diagnostics = List.copyOf(diagnostics);
  }

  /** Whether it can be danced as written. */
  public boolean isSound() {
    return diagnostics.stream().noneMatch(Diagnostic::isError) && dance.main().counts() > 0;
  }

  /** The level that its sheet states, else the measured one. */
  public Level usualLevel() {
    return dance.headers().level().map(Stated::value).orElse(level.level());
  }

  /** Names of the figures in it. */
  public Set<String> figures() {
    return Set.copyOf(dance.figures());
  }

  /** Number of its sections, at least 1 so that progress can be told. */
  public int sections() {
    return Math.max(1, dance.sections().size());
  }
}
