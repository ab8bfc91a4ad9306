package ulnaawl.server.dances;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Level;
import ulnaawl.formats.SheetPdf;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.dances.PrintedSheets.PrintedSheet;
import ulnaawl.server.history.BringBack;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.sheet.prose.ProseSheet;

/** One dance: its text and everything computed from it. */
@RestController
@RequestMapping("/api/dances")
@RequiredArgsConstructor
class DanceController {

  private final DanceService dances;
  private final DanceReader reader;
  private final ReadingWriter writer;
  private final Catalog catalog;
  private final PrintedSheets printedSheets;

  /** A text to add, and the printed sheet that it was read from. */
  record StepText(
      @NotNull String stepText, @Nullable @Size(max = PrintedSheets.MOST_TEXT) String sheet) {}

  /** A changed text, and the version it was changed from. */
  record ChangedStepText(@NotNull String stepText, int version) {}

  /** A dance with all that is computed from it; the moment is in universal time. */
  record DanceSheet(
      long id,
      int version,
      PersonId updatedBy,
      LocalDateTime updatedAt,
      String stepText,
      Reading reading) {}

  /** A dance to choose. */
  record DanceName(long id, String title, Level level, int counts, int sections, boolean sound) {}

  @GetMapping
  @KeepAnswer
  List<DanceName> names() {
    return catalog.now().all().stream()
        .map(it ->
            new DanceName(
                it.id(),
                it.row().title(),
                it.facts().level(),
                it.facts().counts(),
                it.sections(),
                it.sound()))
        .toList();
  }

  @GetMapping("/{id}")
  @KeepAnswer
  DanceSheet dance(@PathVariable long id) {
    return sheet(dances.get(id));
  }

  @GetMapping(value = "/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> printed(@PathVariable long id) {
    ReadDance read = reader.read(dances.get(id).stepText());
    ContentDisposition name =
        ContentDisposition.attachment()
            .filename(read.dance().title() + ".pdf", StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(SheetPdf.write(read.dance(), read.sequence(), read.level(), reader.book()));
  }

  /** A dance in full sentences. */
  record Prose(String text) {}

  @GetMapping("/{id}/prose")
  Prose prose(@PathVariable long id) {
    return new Prose(ProseSheet.of(reader.read(dances.get(id).stepText()).dance(), reader.book()));
  }

  /** The printed sheet that the dance was read from; without lines where there is none. */
  @GetMapping("/{id}/printed-sheet")
  PrintedSheet printedSheet(@PathVariable long id) {
    return printedSheets.of(dances.get(id));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  DanceSheet add(@Valid @RequestBody StepText text, @AuthenticationPrincipal SignedIn me) {
    return sheet(
        dances.add(
            text.stepText(), Optional.ofNullable(text.sheet()).filter(it -> !it.isBlank()), me));
  }

  @PutMapping("/{id}")
  DanceSheet change(
      @PathVariable long id,
      @Valid @RequestBody ChangedStepText text,
      @AuthenticationPrincipal SignedIn me) {
    return sheet(dances.change(id, text.version(), text.stepText(), me));
  }

  /** Writes an earlier version anew; a removed dance comes back with it. */
  @PostMapping("/{id}/bring-back")
  DanceSheet bringBack(
      @PathVariable long id,
      @Valid @RequestBody BringBack wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheet(dances.bringBack(id, wanted.version(), wanted.to(), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    dances.archive(id, version, me);
  }

  private DanceSheet sheet(DanceRow row) {
    return new DanceSheet(
        row.id(),
        row.version(),
        row.writtenBy(),
        row.writtenAt(),
        row.stepText(),
        writer.write(reader.read(row.stepText()), reader.book()));
  }
}
