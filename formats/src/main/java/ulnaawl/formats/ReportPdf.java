package ulnaawl.formats;

import java.io.ByteArrayOutputStream;
import java.util.List;
import org.openpdf.text.Document;
import org.openpdf.text.Font;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;

/** What became of a term as a page of A4 for the committee: a part for each group. */
public final class ReportPdf {

  private static final float MARGIN = 40;
  private static final float SMALL = 9.2f;

  private ReportPdf() {}

  /** Dances of which the same became. */
  public record Part(String heading, List<String> titles) {
    public Part {
      titles = List.copyOf(titles);
    }
  }

  /**
   * A group.
   *
   * @param facts whole sentences
   */
  public record Group(String name, List<String> facts, List<Part> parts) {
    public Group {
      facts = List.copyOf(facts);
      parts = List.copyOf(parts);
    }
  }

  /**
   * The bytes of the PDF.
   *
   * @param span from when to when, in words
   */
  public static byte[] write(String title, String span, List<Group> groups) {
    SheetFonts fonts = SheetFonts.embedded();
    Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfWriter.getInstance(document, out);
    document.addTitle(title);
    document.addCreator("Ulna Awl");
    document.open();
    document.add(new Paragraph(title, fonts.title()));
    document.add(new Paragraph(span, fonts.text()));
    Font text = new Font(fonts.text().getBaseFont(), SMALL);
    Font strong = new Font(fonts.strong().getBaseFont(), SMALL);
    for (Group group : groups) {
      Paragraph name = new Paragraph(group.name(), fonts.heading());
      name.setSpacingBefore(10);
      document.add(name);
      group.facts().forEach(it -> document.add(new Paragraph(it, text)));
      PdfPTable table = new PdfPTable(new float[] {24, 76});
      table.setWidthPercentage(100);
      table.setSpacingBefore(3);
      for (Part part : group.parts()) {
        table.addCell(cell(part.heading(), strong));
        table.addCell(cell(String.join(", ", part.titles()), text));
      }
      document.add(table);
    }
    document.close();
    return out.toByteArray();
  }

  private static PdfPCell cell(String words, Font font) {
    PdfPCell cell = new PdfPCell(new Phrase(words, font));
    cell.setBorder(Rectangle.TOP);
    cell.setBorderWidth(0.4f);
    cell.setPadding(2.5f);
    return cell;
  }
}
