package ulnaawl.server.sheets;

import jakarta.validation.Valid;
import lombok.RequiredArgsConstructor;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.sheets.SheetShapes.FileText;
import ulnaawl.server.sheets.SheetShapes.PastedText;
import ulnaawl.server.sheets.SheetShapes.SheetsView;

/** Printed sheets, pasted or as files. */
@RestController
@RequestMapping("/api/sheets")
@RequiredArgsConstructor
class SheetController {

  private final SheetService sheets;

  /** What was understood of a text, sheet by sheet and line by line. */
  @PostMapping("/read")
  SheetsView read(@Valid @RequestBody PastedText pasted) {
    return new SheetsView(sheets.read(pasted.text()));
  }

  /** The text of a file: plain text, .docx, .odt or PDF. */
  @PostMapping("/file")
  FileText file(@RequestBody byte[] file) {
    return new FileText(sheets.text(file));
  }
}
