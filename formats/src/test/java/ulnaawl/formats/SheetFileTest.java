package ulnaawl.formats;

import static java.nio.charset.StandardCharsets.US_ASCII;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;
import org.testng.annotations.Test;

/**
 * The text of sheets' files. Element names are those of ECMA-376 part 1 (wordprocessing) and of
 * OpenDocument 1.3 part 3; the files are made here.
 */
public class SheetFileTest {

  /** Bytes: what backtracks over a file of that length takes hours. */
  private static final int MOST_REPEATED = 1_200_000;

  private static final String WORD =
      "<w:document xmlns:w='http://schemas.openxmlformats.org/wordprocessingml/2006/main'><w:body>";
  private static final String OPEN =
      "<office:document-content xmlns:office='urn:oasis:names:tc:opendocument:xmlns:office:1.0'"
          + " xmlns:text='urn:oasis:names:tc:opendocument:xmlns:text:1.0'"
          + " xmlns:table='urn:oasis:names:tc:opendocument:xmlns:table:1.0'><office:body>";

  private static byte[] zip(String name, String content) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry("mimetype"));
      zip.putNextEntry(new ZipEntry(name));
      zip.write(content.getBytes(StandardCharsets.UTF_8));
    }
    return bytes.toByteArray();
  }

  private static String word(String body) throws IOException {
    return SheetFile.text(zip("word/document.xml", WORD + body + "</w:body></w:document>"));
  }

  private static String paragraph(String text) {
    return "<w:p><w:pPr><w:t>style</w:t></w:pPr><w:r><w:t>" + text + "</w:t></w:r></w:p>";
  }

  @Test
  public void wordParagraphsAreLines() throws IOException {
    assertEquals(
        word(
            paragraph("Brass &amp; Buttons")
                + "<w:p><w:r><w:t>1-4</w:t><w:tab/><w:t>Vine R</w:t><w:br/><w:t>touch L</w:t></w:r></w:p>"
                + "<w:p><w:del><w:r><w:t>gone</w:t></w:r></w:del></w:p>"),
        "Brass & Buttons\n1-4\tVine R\ntouch L\n\n");
  }

  /** A column of counts beside a column of steps: a line each. */
  @Test
  public void tablesAreReadAcross() throws IOException {
    assertEquals(
        word(
            "<w:tbl><w:tr><w:tc>"
                + paragraph("1-2")
                + paragraph("3-4")
                + "</w:tc><w:tc>"
                + paragraph("Rock R")
                + paragraph("Walk R L")
                + "</w:tc></w:tr></w:tbl>"),
        "1-2\tRock R\n3-4\tWalk R L\n");
  }

  @Test
  public void openDocumentsAreRead() throws IOException {
    String body =
        "<text:h>Kettle <text:span>On</text:span></text:h>"
            + "<text:p>1-4<text:tab/>Vine<text:s/>R<office:annotation><text:p>no</text:p>"
            + "</office:annotation></text:p>"
            + "<table:table><table:table-row><table:table-cell><text:p>5-8</text:p></table:table-cell>"
            + "<table:table-cell><text:p>Vine L</text:p></table:table-cell></table:table-row>"
            + "</table:table>";
    assertEquals(
        SheetFile.text(
            zip("content.xml", OPEN + body + "</office:body></office:document-content>")),
        "Kettle On\n1-4\tVine R\n5-8\tVine L\n");
  }

  @Test
  public void pdfPagesAreReadInOrder() throws IOException {
    String text = SheetFile.text(pdf(false, "Brass Buttons", "1-4 Vine R, touch L"));
    assertTrue(text.startsWith("Brass Buttons\n1-4 Vine R, touch L\n"), text);
  }

  private static byte[] pdf(boolean locked, String... lines) throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPage page = new PDPage();
      document.addPage(page);
      try (PDPageContentStream content = new PDPageContentStream(document, page)) {
        content.setFont(new PDType1Font(Standard14Fonts.FontName.HELVETICA), 12);
        for (int i = 0; i < lines.length; i++) {
          content.beginText();
          content.newLineAtOffset(60, 700 - i * 20f);
          content.showText(lines[i]);
          content.endText();
        }
      }
      if (locked) {
        document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  @Test
  public void oldTextIsDecoded() throws IOException {
    assertEquals(SheetFile.text("\ufeffChassé ½".getBytes(StandardCharsets.UTF_8)), "Chassé ½");
    assertEquals(SheetFile.text("Chassé ½".getBytes(Charset.forName("windows-1252"))), "Chassé ½");
  }

  /** What does harm elsewhere is refused with a reason: bombs, entities, locks, rubbish. */
  @Test
  public void hostileFilesAreRefused() throws IOException {
    byte[] bomb = zip("word/document.xml", WORD + "<w:p/>".repeat(6_000_000));
    refused("larger than", bomb);
    refused("larger than", new byte[SheetFile.MOST_BYTES + 1]);
    refused("damaged", zip("word/document.xml", WORD + "<w:p>"));
    refused(
        "damaged",
        zip(
            "word/document.xml",
            "<!DOCTYPE a [<!ENTITY x SYSTEM 'file:///etc/passwd'>]>"
                + WORD
                + "<w:p><w:r><w:t>&x;"));
    refused("no .docx or .odt", zip("other.txt", "hello"));
    refused("password", pdf(true, "secret"));
    refused("no text; scan it", pdf(false));
    refused("unpacked it is larger", pdfStream(deflated(60_000_000), "/FlateDecode"));
    refused("packed in a way", pdfStream(new byte[9], "[/FlateDecode /Fl]"));
    refused("packed in a way", pdfStream(new byte[9], "/L#5aWDecode"));
    refused("packed in a way", pdfStream(new byte[9], "7 0 R"));
    refused("packed in a way", pdfStream(new byte[9], "[ /FlateDecode 7 0 R ]"));
    refused("packed in a way", pdfStream(new byte[9], "[" + " ".repeat(300) + "7 0 R ]"));
    refused("damaged", "%PDF-1.7 and nothing more".getBytes(StandardCharsets.US_ASCII));
    refused("old word processor", "{\\rtf1 hello}".getBytes(StandardCharsets.US_ASCII));
    refused("no text, .docx", new byte[] {1, 0, 2});
  }

  /** What stands over and over in a file costs as much as its length, not its square. */
  @Test
  public void whatIsRepeatedIsLookedAtOnce() throws IOException {
    for (String piece :
        List.of("/Filter[", "/Filter ", "/Filter[1 1 ", "/Fl ", "stream\n", "1 0 R")) {
      byte[] hostile =
          ("%PDF-1.7\n" + piece.repeat(MOST_REPEATED / piece.length())).getBytes(US_ASCII);
      assertTrue(hostile.length > 1_000_000);
      assertThrows(IOException.class, () -> SheetFile.text(hostile));
    }
  }

  /** A stream that breaks after much of it: what was unpacked counts, each time. */
  @Test
  public void whatIsUnpackedInVainCounts() throws IOException {
    byte[] broken = deflated(20_000_000);
    broken[broken.length - 1] ^= 1;
    ByteArrayOutputStream three = new ByteArrayOutputStream();
    for (int i = 0; i < 3; i++) {
      three.write(pdfStream(broken, "/FlateDecode"));
    }
    refused("unpacked it is larger", three.toByteArray());
  }

  @Test
  public void whoIsNotWaitedForStopsReading() throws Exception {
    byte[] sheet = pdf(false, "Brass Buttons");
    FutureTask<String> reading =
        new FutureTask<>(() -> {
          Thread.currentThread().interrupt();
          return SheetFile.text(sheet);
        });
    Thread.ofPlatform().start(reading).join();
    ExecutionException stopped = expectThrows(ExecutionException.class, reading::get);
    assertTrue(String.valueOf(stopped.getCause()).contains("was stopped"), stopped.toString());
  }

  private static byte[] deflated(int length) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (DeflaterOutputStream out = new DeflaterOutputStream(bytes)) {
      out.write(new byte[length]);
    }
    return bytes.toByteArray();
  }

  private static byte[] pdfStream(byte[] packed, String filter) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    String head = "%PDF-1.7\n4 0 obj <</Filter " + filter + " /Length " + packed.length + ">>\n";
    bytes.write((head + "stream\n").getBytes(StandardCharsets.US_ASCII));
    bytes.write(packed);
    bytes.write("\nendstream\nendobj\n".getBytes(StandardCharsets.US_ASCII));
    return bytes.toByteArray();
  }

  private static void refused(String why, byte[] bytes) {
    IOException refusal = expectThrows(IOException.class, () -> SheetFile.text(bytes));
    assertTrue(String.valueOf(refusal.getMessage()).contains(why), refusal.toString());
  }

  @Test
  public void brokenFilesAreOnlyRefused() throws IOException {
    Random random = new Random(20_261_127);
    byte[][] good = {
      pdf(false, "Brass Buttons"),
      zip("word/document.xml", WORD + paragraph("Vine R") + "</w:body></w:document>")
    };
    for (int i = 0; i < 400; i++) {
      byte[] broken = good[i % 2].clone();
      for (int n = 0; n < 1 + random.nextInt(8); n++) {
        broken[random.nextInt(broken.length)] = (byte) random.nextInt(256);
      }
      try {
        assertTrue(SheetFile.text(broken).length() < 100_000);
      } catch (IOException refusal) {
        assertTrue(String.valueOf(refusal.getMessage()).length() > 3);
      }
    }
  }
}
