package ulnaawl.formats;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** The report of a term is read again by another library (Apache PDFBox), on one page. */
public class ReportPdfTest {

  @Test
  public void aClubOfFiveGroupsFitsOnAPage() throws IOException {
    List<ReportPdf.Group> groups =
        IntStream.rangeClosed(1, 5)
            .mapToObj(group ->
                new ReportPdf.Group(
                    "Group " + group,
                    List.of("Danced on 12 days. Learned 4 of 5 new dances that had been planned."),
                    List.of(
                        new ReportPdf.Part("Learned", List.of("Café Crème", "Żółta Łódź")),
                        new ReportPdf.Part(
                            "Kept",
                            IntStream.range(0, 24).mapToObj(it -> "Dance number " + it).toList()))))
            .toList();
    byte[] bytes = ReportPdf.write("Winter term", "2 November 2026 to 12 February 2027", groups);
    Tagged.assertForEverybody(bytes, "a report");
    try (PDDocument document = Loader.loadPDF(bytes)) {
      assertEquals(document.getNumberOfPages(), 1);
      String text = new PDFTextStripper().getText(document);
      assertTrue(text.contains("Winter term"), text);
      assertTrue(text.contains("Café Crème, Żółta Łódź"), text);
      assertTrue(text.contains("Dance number 23"), text);
      for (int group = 1; group <= 5; group++) {
        assertTrue(text.contains("Group " + group), text);
      }
    }
  }

  /** The judge can say no: a page without tags is not for everybody. */
  @Test
  public void aPageWithoutTagsIsRefused() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (PDDocument plain = new PDDocument()) {
      plain.addPage(new PDPage());
      plain.save(bytes);
    }
    assertThrows(
        AssertionError.class, () -> Tagged.assertForEverybody(bytes.toByteArray(), "plain"));
  }
}
