package ulnaawl.formats;

import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.stream.Collectors;
import org.openpdf.text.Document;
import org.openpdf.text.Element;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.music.PlayTime;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/** A dance as one or two pages of A4: sections, options, tags, phrasing with its walls. */
public final class SheetPdf {

  private static final float MARGIN = 42;

  private final Dance dance;
  private final WallSequence sequence;
  private final MeasuredLevel level;
  private final SheetFonts fonts = SheetFonts.embedded();
  private final Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);

  private final FigureBook book;

  private SheetPdf(Dance dance, WallSequence sequence, MeasuredLevel level, FigureBook book) {
    this.book = book;
    this.dance = dance;
    this.sequence = sequence;
    this.level = level;
  }

  /**
   * The bytes of the PDF.
   *
   * @param book the figure book with the club's words
   */
  public static byte[] write(
      Dance dance, WallSequence sequence, MeasuredLevel level, FigureBook book) {
    return new SheetPdf(dance, sequence, level, book).write();
  }

  private byte[] write() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfWriter.getInstance(document, out);
    document.addTitle(dance.title());
    document.addCreator("Ulna Awl");
    document.open();
    writeHead();
    dance.sections().forEach(this::writeSection);
    dance.extras().values().stream()
        .sorted(java.util.Comparator.comparingInt(extra -> extra.span().start()))
        .forEach(this::writeExtra);
    if (!dance.script().phrasing().isEmpty()) {
      writeWalls();
    }
    dance.headers().notes().forEach(note -> add(note.value()));
    document.close();
    return out.toByteArray();
  }

  private void writeHead() {
    document.add(new Paragraph(dance.title(), fonts.title()));
    String walls =
        dance.isPhrased() ? "phrased" : dance.walls() + (dance.walls() == 1 ? " wall" : " walls");
    String stated =
        dance.headers().level().map(Stated::value).map(Level::label).orElse(level.level().label());
    add(
        dance.counts()
            + " counts, "
            + walls
            + ", "
            + stated
            + (stated.equals(level.level().label())
                ? ""
                : " (measured " + level.level().label() + ")")
            + dance.headers().by().map(by -> ", by " + by.value()).orElse(""));
    dance.headers().songs().forEach(song -> add(words(song.value())));
    add(
        "Intro "
            + dance.headers().intro().map(Stated::value).orElse(0)
            + " counts; start with the weight on "
            + dance.startWeight().label()
            + ". Facings as if every wall began at 12.");
  }

  private static String words(Song song) {
    StringBuilder words = new StringBuilder("“" + song.title() + "”");
    song.artist().ifPresent(artist -> words.append(", ").append(artist));
    song.countsPerMinute()
        .map(Tempo::label)
        .ifPresent(rate -> words.append(", ").append(rate).append(" counts a minute"));
    song.lengthSeconds().ifPresent(length -> words.append(", ").append(PlayTime.of(length)));
    return words.toString();
  }

  private void writeSection(Section section) {
    String title = section.title().isEmpty() ? "Section " + section.number() : section.title();
    heading(
        section.number()
            + ". "
            + title
            + "   "
            + section.startFacing().clock()
            + " to "
            + section.endFacing().clock()
            + ", ends on "
            + section.endWeight().label());
    PdfPTable table = table(14, 68, 18);
    for (DancedFigure figure : DancedFigure.of(section.places())) {
      table.addCell(cell(counts(figure), true));
      Place first = figure.first();
      table.addCell(
          cell(
              first.call().words() + (first.note().isEmpty() ? "" : " (" + first.note() + ")"),
              false));
      boolean turns = figure.places().stream().anyMatch(place -> !place.turn().isNone());
      table.addCell(cell(turns ? "to " + figure.places().getLast().facing().clock() : "", false));
    }
    document.add(table);
    for (Variation option : dance.variations()) {
      if (option.section() == section.number()) {
        add(
            "    "
                + option.name()
                + " ("
                + option.kind().name().toLowerCase(java.util.Locale.ROOT)
                + "): "
                + inline(option.places()));
      }
    }
  }

  private void writeExtra(Passage extra) {
    heading(
        extra.name()
            + "   "
            + extra.counts()
            + " counts"
            + (extra.turn().isNone() ? "" : ", turns " + extra.turn().label()));
    add(inline(extra.places()));
  }

  private void writeWalls() {
    heading("Phrasing");
    dance.script().phrasing().forEach(phrase -> add(StepTextFormatter.phrase(phrase, book)));
    heading("Walls, on the clock of the room");
    PdfPTable table = table(12, 12, 12, 14, 50);
    for (String head : List.of("wall", "starts", "counts", "at", "what")) {
      table.addCell(cell(head, true));
    }
    for (Wall wall : sequence.walls()) {
      table.addCell(cell(wall.number() + (dance.isPhrased() ? " " + wall.part() : ""), false));
      table.addCell(cell(wall.startFacing().clock(), false));
      table.addCell(cell(String.valueOf(wall.counts()), false));
      table.addCell(
          cell(
              wall.startMillis().isPresent()
                  ? PlayTime.of((int) (wall.startMillis().getAsLong() / 1000))
                  : "",
              false));
      table.addCell(
          cell(
              wall.events().stream()
                  .map(event -> event.id().notation() + ", facing " + event.to().clock())
                  .collect(Collectors.joining("; ")),
              false));
    }
    document.add(table);
  }

  private static String inline(List<Place> places) {
    return DancedFigure.of(places).stream()
        .map(figure -> counts(figure) + " " + figure.call().words())
        .collect(Collectors.joining("; "));
  }

  private static String counts(DancedFigure figure) {
    return StepTextFormatter.counts(figure.counts());
  }

  private void heading(String words) {
    Paragraph heading = new Paragraph(words, fonts.heading());
    heading.setSpacingBefore(8);
    heading.setSpacingAfter(2);
    heading.setKeepTogether(true);
    document.add(heading);
  }

  private void add(String words) {
    document.add(new Paragraph(words, fonts.text()));
  }

  private PdfPTable table(float... widths) {
    PdfPTable table = new PdfPTable(widths);
    table.setWidthPercentage(100);
    table.setHorizontalAlignment(Element.ALIGN_LEFT);
    return table;
  }

  private PdfPCell cell(String words, boolean strong) {
    PdfPCell cell = new PdfPCell(new Phrase(words, strong ? fonts.strong() : fonts.text()));
    cell.setBorder(0);
    cell.setPadding(1);
    return cell;
  }
}
