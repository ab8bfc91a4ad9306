package ulnaawl.cli;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.text.Diagnostic;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;

/** Reports on a dance file: 0 without errors, 1 with errors in the dance, 2 where unreadable. */
@RequiredArgsConstructor
public final class StepsCommand {

  private final PrintStream out;
  private final PrintStream err;

  /**
   * Runs the command; answers its exit status. Of one file it prints a report, of several a line
   * each, and goes on after one that cannot be read.
   */
  public int run(String[] words) {
    StepsArguments arguments;
    try {
      arguments = StepsArguments.parse(words);
    } catch (WrongWords e) {
      err.println("ulna: " + e.getMessage());
      return 2;
    }
    boolean several = arguments.files().size() > 1;
    List<Map<String, Object>> reports = new ArrayList<>();
    int status = 0;
    for (String file : arguments.files()) {
      try {
        String text = DanceFile.read(file);
        Compilation compiled = CheckSuite.check(text, FigureBook.standard());
        WallSequence sequence = sequence(compiled.dance(), arguments);
        boolean wrong = compiled.diagnostics().stream().anyMatch(Diagnostic::isError);
        status = Math.max(status, wrong ? 1 : 0);
        if (arguments.json()) {
          reports.add(JsonReport.of(file, text, compiled, sequence));
        } else {
          out.println(
              several ? TextReport.line(file, compiled) : TextReport.of(text, compiled, sequence));
        }
      } catch (Unreadable e) {
        err.println("ulna: " + e.getMessage());
        reports.add(Map.of("file", file, "unreadable", String.valueOf(e.getMessage())));
        status = 2;
      }
    }
    if (arguments.json() && (several || status < 2)) {
      out.println(JsonReport.write(several ? reports : reports.getFirst()));
    }
    return status;
  }

  private static WallSequence sequence(Dance dance, StepsArguments arguments) {
    SequenceRequest request = SequenceRequest.of(dance).withOptional(arguments.optional());
    return WallSequence.of(
        dance,
        arguments.walls().isPresent() ? request.withWalls(arguments.walls().getAsInt()) : request);
  }
}
