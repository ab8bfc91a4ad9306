package ulnaawl.formats.intake;

import static org.testng.Assert.assertEquals;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.formats.intake.Content.Events;
import ulnaawl.formats.intake.Content.Refused;
import ulnaawl.formats.intake.Content.Rows;
import ulnaawl.formats.intake.Content.Songs;
import ulnaawl.formats.intake.Content.Words;

/** What a file is, told by what stands in it. */
public class IntakeTest {

  @DataProvider
  public Object[][] files() {
    return new Object[][] {
      {"a.txt", "LANTERN ROW - 32 counts\n1-4 Vine R", Words.class},
      {"a.csv", "title: not a table\nsection 1\n1-4 vine R", Refused.class},
      {"title.txt", "title\nsome song", Words.class},
      {"a.txt", "Title;Artist\nA;B", Songs.class},
      {"a.txt", "group\tdancer\nPier\tJo", Rows.class},
      {"a.txt", "#EXTM3U\nx.mp3", Songs.class},
      {"a.txt", "<?xml version='1.0'?><playlist version='1'><trackList/></playlist>", Songs.class},
      {"a.txt", "<html>", Refused.class},
      {"a.txt", "begin:vcalendar\r\n", Events.class},
      {"a.txt", "{\"format\":1}", Refused.class},
      {"a.txt", " \n", Refused.class},
      {"a.rtf", "{\\rtf1 x}", Refused.class},
    };
  }

  @Test(dataProvider = "files")
  public void aFileIsWhatStandsInIt(String name, String text, Class<? extends Content> kind) {
    Part part = Intake.read(name, text.getBytes(StandardCharsets.UTF_8)).getFirst();
    assertEquals(part.content().getClass(), kind, part.toString());
  }

  /** Whatever order an office writes its parts in; and a broken bundle is said to be one. */
  @Test
  public void anOfficeFileIsNoBundle() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (String name : List.of("docProps/app.xml", "word/document.xml", "[Content_Types].xml")) {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(
            "<w:document xmlns:w='x'><w:p><w:r><w:t>1-4 Vine R</w:t></w:r></w:p></w:document>"
                .getBytes(StandardCharsets.UTF_8));
      }
    }
    List<Part> parts = Intake.read("sheet.docx", bytes.toByteArray());
    assertEquals(parts.size(), 1, parts.toString());
    assertEquals(parts.getFirst().content().getClass(), Words.class, parts.toString());
    byte[] half = Arrays.copyOf(bytes.toByteArray(), bytes.size() / 2);
    assertEquals(Intake.read("half.zip", half).getFirst().content().getClass(), Refused.class);
  }
}
