package ulnaawl.server.dances;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
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
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.SignedIn;

/** One dance: its text and everything computed from it. */
@RestController
@RequestMapping("/api/dances")
class DanceController {

  private final DanceService dances;
  private final DanceReader reader;
  private final ReadingWriter writer;
  private final Catalog catalog;

  DanceController(DanceService dances, DanceReader reader, ReadingWriter writer, Catalog catalog) {
    this.catalog = catalog;
    this.dances = dances;
    this.reader = reader;
    this.writer = writer;
  }

  /** A text to add. */
  record StepText(@NotNull String stepText) {}

  /** A changed text, and the version it was changed from. */
  record ChangedStepText(@NotNull String stepText, int version) {}

  /** A version to bring back, and the version that is known to be the newest. */
  record BringBack(int version, int to) {}

  /** A dance with all that is computed from it; the moment is in universal time. */
  record DanceSheet(
      long id,
      int version,
      String updatedBy,
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

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  DanceSheet add(@Valid @RequestBody StepText text, @AuthenticationPrincipal SignedIn me) {
    return sheet(dances.add(text.stepText(), me));
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
