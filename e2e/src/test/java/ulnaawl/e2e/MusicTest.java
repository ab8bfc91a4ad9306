package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Margin;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** Walls, calls and music, as instructors use them. */
public class MusicTest extends BrowserTest {

  private static Locator text(Page page, String words) {
    return page.getByText(words, new Page.GetByTextOptions().setExact(true));
  }

  @Test
  public void wallsOfASongFromAGlanceToOneWall() {
    Page page = signedIn("Tomas Brandl");
    page.navigate(at(dance(page, "Paper Lanterns") + "/walls"));
    assertThat(heading(page, "Walls of Paper Lanterns")).isVisible();
    page.getByLabel(Pattern.compile("^Wall 5 at 1:19.*restart after 16")).click();
    assertThat(heading(page, "Wall 5 at 1:19")).isVisible();
    assertThat(page.locator(".detail")).containsText("“change and restart: walk back right left”");
    assertThat(page.locator(".detail .part")).hasCount(2);
    button(page, "next wall ›").click();
    assertThat(heading(page, "Wall 6 at 1:27")).isVisible();
    page.locator(".detail").focus();
    page.keyboard().press("ArrowLeft");
    assertThat(heading(page, "Wall 5 at 1:19")).isVisible();
    page.keyboard().press("Escape");
    assertThat(page.locator(".map .wall")).hasCount(11);

    choose(page, "Song", "Barometer, Anselm Brightwater");
    assertThat(page.locator(".map .late").first()).isVisible();
    page.waitForURL(Pattern.compile(".*song=list-\\d+"));
    text(page, "Phrases and restarts").click();
    page.getByLabel("Counts per phrase").fill("32 32 16 32 32");
    button(page, "Try").click();
    assertThat(page.getByText("wall 3: restart after 16, facing 6").first()).isVisible();
    page.getByLabel("after 31: with a changed step")
        .or(page.getByLabel("after 31: possible"))
        .click();
    assertThat(page.getByText("After 31 counts")).isVisible();
    text(page, "Other music").click();
    assertThat(page.getByText("its own song")).isVisible();
  }

  @Test
  public void oneSwitchForFacingsOnEveryPage() {
    Page page = signedIn("Ines Kallas");
    String dance = dance(page, "Paper Lanterns");
    page.navigate(at(dance + "/walls"));
    Locator second = page.locator(".map .wall").nth(1);
    assertThat(second).containsText("9 → 6");
    text(page, "each wall from 12").click();
    assertThat(second).containsText("12 → 9");
    page.navigate(at(dance));
    assertThat(page.getByLabel("each wall from 12").first()).isChecked();
    assertThat(page.locator(".map .wall").nth(1)).containsText("12 → 9");
    String foot = "xpath=(//*[contains(@class,'section')])[1]//*[contains(@class,'foot')][1]";
    assertThat(page.locator(foot).first())
        .hasAttribute("aria-label", "right foot, takes the weight");
    text(page, "teacher’s mirror").first().click();
    assertThat(page.locator(foot).first())
        .hasAttribute("aria-label", "left foot, takes the weight");
    choose(page, "On wall", "2");
    assertThat(page.locator(".ends").first()).containsText("9 → 9");
    page.navigate(at(dance + "/run-through"));
    assertThat(page.locator(".where .view")).containsText("teacher’s mirror");
    text(page, "room").click();
    assertThat(page.locator(".where .view")).containsText("room");
  }

  /** Whoever holds the sheet has every wall and every call, on one page of paper. */
  @Test
  public void everyCallSheetIsOnePage() throws IOException {
    Page page = signedIn("Tomas Brandl");
    Object all =
        page.evaluate(
            """
            async () => {
              const get = (path) => fetch(path).then((answer) => answer.json())
              const dances = await get('/api/dances')
              const sheets = await Promise.all(dances.map(async ({ id }) => {
                const { title, walls } = await get(`/api/dances/${id}/walls`)
                // A colleague's work in progress has none yet.
                if (!walls) return undefined
                const calls = walls.flatMap((wall) => wall.calls.map((call) => call.shout))
                return [id, title, ...calls]
              }))
              return sheets.filter(Boolean)
            }
            """);
    List<?> dances = (List<?>) all;
    assertTrue(dances.size() >= 24);
    int calls = 0;
    for (Object one : dances) {
      List<?> dance = (List<?>) one;
      goTo(page, "/dances/" + dance.get(0) + "/calls");
      byte[] pdf =
          page.pdf(
              new Page.PdfOptions()
                  .setFormat("A4")
                  .setMargin(
                      new Margin()
                          .setTop("12mm")
                          .setBottom("12mm")
                          .setLeft("12mm")
                          .setRight("12mm")));
      try (PDDocument document = Loader.loadPDF(pdf)) {
        assertEquals(document.getNumberOfPages(), 1, String.valueOf(dance.get(1)));
        String words = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        assertTrue(words.contains(dance.get(1) + ": call sheet"), words);
        for (Object call : dance.subList(2, dance.size())) {
          assertTrue(words.contains("“" + call + "”"), call + " in " + words);
          calls++;
        }
      }
    }
    assertTrue(calls > 14, calls + " calls");
  }

  @Test
  public void whereAreWeOnAPhone() {
    Page page = signIn(page(390, 844, ColorScheme.LIGHT), "Ines Kallas");
    page.navigate(at(dance(page, "Paper Lanterns") + "/where"));
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("They face"))
        .getByText("6", new Locator.GetByTextOptions().setExact(true))
        .click();
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Section"))
        .getByText("1", new Locator.GetByTextOptions().setExact(true))
        .click();
    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Count"))
        .getByText("1", new Locator.GetByTextOptions().setExact(true))
        .click();
    assertThat(page.locator(".answers li")).hasCount(2);
    for (int i = 0; i < 12; i++) {
      page.getByLabel("10 seconds more").click();
    }
    assertThat(page.locator(".answers .first")).containsText("Wall 8");
    page.getByLabel("Wall", new Page.GetByLabelOptions().setExact(true)).fill("4");
    button(page, "True?").click();
    assertThat(page.getByText("No, that cannot be.")).isVisible();
    assertThat(page.getByText("Wall 4 starts at 3, not 6.")).isVisible();
  }

  @Test
  public void aTempoIsTappedAndAFileListenedTo() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/songs"));
    page.getByLabel("Search the songs").fill("ask the");
    link(page, "Ask the Ferryman").click();
    assertThat(heading(page, "Ask the Ferryman")).isVisible();
    // Taps at known times: 96 a minute, one of them missed.
    page.evaluate(
        """
        () => {
          let at = 1000
          for (let i = 0; i < 12; i++) {
            at += i === 6 ? 1250 : 625
            const event = new KeyboardEvent('keydown', { key: ' ', bubbles: true, cancelable: true })
            Object.defineProperty(event, 'timeStamp', { value: at })
            document.body.dispatchEvent(event)
          }
        }
        """);
    assertThat(page.getByTestId("tapped")).hasText("96");
    assertThat(page.locator(".tap")).containsText("1 missed");
    button(page, "take 96").click();
    assertThat(page.locator("input[name=bpm]")).hasValue("96");
    page.locator("input[name=sound]")
        .setInputFiles(new FilePayload("click.wav", "audio/wav", ClickTrack.wav(112, 30)));
    assertThat(page.getByTestId("estimated")).hasText("112");
    button(page, "Play").click();
    button(page, "First beat now").click();
    // As long as the song wants until its first step: the page says where it is in it.
    assertThat(page.locator(".sound .row .number").first())
        .containsText(Pattern.compile("0:0[2-9]"));
    button(page, "First step now").click();
    assertThat(page.getByText("That is an intro of")).isVisible();
    page.locator("input[name=sound]")
        .setInputFiles(
            new FilePayload("words.txt", "text/plain", "la la".getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("cannot be read as sound")).isVisible();
    button(page, "Save").click();
    assertThat(page.getByText("Saved, version 2, by Oda Marsh.")).isVisible();
    assertThat(page.getByText("Two dances on one floor")).isVisible();
  }

  @Test
  public void aListComesInAfterItWasLookedAt() {
    Page page = signedIn("Wilma Otterspoor");
    page.navigate(at("/songs"));
    button(page, "Import").click();
    String csv =
        "title;artist;bpm\nFresh Paint;Vesper Lane;110\nHigh Tide;Dell Farraday;99\nX;;fast\n";
    page.getByLabel("List of songs")
        .setInputFiles(
            new FilePayload("list.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8)));
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("1 new, 0 filled in. Nothing is changed yet.");
    assertThat(dialog).containsText("bpm: 120 stays, the file says 99");
    assertThat(dialog).containsText("bpm 'fast'");
    button(page, "Take them over").click();
    assertThat(dialog).containsText("Done.");
    dialog.getByText("Close", new Locator.GetByTextOptions().setExact(true)).click();
    page.getByLabel("Search the songs").fill("fresh paint");
    assertThat(link(page, "Fresh Paint")).isVisible();
  }
}
