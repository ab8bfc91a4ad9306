package ulnaawl.cli;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.formats.SheetFile;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.read.SheetReader;
import ulnaawl.words.Speech;

/**
 * Reads printed sheets into step text: 0 where all was read, 1 where something was not, 2 where a
 * file cannot be read.
 */
@RequiredArgsConstructor
public final class ReadCommand {

  private static final Speech SPEECH = Speech.english();

  private final PrintStream out;
  private final PrintStream err;

  /** Runs the command; answers its exit status. It goes on after a file that cannot be read. */
  public int run(String[] words) {
    ReadArguments arguments;
    try {
      arguments = ReadArguments.parse(words);
    } catch (WrongWords e) {
      err.println("ulna: " + e.getMessage());
      return 2;
    }
    List<Map<String, Object>> reports = new ArrayList<>();
    int status = 0;
    SheetReader reader = new SheetReader(FigureBook.standard());
    for (String file : arguments.files()) {
      try {
        List<ReadSheet> sheets = reader.read(textOf(file));
        if (sheets.isEmpty()) {
          throw new IOException("nothing is written in it");
        }
        for (ReadSheet sheet : sheets) {
          status = Math.max(status, sheet.hasUnread() ? 1 : 0);
          reports.add(report(file, sheet));
          put(file, sheet, arguments, sheets.size() > 1);
        }
      } catch (InvalidPathException | IOException e) {
        err.println("ulna: " + file + " cannot be read: " + e.getMessage());
        status = 2;
      }
    }
    if (arguments.json() && !reports.isEmpty()) {
      out.println(JsonReport.write(reports.size() == 1 ? reports.getFirst() : reports));
    }
    return status;
  }

  private static String textOf(String file) throws IOException {
    Path path = Path.of(file);
    if (!Files.isRegularFile(path)) {
      throw new IOException("there is no such file");
    }
    if (Files.size(path) > SheetFile.MOST_BYTES) {
      throw new IOException("it is larger than " + SheetFile.MOST_BYTES / (1024 * 1024) + " MB");
    }
    return SheetFile.text(Files.readAllBytes(path));
  }

  private void put(String file, ReadSheet sheet, ReadArguments arguments, boolean several)
      throws IOException {
    for (ReadLine line : sheet.doubtful()) {
      line.doubts()
          .forEach(doubt ->
              err.println(
                  file
                      + ":"
                      + line.number()
                      + ": "
                      + (doubt.isUnread() ? "not read: " : "guessed: ")
                      + SPEECH.sheets().doubt(doubt)
                      + (doubt.isUnread() ? " [" + line.text().strip() + "]" : "")));
    }
    Optional<Path> folder = arguments.to();
    if (folder.isPresent()) {
      Path written = unused(folder.get(), sheet.title());
      Files.writeString(written, sheet.stepText());
      err.println(file + ": " + sheet.title() + " is now " + written);
    } else if (!arguments.json()) {
      if (several) {
        out.println("# --- " + sheet.title());
      }
      out.print(sheet.stepText());
    }
  }

  /** A file in the folder by the title's name; an older one is never written over. */
  private static Path unused(Path folder, String title) throws IOException {
    Files.createDirectories(folder);
    String name = title.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\d]+", "-");
    name = name.replaceAll("^-+|(?<!-)-+$", "");
    name = name.isEmpty() ? "untitled" : name.substring(0, Math.min(80, name.length()));
    Path path = folder.resolve(name + ".steps");
    for (int number = 2; Files.exists(path); number++) {
      path = folder.resolve(name + "-" + number + ".steps");
    }
    return path;
  }

  private static Map<String, Object> report(String file, ReadSheet sheet) {
    Map<String, Object> report = new LinkedHashMap<>();
    report.put("file", file);
    report.put("title", sheet.title());
    report.put("stepText", sheet.stepText());
    List<Map<String, Object>> remarks = new ArrayList<>();
    for (ReadLine line : sheet.doubtful()) {
      for (var doubt : line.doubts()) {
        Map<String, Object> remark = new LinkedHashMap<>();
        remark.put("line", line.number());
        remark.put("kind", doubt.isUnread() ? "unread" : "guess");
        remark.put("message", SPEECH.sheets().doubt(doubt));
        remarks.add(remark);
      }
    }
    report.put("remarks", remarks);
    return report;
  }
}
