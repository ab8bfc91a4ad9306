package ulnaawl.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.formats.intake.Content;
import ulnaawl.formats.intake.Intake;
import ulnaawl.formats.intake.Part;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.TableText;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.exchange.ImportStore.Batch;
import ulnaawl.server.exchange.Imports.Chosen;
import ulnaawl.server.exchange.Imports.Left;
import ulnaawl.server.exchange.Imports.Looked;
import ulnaawl.server.exchange.Imports.Sent;
import ulnaawl.server.history.Audit;
import ulnaawl.server.history.LineDifference;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.reading.ReadingRoom;

/** What comes into the club in files, and the tables that it gives. */
@RestController
@RequestMapping("/api")
@RequiredArgsConstructor
class ExchangeController {

  private static final int MOST_FILES = 300;

  private final Imports imports;
  private final List<Outgoing> tables;
  private final Audit audit;
  private final ReadingRoom room;

  /**
   * A file as it is sent.
   *
   * @param base64 what is in it (RFC 4648, section 4)
   */
  record BroughtFile(@NotNull @Size(max = 300) String name, @NotNull String base64) {
    Sent sent() {
      try {
        return new Sent(name, Intake.read(name, Base64.getDecoder().decode(base64)));
      } catch (IllegalArgumentException notBase64) {
        throw Problem.rejected(name + " did not come as Base64; send it again.");
      }
    }
  }

  /** Files to look at. */
  record FilesToLook(@NotEmpty @Size(max = MOST_FILES) List<@NotNull @Valid BroughtFile> files) {}

  /**
   * Something of a look that is to be taken.
   *
   * @param number its number there
   * @param title and state as it had them there: where they are others by now, nothing is taken
   */
  record ChosenFind(
      int number, @NotNull @Size(max = 400) String title, Found.@NotNull State state) {}

  /** Files to take from, and what of them. */
  record FilesToTake(
      @NotEmpty @Size(max = MOST_FILES) List<@NotNull @Valid BroughtFile> files,
      @NotNull @Size(max = 8000) List<@NotNull @Valid ChosenFind> chosen) {}

  /** What a file was read as. */
  enum ReadAs {
    WORDS,
    TABLE,
    SONGS,
    CALENDAR,
    NOTHING
  }

  /**
   * A file, those of bundles too.
   *
   * @param table which table of the club's it is
   * @param why why nothing could be read
   */
  record FileSeen(String name, ReadAs readAs, @Nullable ClubTable table, @Nullable String why) {
    static FileSeen of(Part part) {
      return switch (part.content()) {
        case Content.Words _ -> new FileSeen(part.name(), ReadAs.WORDS, null, null);
        case Content.Rows it -> new FileSeen(part.name(), ReadAs.TABLE, it.kind(), null);
        case Content.Songs _ -> new FileSeen(part.name(), ReadAs.SONGS, null, null);
        case Content.Events _ -> new FileSeen(part.name(), ReadAs.CALENDAR, null, null);
        case Content.Refused it -> new FileSeen(part.name(), ReadAs.NOTHING, null, it.why());
      };
    }
  }

  /**
   * Something that a file holds.
   *
   * @param number by which it is chosen
   * @param file the number of its file, from 0
   * @param line from 1; 0 for the whole file
   * @param doubts what is not sure of it
   * @param differences where it differs from what the club has
   * @param wise whether one takes it without a further look
   * @param takes whether it can be taken
   */
  record FindView(
      int number,
      Kind kind,
      int file,
      int line,
      String title,
      Found.State state,
      String note,
      List<String> doubts,
      List<LineDifference> differences,
      boolean wise,
      boolean takes) {}

  /** What is in the files. */
  record LookView(List<FileSeen> files, List<FindView> found) {
    static LookView of(Looked look) {
      List<FindView> found = new ArrayList<>();
      for (int i = 0; i < look.found().size(); i++) {
        Found it = look.found().get(i).found();
        found.add(
            new FindView(
                i,
                look.found().get(i).kind(),
                it.part(),
                it.line(),
                it.title(),
                it.state(),
                it.note(),
                it.doubts(),
                it.differences().stream().map(LineDifference::of).toList(),
                it.isWise(),
                it.take().isPresent()));
      }
      return new LookView(look.parts().stream().map(FileSeen::of).toList(), found);
    }
  }

  /** How many of a kind came. */
  record KindCount(Kind kind, int count) {}

  /** Something that came in at once; the moment in universal time. */
  record ImportView(
      long id,
      LocalDateTime at,
      PersonId by,
      String files,
      List<KindCount> counts,
      boolean undone) {}

  /** What an undoing left as it is. */
  record LeftView(Kind kind, String why) {}

  /** What came of an undoing. */
  record Undone(List<LeftView> left) {}

  /** What came in, the newest first. */
  @GetMapping("/imports")
  List<ImportView> all() {
    return imports.newest().stream().map(this::view).toList();
  }

  private ImportView view(Batch batch) {
    Map<Kind, Integer> counts = imports.counts(batch.id());
    return new ImportView(
        batch.id(),
        batch.at(),
        batch.by(),
        batch.files(),
        counts.entrySet().stream()
            .sorted(Map.Entry.comparingByKey(Comparator.naturalOrder()))
            .map(it -> new KindCount(it.getKey(), it.getValue()))
            .toList(),
        batch.undoneAt().isPresent());
  }

  /** What files hold; nothing is changed. */
  @PostMapping("/imports/look")
  LookView look(@Valid @RequestBody FilesToLook wanted) {
    return LookView.of(imports.look(sent(wanted.files())));
  }

  /** Takes in what was chosen, all of it or nothing. */
  @PostMapping("/imports")
  ImportView take(@Valid @RequestBody FilesToTake wanted, @AuthenticationPrincipal SignedIn me) {
    List<Chosen> chosen =
        wanted.chosen().stream()
            .map(it -> new Chosen(it.number(), it.title(), it.state()))
            .toList();
    long id = imports.take(sent(wanted.files()), chosen, me);
    return all().stream().filter(it -> it.id() == id).findFirst().orElseThrow();
  }

  private List<Sent> sent(List<BroughtFile> files) {
    return files.stream().map(it -> room.read(it::sent)).toList();
  }

  /** Undoes what came in at once. */
  @PostMapping("/imports/{id}/undo")
  Undone undo(@PathVariable long id, @AuthenticationPrincipal SignedIn me) {
    List<Left> left = imports.undo(id, me);
    return new Undone(left.stream().map(it -> new LeftView(it.kind(), it.why())).toList());
  }

  /** A table of the club, as it can come in again. */
  @GetMapping(value = "/tables/{table}", produces = "text/csv")
  ResponseEntity<byte[]> table(
      @PathVariable ClubTable table, @AuthenticationPrincipal SignedIn me) {
    Outgoing wanted =
        tables.stream()
            .filter(it -> it.table() == table)
            .findFirst()
            .orElseThrow(() -> Problem.gone("There is no such table."));
    audit.exported(me.person(), "the " + table.label() + ", as a table");
    String name = table.label().replace(' ', '-') + ".csv";
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(
            (TableText.MARK + TableText.write(table.columns(), wanted.rows()))
                .getBytes(StandardCharsets.UTF_8));
  }
}
