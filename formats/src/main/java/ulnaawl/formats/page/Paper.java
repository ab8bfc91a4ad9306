package ulnaawl.formats.page;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * Pages of A4, put together from headings, lines and tables, as a PDF with tags (PDF/UA-1, ISO
 * 14289-1): a reader without sight hears what is a heading and which cells belong together. The
 * app's own type is embedded (SIL Open Font License, beside the files).
 */
public final class Paper {

  private static final String TYPE = "Atkinson";
  private static final byte[] REGULAR = font("AtkinsonHyperlegibleNext-Regular.ttf");
  private static final byte[] BOLD = font("AtkinsonHyperlegibleNext-Bold.ttf");

  private static final String STYLE =
      """
      @page { size: A4; }
      body { font-family: Atkinson; line-height: 1.32; margin: 0; }
      h1 { font-size: 20pt; line-height: 1.2; margin: 0 0 2pt; }
      h2 { font-size: 11.5pt; line-height: 1.25; margin: 8pt 0 2pt; page-break-after: avoid; }
      p { margin: 0; }
      table { width: 100%; border-collapse: collapse; table-layout: fixed; }
      td, th { padding: 1pt; text-align: left; vertical-align: top; font-weight: normal; }
      .strong { font-weight: bold; }
      .ruled td, .ruled th { border-top: 0.5pt solid #000; padding: 2.5pt; }
      tr { page-break-inside: avoid; }
      """;

  static {
    XRLog.setLoggingEnabled(false);
  }

  private final String title;
  private final StringBuilder style;
  private final StringBuilder body = new StringBuilder();

  private Paper(String title, int margin, double size) {
    this.title = title;
    this.style =
        new StringBuilder(STYLE)
            .append("@page { margin: " + margin + "pt; }")
            .append("body { font-size: " + size + "pt; }");
  }

  /**
   * Blank pages.
   *
   * @param title what a window says that shows them
   * @param margin points on each side
   * @param size of the letters, points
   */
  public static Paper blank(String title, int margin, double size) {
    return new Paper(title, margin, size);
  }

  /** A cell of a table: words, strong ones or not, or what was put together of several things. */
  public record Cell(String markup, boolean isStrong) {}

  public static Cell cell(String words) {
    return new Cell(escaped(words), false);
  }

  public static Cell strong(String words) {
    return new Cell(escaped(words), true);
  }

  /** Several lines: the first one of a class, the others of another. */
  public static Cell lines(
      String firstClass, String first, String othersClass, List<String> others) {
    return new Cell(
        line(firstClass, first)
            + others.stream().map(it -> line(othersClass, it)).collect(Collectors.joining()),
        false);
  }

  /** The hall from above with a wedge that points where one faces; named by the clock. */
  public static Cell hall(int eighths, String clock) {
    return new Cell(
        "<object type=\"%s\" data-eighths=\"%d\" alt=\"faces %s\" style=\"%s\"></object>"
            .formatted(HallDrawer.TYPE, eighths, escaped(clock), HallDrawer.STYLE),
        false);
  }

  private static String line(String of, String words) {
    return "<p class=\"" + of + "\">" + escaped(words) + "</p>";
  }

  /** Rules of style (CSS) besides the usual ones. */
  public Paper style(String rules) {
    style.append(rules);
    return this;
  }

  public Paper title(String words) {
    body.append("<h1>").append(escaped(words)).append("</h1>");
    return this;
  }

  public Paper heading(String words) {
    body.append("<h2>").append(escaped(words)).append("</h2>");
    return this;
  }

  public Paper text(String words) {
    body.append("<p>").append(escaped(words)).append("</p>");
    return this;
  }

  public Paper strongText(String words) {
    body.append(line("strong", words));
    return this;
  }

  /**
   * A table without a line of names: the first cell of each row says what the row is about.
   *
   * @param look a class for its style; may be empty
   * @param widths of the columns, hundredths of the page's
   */
  public Paper table(String look, List<Integer> widths, List<List<Cell>> rows) {
    return table(look, widths, List.of(), rows);
  }

  /** A table with a line of names. */
  public Paper table(String look, List<Integer> widths, List<String> names, List<List<Cell>> rows) {
    if (rows.isEmpty()) {
      return this;
    }
    body.append("<table class=\"").append(look).append("\">");
    body.append("<colgroup>");
    widths.forEach(it -> body.append("<col style=\"width:").append(it).append("%\"/>"));
    body.append("</colgroup>");
    if (!names.isEmpty()) {
      body.append("<thead><tr>");
      names.forEach(it ->
          body.append("<th scope=\"col\" class=\"strong\">").append(escaped(it)).append("</th>"));
      body.append("</tr></thead>");
    }
    body.append("<tbody>");
    for (List<Cell> row : rows) {
      body.append("<tr>");
      for (int i = 0; i < row.size(); i++) {
        String kind = i == 0 ? "th scope=\"row\"" : "td";
        body.append('<').append(kind);
        body.append(row.get(i).isStrong() ? " class=\"strong\">" : ">");
        body.append(row.get(i).markup());
        body.append(i == 0 ? "</th>" : "</td>");
      }
      body.append("</tr>");
    }
    body.append("</tbody></table>");
    return this;
  }

  /** The bytes of the PDF. */
  public byte[] pdf() {
    String page =
        "<html lang=\"en\"><head><title>"
            + escaped(title)
            + "</title><meta name=\"description\" content=\""
            + escaped(title)
            + "\"/><style>"
            + style
            + "</style></head><body>"
            + body
            + "</body></html>";
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    DefaultObjectDrawerFactory drawers = new DefaultObjectDrawerFactory();
    drawers.registerDrawer(HallDrawer.TYPE, new HallDrawer());
    try {
      new PdfRendererBuilder()
          .usePdfUaAccessibility(true)
          .withProducer("Ulna Awl")
          .useObjectDrawerFactory(drawers)
          .useFont(supplier(REGULAR), TYPE, 400, FontStyle.NORMAL, true)
          .useFont(supplier(BOLD), TYPE, 700, FontStyle.NORMAL, true)
          .withHtmlContent(page, null)
          .toStream(out)
          .run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toByteArray();
  }

  private static FSSupplier<InputStream> supplier(byte[] font) {
    return () -> new ByteArrayInputStream(font);
  }

  /** As it stands in markup, without the signs that XML has no place for. */
  private static String escaped(String words) {
    return words
        .codePoints()
        .filter(it -> it >= ' ' && it != 0xFFFE && it != 0xFFFF && (it < 0xD800 || it > 0xDFFF))
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString()
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  private static byte[] font(String file) {
    try (InputStream in =
        Objects.requireNonNull(
            Paper.class.getResourceAsStream("/ulnaawl/formats/fonts/" + file), file)) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
