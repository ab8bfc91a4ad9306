package ulnaawl.formats;

import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/**
 * The text of a PDF, line by line as it stands on its pages. Reading stops at the next piece of the
 * file, of a page or of its text once its thread is interrupted.
 */
final class SheetPdfText {

  private static final int MOST_PAGES = 60;

  private SheetPdfText() {}

  static String of(byte[] bytes) throws IOException {
    PdfGuard.check(bytes);
    try {
      return read(bytes);
    } catch (NoText none) {
      throw none;
    } catch (IOException | RuntimeException failed) {
      if (Thread.currentThread().isInterrupted()) {
        throw new IOException("reading it was stopped; copy its text and paste it", failed);
      }
      throw new IOException("it is a PDF that is damaged, or no PDF", failed);
    }
  }

  /** A PDF that can be opened and has nothing to read. */
  private static final class NoText extends IOException {
    NoText(String message) {
      super(message);
    }
  }

  private static void goOn() throws IOException {
    if (Thread.currentThread().isInterrupted()) {
      throw new IOException("stopped");
    }
  }

  private static String read(byte[] bytes) throws IOException {
    try (PDDocument document = Loader.loadPDF(new Stoppable(bytes))) {
      if (document.getNumberOfPages() > MOST_PAGES) {
        throw new NoText(
            "it has " + document.getNumberOfPages() + " pages; up to " + MOST_PAGES + " are read");
      }
      PDFTextStripper stripper = new Pages();
      stripper.setSortByPosition(true);
      stripper.setLineSeparator("\n");
      stripper.setPageEnd("\n\f");
      String text = stripper.getText(document);
      if (text.isBlank()) {
        throw new NoText(
            "it holds pictures of a text and no text; scan it with text recognition, or type it");
      }
      return text.length() > SheetFile.MOST_CHARACTERS
          ? text.substring(0, SheetFile.MOST_CHARACTERS)
          : text;
    }
  }

  /** The bytes of a file until nobody waits for them any more. */
  private static final class Stoppable extends RandomAccessReadBuffer {
    Stoppable(byte[] bytes) {
      super(bytes);
    }

    @Override
    public int read() throws IOException {
      goOn();
      return super.read();
    }

    @Override
    public int read(byte[] into, int from, int most) throws IOException {
      goOn();
      return super.read(into, from, most);
    }
  }

  /** Its signs, at most so many; each step on a page may be the last. */
  private static final class Pages extends PDFTextStripper {
    private int signs;

    @Override
    protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
      goOn();
      super.processOperator(operator, operands);
    }

    @Override
    protected void processTextPosition(TextPosition text) {
      // A page is put in order once all of it is there: no more is gathered than can be text.
      if (signs++ < SheetFile.MOST_CHARACTERS) {
        super.processTextPosition(text);
      }
    }
  }
}
