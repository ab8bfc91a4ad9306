package ulnaawl.server.sheets;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.lineage.FeetPrint;
import ulnaawl.figure.FigureBook;
import ulnaawl.formats.intake.Content;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.notation.Limits;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.dances.DanceComparison;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.exchange.Found;
import ulnaawl.server.exchange.Found.Where;
import ulnaawl.server.exchange.Incoming;
import ulnaawl.server.exchange.Kind;
import ulnaawl.server.exchange.Taken;
import ulnaawl.server.history.Difference;
import ulnaawl.server.platform.Names;
import ulnaawl.server.reading.ReadingRoom;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.ReadLine.Understanding;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.read.SheetReader;
import ulnaawl.sheet.read.WrittenAs;
import ulnaawl.text.Diagnostic;
import ulnaawl.words.Speech;

/** Dances that come as step text, as printed sheets, or in a table with their step text. */
@Component
@RequiredArgsConstructor
class SheetsIn implements Incoming {

  private static final int MOST_LINES = 12;
  private static final int MOST_DIFFERENCES = 60;

  private final DanceReader reader;
  private final DanceService dances;
  private final Catalog catalog;
  private final DanceComparison comparison;
  private final ReadingRoom room;
  private final Speech speech;

  @Override
  public Kind kind() {
    return Kind.DANCES;
  }

  /** A dance as it came. */
  private record Sheet(
      Where spot, String stepText, Optional<String> printed, List<String> doubts, boolean isWise) {}

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    List<Found> found = new ArrayList<>();
    Known known = new Known(catalog.now().all());
    for (Brought.Numbered<Content.Words> one : brought.of(Content.Words.class)) {
      for (Sheet sheet : sheets(one.part(), one.content().text())) {
        found.add(look(sheet, known, coming));
      }
    }
    found.addAll(
        brought.rows(
            ClubTable.DANCES,
            row -> look(stepText(row.spot(), row.cell("step text")), known, coming)));
    return found;
  }

  private List<Sheet> sheets(int part, String text) {
    if (text.length() > SheetShapes.MOST_TEXT) {
      return List.of(stepText(new Where(part, 0), text));
    }
    boolean fits = text.length() <= Limits.TEXT;
    List<Diagnostic> mistakes = fits ? reader.read(text).diagnostics() : List.of();
    if (fits && mistakes.stream().noneMatch(Diagnostic::isError)) {
      return List.of(stepText(new Where(part, 1), text));
    }
    FigureBook book = reader.book();
    List<ReadSheet> sheets = room.read(() -> new SheetReader(book).read(text));
    WrittenAs kind = fits ? WrittenAs.of(text, mistakes, sheets) : WrittenAs.PRINTED_SHEET;
    return switch (kind) {
      case STEP_TEXT -> List.of(stepText(new Where(part, 1), text));
      case PRINTED_SHEET -> sheets.stream().map(sheet -> printed(part, sheet)).toList();
    };
  }

  private Sheet stepText(Where spot, String text) {
    return new Sheet(spot, text, Optional.empty(), List.of(), true);
  }

  private Sheet printed(int part, ReadSheet sheet) {
    List<String> doubts =
        sheet.doubtful().stream()
            .map(line ->
                "line "
                    + line.number()
                    + ", “"
                    + line.text().strip()
                    + "”: "
                    + line.doubts().stream()
                        .map(speech.sheets()::doubt)
                        .collect(Collectors.joining("; ")))
            .toList();
    String printed =
        sheet.lines().stream().map(ReadLine::text).collect(Collectors.joining("\n")).strip();
    int first = sheet.lines().stream().mapToInt(ReadLine::number).min().orElse(1);
    return new Sheet(
        new Where(part, first),
        sheet.stepText(),
        Optional.of(printed),
        doubts,
        sheet.lines().stream().noneMatch(it -> it.understanding() == Understanding.UNREAD));
  }

  /** The dances that the club has, and those of the same files. */
  private static final class Known {
    private final List<CatalogDance> dances;
    private final Map<String, CatalogDance> byTitle = new HashMap<>();
    private final Map<String, String> coming = new HashMap<>();

    Known(List<CatalogDance> dances) {
      this.dances = dances;
      dances.forEach(it -> byTitle.put(Names.key(it.row().title()), it));
    }

    Optional<String> sameFeet(FeetPrint feet) {
      return dances.stream()
          .filter(it -> it.feet().isLike(feet))
          .map(it -> it.row().title())
          .findFirst();
    }
  }

  private Found look(Sheet sheet, Known known, Coming coming) {
    Where spot = sheet.spot();
    String text = sheet.stepText();
    if (text.isBlank() || text.length() > Limits.TEXT || text.indexOf('\0') >= 0) {
      return spot.unreadable(
          "",
          text.isBlank()
              ? "There is no step text here that can be read."
              : "This is more than a dance has: " + Limits.TEXT + " characters.");
    }
    ReadDance read = reader.read(text);
    String title = read.dance().title();
    String key = Names.key(title);
    if (read.dance().main().counts() == 0) {
      return spot.unreadable(title, "There are no steps in it that could be read.");
    }
    String other = known.coming.put(key, text);
    if (other != null) {
      return other.equals(text)
          ? spot.same(title, "It stands in these files twice.")
          : spot.conflict(title, "Another dance of this title stands in these files before it.");
    }
    if (read.isSound()) {
      coming.dance(title, read.sections());
    }
    CatalogDance twin = known.byTitle.get(key);
    if (twin == null) {
      String like =
          known
              .sameFeet(FeetPrint.of(read.dance()))
              .map(it -> "The feet do the same as in " + it + ", which the club has.")
              .orElse("");
      return found(
          sheet,
          read,
          Found.State.NEW,
          like,
          List.of(),
          like.isEmpty() && sheet.isWise() && read.isSound());
    }
    DanceRow row = twin.row();
    String ours = dances.version(row.at()).stepText();
    if (ours.strip().equals(text.strip())) {
      return spot.same(title, "");
    }
    return found(
        sheet,
        read,
        Found.State.CONFLICT,
        "The club has a dance of this title with another text; taken, this becomes its next"
            + " version.",
        comparison.between(ours, text),
        false);
  }

  private Found found(
      Sheet sheet,
      ReadDance read,
      Found.State state,
      String note,
      List<Difference> differences,
      boolean isWise) {
    List<String> doubts = new ArrayList<>(sheet.doubts());
    read.diagnostics().stream()
        .filter(Diagnostic::isError)
        .map(it -> "step text, line " + read.source().line(it.span().start()) + ": " + it.message())
        .forEach(doubts::add);
    int more = doubts.size() - MOST_LINES;
    List<String> shown = new ArrayList<>(doubts.subList(0, Math.min(doubts.size(), MOST_LINES)));
    if (more > 0) {
      shown.add("and " + more + " more");
    }
    String title = read.dance().title();
    return new Found(
        sheet.spot().part(),
        sheet.spot().line(),
        title,
        state,
        note,
        shown,
        differences.subList(0, Math.min(differences.size(), MOST_DIFFERENCES)),
        isWise,
        Optional.of(me -> take(sheet, title, me)));
  }

  private Taken take(Sheet sheet, String title, SignedIn me) {
    Optional<DanceRow> there =
        dances.all().stream()
            .filter(it -> Names.key(it.title()).equals(Names.key(title)))
            .findFirst();
    if (there.isEmpty()) {
      DanceRow added = dances.add(sheet.stepText(), sheet.printed(), me);
      return Taken.added(added.id(), added.version());
    }
    DanceRow was = there.get();
    DanceRow now = dances.change(was.id(), was.version(), sheet.stepText(), sheet.printed(), me);
    return new Taken(now.id(), was.version(), now.version());
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    long id = taken.id();
    return dances
        .find(id)
        .flatMap(now ->
            taken.undo(
                now.version(),
                now.title(),
                () -> dances.archive(id, taken.to(), me),
                () -> dances.bringBack(id, taken.to(), taken.from(), me)));
  }
}
