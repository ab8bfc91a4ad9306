package ulnaawl.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.figure.FigureBook;
import ulnaawl.text.Severity;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;

/** Reports on a dance file: 0 without errors, 1 with errors in the dance, 2 where unreadable. */
public final class StepsCommand {

  private static final long MOST_BYTES = 8L * 1024 * 1024;

  private final PrintStream out;
  private final PrintStream err;

  public StepsCommand(PrintStream out, PrintStream err) {
    this.out = out;
    this.err = err;
  }

  /** Runs the command; answers its exit status. */
  public int run(String[] words) {
    try {
      StepsArguments arguments = StepsArguments.parse(words);
      String text = read(arguments.file());
      Compilation compiled = CheckSuite.check(text, FigureBook.standard());
      SequenceRequest request =
          SequenceRequest.of(compiled.dance()).withOptional(arguments.optional());
      if (arguments.walls().isPresent()) {
        request = request.withWalls(arguments.walls().getAsInt());
      }
      WallSequence sequence = WallSequence.of(compiled.dance(), request);
      out.println(
          arguments.json()
              ? JsonReport.of(text, compiled, sequence)
              : TextReport.of(text, compiled, sequence));
      boolean wrong = compiled.diagnostics().stream().anyMatch(d -> d.severity() == Severity.ERROR);
      return wrong ? 1 : 0;
    } catch (StepsArguments.WrongWords e) {
      err.println("ulna: " + e.getMessage());
      return 2;
    } catch (Unreadable e) {
      err.println("ulna: " + e.getMessage());
      return 2;
    }
  }

  private static final class Unreadable extends Exception {
    Unreadable(String message) {
      super(message);
    }
  }

  private static String read(String file) throws Unreadable {
    try {
      Path path = Path.of(file);
      if (!Files.isRegularFile(path)) {
        throw new Unreadable("there is no file " + file);
      }
      if (Files.size(path) > MOST_BYTES) {
        throw new Unreadable(file + " is larger than any dance; is it the right file?");
      }
      String text =
          StandardCharsets.UTF_8
              .newDecoder()
              .decode(ByteBuffer.wrap(Files.readAllBytes(path)))
              .toString();
      if (text.indexOf('\0') >= 0) {
        throw new Unreadable(file + " is not a text file");
      }
      return text.startsWith("\ufeff") ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      throw new Unreadable(file + " is not a text file in UTF-8");
    } catch (InvalidPathException | IOException e) {
      throw new Unreadable(file + " cannot be read: " + e.getMessage());
    }
  }
}
