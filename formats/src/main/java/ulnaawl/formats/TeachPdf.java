package ulnaawl.formats;

import java.io.ByteArrayOutputStream;
import java.util.List;
import org.openpdf.text.Document;
import org.openpdf.text.Element;
import org.openpdf.text.Font;
import org.openpdf.text.PageSize;
import org.openpdf.text.Paragraph;
import org.openpdf.text.Phrase;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfPCell;
import org.openpdf.text.pdf.PdfPCellEvent;
import org.openpdf.text.pdf.PdfPTable;
import org.openpdf.text.pdf.PdfWriter;
import ulnaawl.music.PlayTime;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.words.TeachSpeech;

/**
 * A teach as one or two pages of A4 to lie on the floor: minutes at the left, where the class
 * faces, scope, mode and pace in large type, what to say below.
 */
public final class TeachPdf {

  private static final float MARGIN = 36;
  private static final int FEW = 12;

  private final SheetFonts fonts = SheetFonts.embedded();
  private final Document document = new Document(PageSize.A4, MARGIN, MARGIN, MARGIN, MARGIN);
  private final Teach teach;
  private final TeachSpeech speech;
  private final boolean few;
  private final Font large;
  private final Font small;

  private TeachPdf(Teach teach, TeachSpeech speech) {
    this.teach = teach;
    this.speech = speech;
    this.few = teach.drills().size() <= FEW;
    this.large = sized(fonts.heading(), few ? 15 : 12.5f);
    this.small = sized(fonts.text(), few ? 10.5f : 8.2f);
  }

  private static Font sized(Font font, float size) {
    return new Font(font.getBaseFont(), size);
  }

  /** The bytes of the PDF. */
  public static byte[] write(
      String title, String group, int minutes, Teach teach, TeachSpeech speech) {
    return new TeachPdf(teach, speech).write(title, group, minutes);
  }

  private byte[] write(String title, String group, int minutes) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfWriter.getInstance(document, out);
    document.addTitle(title + ": teach");
    document.addCreator("Ulna Awl");
    document.open();
    document.add(new Paragraph(title, fonts.title()));
    String school = teach.school().map(it -> ", " + speech.school(it)).orElse("");
    document.add(
        new Paragraph(
            "For "
                + group
                + ", "
                + minutes
                + " minutes"
                + school
                + "; it takes "
                + PlayTime.of(teach.seconds())
                + ". Facings on the room clock.",
            fonts.text()));
    teach
        .rest()
        .ifPresent(rest -> document.add(new Paragraph(speech.reason(rest), fonts.heading())));
    PdfPTable table = new PdfPTable(new float[] {52, 34, 480});
    table.setWidthPercentage(100);
    table.setSpacingBefore(8);
    int start = 0;
    for (Drill drill : teach.drills()) {
      row(table, start, drill);
      start += drill.seconds();
    }
    document.add(table);
    document.close();
    return out.toByteArray();
  }

  private void row(PdfPTable table, int start, Drill drill) {
    PdfPCell time = cell(new Phrase(PlayTime.of(start), large));
    PdfPCell facing = cell(new Phrase(" ", large));
    facing.setCellEvent(new Hall(drill.startFacing().eighths()));
    PdfPCell what = cell(new Phrase(head(drill), large));
    for (String line : lines(drill)) {
      what.addElement(new Paragraph(line, small));
    }
    for (PdfPCell cell : List.of(time, facing, what)) {
      table.addCell(cell);
    }
  }

  private String head(Drill drill) {
    String pace = drill.mode() == Mode.WORDS ? "" : " " + drill.percent() + " %";
    return speech.scope(drill.scope())
        + " "
        + speech.mode(drill.mode())
        + pace
        + " × "
        + drill.repetitions()
        + "   ("
        + drill.startFacing().clock()
        + ")";
  }

  /** A long teach has room for what is said of new things, and not for what repeats. */
  private List<String> lines(Drill drill) {
    List<String> say = drill.say().stream().map(speech::say).toList();
    if (few) {
      return drill.mode() == Mode.WORDS ? say : say.stream().limit(2).toList();
    }
    boolean repeats =
        drill.scope() instanceof Scope.OneSection || drill.scope() instanceof Scope.Run;
    return repeats && drill.mode() != Mode.WORDS ? List.of() : List.of(String.join(" · ", say));
  }

  private static PdfPCell cell(Phrase phrase) {
    PdfPCell cell = new PdfPCell();
    cell.addElement(new Paragraph(phrase));
    cell.setBorder(Rectangle.TOP);
    cell.setPadding(2);
    cell.setMinimumHeight(Hall.SIZE + 7);
    cell.setVerticalAlignment(Element.ALIGN_TOP);
    return cell;
  }

  /** The hall from above, its front thick at the top, and a wedge that points where one faces. */
  private record Hall(int eighths) implements PdfPCellEvent {

    private static final float SIZE = 20;

    @Override
    public void cellLayout(PdfPCell cell, Rectangle place, PdfContentByte[] canvases) {
      PdfContentByte canvas = canvases[PdfPTable.LINECANVAS];
      float left = place.getLeft() + 3;
      float top = place.getTop() - 6;
      canvas.saveState();
      canvas.setLineWidth(0.7f);
      canvas.rectangle(left, top - SIZE, SIZE, SIZE);
      canvas.stroke();
      canvas.rectangle(left, top - 3, SIZE, 4);
      canvas.fill();
      double angle = eighths * Math.PI / 4;
      float x = left + SIZE / 2;
      float y = top - SIZE / 2 - 1;
      canvas.moveTo(at(x, angle, 0, 7, true), at(y, angle, 0, 7, false));
      canvas.lineTo(at(x, angle, 5, -5, true), at(y, angle, 5, -5, false));
      canvas.lineTo(at(x, angle, -5, -5, true), at(y, angle, -5, -5, false));
      canvas.closePath();
      canvas.fill();
      canvas.restoreState();
    }

    /** A corner of the wedge, turned to the right by an angle. */
    private static float at(float middle, double angle, float right, float ahead, boolean across) {
      double turned =
          across
              ? right * Math.cos(angle) + ahead * Math.sin(angle)
              : ahead * Math.cos(angle) - right * Math.sin(angle);
      return (float) (middle + turned);
    }
  }
}
