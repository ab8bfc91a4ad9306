package ulnaawl.cli;

import java.util.Locale;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;
import ulnaawl.level.LevelMeasure;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceText;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;
import ulnaawl.words.Speech;

/** The report for reading. */
final class TextReport {

  private static final Speech SPEECH = Speech.english();

  private final StringBuilder out = new StringBuilder();

  private TextReport() {}

  static String of(String text, Compilation compiled, WallSequence sequence) {
    TextReport report = new TextReport();
    report.write(text, compiled, sequence);
    return report.out.toString().stripTrailing();
  }

  /** One line: the file, the title, counts, walls, the measured level, mistakes. */
  static String line(String file, Compilation compiled) {
    Dance dance = compiled.dance();
    long wrong = compiled.diagnostics().stream().filter(Diagnostic::isError).count();
    return String.format(
        Locale.ROOT,
        "%s: %s, %d counts, %d wall%s, %s, %s",
        file,
        dance.title(),
        dance.counts(),
        dance.walls(),
        dance.walls() == 1 ? "" : "s",
        LevelMeasure.of(dance, FigureBook.standard()).level().label(),
        wrong == 0 ? "no mistakes" : wrong == 1 ? "1 mistake" : wrong + " mistakes");
  }

  private void write(String text, Compilation compiled, WallSequence sequence) {
    Dance dance = compiled.dance();
    String turn = dance.turn().net() == 0 ? "no turn" : "turn " + dance.turn().label();
    line(
        "%s: %d counts, %d wall%s, %s, start weight %s",
        dance.title(),
        dance.counts(),
        dance.walls(),
        dance.walls() == 1 ? "" : "s",
        turn,
        dance.startWeight().label());
    MeasuredLevel level = LevelMeasure.of(dance, FigureBook.standard());
    line(
        "Level %s measured%s",
        level.level().label(),
        dance
            .headers()
            .level()
            .map(stated -> ", " + stated.value().label() + " stated")
            .orElse(""));
    level.reasons().forEach(reason -> line("  %s", SPEECH.level().reason(reason)));
    for (Section section : dance.sections()) {
      line("");
      line(
          "Section %d%s  faces %s to %s, weight %s to %s (wall-relative)",
          section.number(),
          section.title().isEmpty() ? "" : ": " + section.title(),
          section.startFacing().clock(),
          section.endFacing().clock(),
          section.startWeight().label(),
          section.endWeight().label());
      for (Place place : section.places()) {
        line(
            "  %-4s %-2s %-20s weight %-5s facing %-6s %s",
            place.count().label(),
            place.foot().map(foot -> foot.letter()).orElse("-"),
            place.description(),
            place.after().label(),
            place.facing().clock(),
            place.step() == 1 ? place.call().words() : "");
      }
    }
    if (!sequence.walls().isEmpty()) {
      line("");
      line("Walls (room clock)");
      for (Wall wall : sequence.walls()) {
        line(
            "  %2d  starts %-6s ends %-6s %3d counts%s%s",
            wall.number(),
            wall.startFacing().clock(),
            wall.endFacing().clock(),
            wall.counts(),
            wall.startMillis().isPresent() ? "  at " + clock(wall.startMillis().getAsLong()) : "",
            wall.events().isEmpty()
                ? ""
                : "  " + String.join("; ", wall.events().stream().map(TextReport::event).toList()));
      }
      sequence
          .songEnd()
          .ifPresent(end ->
              line(
                  "  The song ends on wall %d after %d counts, facing %s",
                  end.wall(), end.count(), end.facing().clock()));
    }
    SourceText source = SourceText.of(text);
    for (Diagnostic one : compiled.diagnostics()) {
      line("");
      line(
          "%s at line %d, column %d [%s]",
          one.severity().word(),
          source.line(one.span().start()),
          source.column(one.span().start()),
          one.code().word());
      line("  %s", one.message());
      one.mends().forEach(mend -> line("  Mend: %s", mend.label()));
    }
  }

  private static String event(WallEvent event) {
    return event.from().equals(event.to())
        ? event.id().notation() + ", facing " + event.from().clock()
        : event.id().notation() + ", facing " + event.from().clock() + " to " + event.to().clock();
  }

  private static String clock(long millis) {
    return String.format(Locale.ROOT, "%d:%02d", millis / 60_000, millis / 1000 % 60);
  }

  private void line(String format, Object... values) {
    out.append(String.format(Locale.ROOT, format, values)).append('\n');
  }
}
