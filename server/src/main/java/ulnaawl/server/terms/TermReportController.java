package ulnaawl.server.terms;

import lombok.RequiredArgsConstructor;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.terms.TermReports.TermReport;

/** What became of a term, for the committee. */
@RestController
@RequestMapping("/api/terms/{id}/report")
@RequiredArgsConstructor
class TermReportController {

  private final Terms terms;
  private final TermReports reports;

  @GetMapping
  TermReport report(@PathVariable long id) {
    return reports.of(terms.get(id));
  }

  /** The same to be handed out. */
  @GetMapping(value = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> pdf(@PathVariable long id) {
    TermRow term = terms.get(id);
    ContentDisposition inline =
        ContentDisposition.inline().filename("report-" + term.from() + ".pdf").build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, inline.toString())
        .body(reports.pdf(term));
  }
}
