package ulnaawl.check;

import java.util.List;
import ulnaawl.figure.Level;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;

/** The level that the sheet states, held against the measured one. */
final class StatedLevelCheck implements Check {

  private static final int WORTH_A_WARNING = 2;

  @Override
  public List<Diagnostic> check(Subject subject) {
    MeasuredLevel measured = subject.level();
    return subject.dance().headers().level().stream()
        .filter(stated -> stated.value() != measured.level())
        .map(stated -> say(stated, measured))
        .toList();
  }

  private static Diagnostic say(Stated<Level> stated, MeasuredLevel measured) {
    int above = measured.level().above(stated.value());
    String message =
        "The sheet says "
            + stated.value().label()
            + "; measured it is "
            + measured.level().label()
            + ", "
            + Math.abs(above)
            + (Math.abs(above) == 1 ? " level" : " levels")
            + (above > 0 ? " harder" : " easier")
            + ". What adds up stands with the level.";
    Mend mend =
        new Mend("State " + measured.level().label(), stated.span(), measured.level().label());
    return Math.abs(above) >= WORTH_A_WARNING
        ? Diagnostic.of(Code.LEVEL, stated.span(), message, mend)
        : Diagnostic.of(Code.LEVEL_NEAR, stated.span(), message, mend);
  }
}
