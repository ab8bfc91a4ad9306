package ulnaawl.server.dances;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
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
import ulnaawl.formats.SheetPdf;
import ulnaawl.notation.Limits;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;

/** One dance: its text and everything computed from it. */
@RestController
@RequestMapping("/api/dances")
class DanceController {

  private final DanceService dances;
  private final DanceReader reader;

  DanceController(DanceService dances, DanceReader reader) {
    this.dances = dances;
    this.reader = reader;
  }

  /** A text to read. */
  record StepText(@NotNull String stepText) {}

  /** A changed text, and the version it was changed from. */
  record ChangedStepText(@NotNull String stepText, int version) {}

  /** A dance with all that is computed from it; the moment is in universal time. */
  record DanceSheet(
      long id,
      int version,
      String updatedBy,
      LocalDateTime updatedAt,
      String stepText,
      Reading reading) {}

  @GetMapping("/{id}")
  DanceSheet dance(@PathVariable long id) {
    return sheet(dances.get(id));
  }

  @GetMapping(value = "/{id}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> sheet(@PathVariable long id) {
    ReadDance read = reader.read(dances.get(id).stepText());
    ContentDisposition name =
        ContentDisposition.attachment()
            .filename(read.dance().title() + ".pdf", StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(SheetPdf.write(read.dance(), read.sequence(), read.level(), reader.book()));
  }

  @PostMapping("/check")
  Reading check(@Valid @RequestBody StepText text) {
    if (text.stepText().length() > 4 * Limits.TEXT) {
      throw Problem.rejected("The text is longer than any dance: at most 64 KB are read.");
    }
    return ReadingWriter.write(reader.readOnce(text.stepText()), reader.book());
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

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    dances.remove(id, version, me);
  }

  private DanceSheet sheet(DanceRow row) {
    return new DanceSheet(
        row.id(),
        row.version(),
        row.updatedBy(),
        row.updatedAt(),
        row.stepText(),
        ReadingWriter.write(reader.read(row.stepText()), reader.book()));
  }
}
