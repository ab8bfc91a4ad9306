package ulnaawl.formats;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.openpdf.text.Font;
import org.openpdf.text.pdf.BaseFont;

/** The app's own type (SIL Open Font License, beside the files), embedded in every sheet. */
record SheetFonts(Font title, Font heading, Font strong, Font text) {

  static SheetFonts embedded() {
    BaseFont regular = load("AtkinsonHyperlegibleNext-Regular.ttf");
    BaseFont bold = load("AtkinsonHyperlegibleNext-Bold.ttf");
    return new SheetFonts(
        new Font(bold, 20), new Font(bold, 11.5f), new Font(bold, 10), new Font(regular, 10));
  }

  private static BaseFont load(String file) {
    try (InputStream in =
        Objects.requireNonNull(SheetFonts.class.getResourceAsStream("fonts/" + file), file)) {
      return BaseFont.createFont(
          file, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, in.readAllBytes(), null);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
