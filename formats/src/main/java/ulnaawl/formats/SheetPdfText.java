package ulnaawl.formats;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** The text of a PDF, line by line as it stands on its pages. */
final class SheetPdfText {

  private static final int MOST_PAGES = 60;
  private static final Duration MOST_TIME = Duration.ofSeconds(15);

  private SheetPdfText() {}

  static String of(byte[] bytes) throws IOException {
    PdfGuard.check(bytes);
    FutureTask<String> reading = new FutureTask<>(() -> read(bytes));
    Thread thread = Thread.ofPlatform().daemon().name("sheet-pdf").start(reading);
    try {
      return reading.get(MOST_TIME.toMillis(), TimeUnit.MILLISECONDS);
    } catch (TimeoutException _) {
      thread.interrupt();
      throw new IOException(
          "it takes longer than " + MOST_TIME.toSeconds() + " seconds; copy its text and paste it");
    } catch (InterruptedException _) {
      thread.interrupt();
      Thread.currentThread().interrupt();
      throw new IOException("reading it was stopped");
    } catch (ExecutionException failed) {
      if (failed.getCause() instanceof NoText none) {
        throw none;
      }
      throw new IOException("it is a PDF that is damaged, or no PDF", failed.getCause());
    }
  }

  /** A PDF that can be opened and has nothing to read. */
  private static final class NoText extends IOException {
    NoText(String message) {
      super(message);
    }
  }

  private static String read(byte[] bytes) throws IOException {
    try (PDDocument document = Loader.loadPDF(bytes)) {
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

  /** Stops between two pages when nobody waits any more. */
  private static final class Pages extends PDFTextStripper {
    @Override
    public void processPage(org.apache.pdfbox.pdmodel.PDPage page) throws IOException {
      if (Thread.currentThread().isInterrupted()) {
        throw new IOException("stopped");
      }
      super.processPage(page);
    }
  }
}
