package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.Test;

/** The teach builder: a school lays it out, somebody changes it, the rest fits again. */
public class TeachBuilderTest extends BrowserTest {

  private static String teach(Page page, String title) {
    return dance(page, title) + "/teach?group=3&minutes=30&school=PAIRS";
  }

  @Test
  public void lockedDrillsStayAndUndoBringsBack() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at(teach(page, "Nine Umbrellas")));
    Locator drills = page.locator(".drill");
    assertThat(drills.first()).containsText("Section 1");
    assertThat(page.locator(".total")).containsText("pairs");
    int all = drills.count();

    Locator second = drills.nth(1);
    String before = second.locator(".times b").innerText();
    second.getByLabel("once more").click();
    assertThat(page.locator(".total")).containsText("our own order");
    assertThat(second.getByRole(AriaRole.BUTTON).filter(locked())).isVisible();
    String more = "× " + (Integer.parseInt(before.replaceAll("\\D", "")) + 1);
    assertThat(second.locator(".times b")).hasText(more);
    // Other minutes: what is locked stays.
    page.getByLabel("Minutes", new Page.GetByLabelOptions().setExact(true)).fill("22");
    page.keyboard().press("Tab");
    assertThat(page.locator(".total")).containsText("of 22:00");
    assertThat(second.locator(".times b")).hasText(more);

    drills.first().locator(".what").click();
    page.keyboard().press("Alt+ArrowDown");
    assertThat(drills.nth(1)).containsText("in words");
    button(page, "Take out").click();
    assertThat(drills).hasCount(all - 1);
    choose(page, "Add a drill", "Join: 2 into 3");
    assertThat(page.locator(".drill.on")).containsText("Join: 2 into 3");
    for (int i = 0; i < 4; i++) {
      button(page, "Undo").click();
    }
    assertThat(drills).hasCount(all);
    assertThat(drills.nth(1).getByRole(AriaRole.BUTTON).filter(locked())).hasCount(0);
    // What was put together is still there later.
    drills.nth(1).getByLabel("once more").click();
    assertThat(page.locator(".total")).containsText("our own order");
    page.navigate(at(dance(page, "Nine Umbrellas") + "/teach?group=3&minutes=30"));
    assertThat(page.locator(".total")).containsText("our own order");
    button(page, "Start again").click();
    assertThat(page.locator(".total")).not().containsText("our own order");
  }

  @Test
  public void aTeachThatOneBuildsIsOpenedAndContinuedByAnother() {
    Page oda = signedIn("Oda Marsh");
    String address = dance(oda, "Copper Sky") + "/teach?group=2&minutes=25";
    oda.navigate(at(address + "&school=SECTIONS"));
    Locator first = oda.locator(".drill").first();
    String before = first.locator(".times b").innerText();
    first.getByLabel("once more").click();
    assertThat(oda.getByText("Saved for every colleague, last by Oda Marsh")).isVisible();
    String more = "× " + (Integer.parseInt(before.replaceAll("\\D", "")) + 1);

    // On another machine, without the school in the address.
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(at(address));
    assertThat(wilma.locator(".total")).containsText("our own order");
    assertThat(wilma.locator(".drill").first().locator(".times b")).hasText(more);
    wilma.locator(".drill .what").last().click();
    button(wilma, "Take out").click();
    assertThat(wilma.getByText("Saved for every colleague, last by Wilma Otterspoor")).isVisible();
    String left = wilma.locator(".drill").last().locator(".what").innerText();

    // It comes in where it is open, and what is changed there next leaves it.
    assertThat(oda.getByText("Wilma Otterspoor has just changed this")).isVisible();
    assertThat(oda.locator(".drill").last().locator(".what")).hasText(left);
    first.getByLabel("once more").click();
    assertThat(first.getByRole(AriaRole.BUTTON).filter(locked())).isVisible();
    assertThat(oda.getByText("Saved for every colleague, last by Oda Marsh")).isVisible();
    wilma.navigate(at(address));
    assertThat(wilma.locator(".drill").last().locator(".what")).hasText(left);
    assertThat(wilma.getByText("last by Oda Marsh")).isVisible();
  }

  private static Locator.FilterOptions locked() {
    return new Locator.FilterOptions().setHasText("locked");
  }

  @Test
  public void drillsAreDraggedAlongTheTimeline() {
    Page page = signedIn("Ines Kallas");
    page.navigate(at(teach(page, "Slate Roof")));
    Locator drills = page.locator(".drill");
    assertThat(drills.first()).containsText("Section 1 in words");
    Locator.DragToOptions byTheTime = new Locator.DragToOptions().setSourcePosition(20, 40);
    drills.first().dragTo(drills.nth(2), byTheTime.setTargetPosition(20, 30));
    assertThat(drills.nth(2)).containsText("Section 1 in words");
    assertThat(page.locator(".total")).containsText("our own order");
    button(page, "Undo").click();
    assertThat(drills.first()).containsText("Section 1 in words");
  }

  @Test
  public void sectionsFillUpAreMarkedAndSchoolsCompared() {
    Page page = signedIn("Ines Kallas");
    page.navigate(at(teach(page, "Old Postcards")));
    assertThat(page.locator(".rows li")).hasCount(5);
    page.locator(".drill .what").first().click();
    assertThat(page.locator(".card").first()).containsText("after section 1");
    assertThat(page.locator(".rows .percent").nth(3)).hasText("0 %");
    assertThat(page.locator(".calls .cue").first()).isVisible();
    choose(page, "Calls", "every step numbered");
    assertThat(page.locator(".calls .cue").first()).containsText("1");

    page.getByLabel("Watch out, section 2").click();
    page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX).fill("the left is free");
    button(page, "Mark it").click();
    assertThat(page.locator(".note")).containsText("the left is free");
    assertThat(page.locator(".drills")).containsText("at 60 %");
    Page colleague = signedIn("Wilma Otterspoor");
    colleague.navigate(at(teach(colleague, "Old Postcards")));
    assertThat(colleague.locator(".note")).containsText("Ines Kallas");
    colleague.getByLabel("Watch out, section 2").click();
    assertThat(colleague.locator(".note")).hasCount(0);

    button(page, "Compare").click();
    choose(page, "Compare with", "From the back");
    assertThat(page.locator("thead").last()).containsText("From the back");
    button(page, "Take this school").click();
    assertThat(page.locator(".drill").first()).containsText("Section 5");
  }

  @Test
  public void itIsPrintedAndSavedAndTheTimeIsLearned() throws IOException {
    Page page = signedIn("Wilma Otterspoor");
    page.navigate(at(teach(page, "Tin Roof Rumble")));
    assertThat(page.locator(".drill").first()).isVisible();
    Download download = page.waitForDownload(() -> button(page, "Save as PDF").click());
    try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(download.path()))) {
      assertTrue(pdf.getNumberOfPages() <= 2);
      assertTrue(new PDFTextStripper().getText(pdf).contains("Section 1 in words"));
    }
    page.getByLabel("It really took").fill("44");
    button(page, "Keep").click();
    assertThat(page.getByText("from 1 past teaches")).isVisible();
  }

  @Test
  public void longHoldsOnTheLadderEndInASuggestion() {
    Page page = page(390, 844, ColorScheme.LIGHT);
    page.addInitScript(SwiftAudio.SCRIPT);
    signIn(page, "Ines Kallas");
    page.navigate(at(dance(page, "High Tide") + "/run-through?group=3"));
    button(page, "Count in").click();
    for (int i = 0; i < 3; i++) {
      button(page, "Lost").click();
      // The next pass begins by itself, until there is a suggestion.
      assertThat(button(page, "Stop").or(page.locator(".suggestion"))).isVisible();
    }
    assertThat(page.locator(".suggestion"))
        .containsText(Pattern.compile("3 times or more at .* in words"));
  }
}
