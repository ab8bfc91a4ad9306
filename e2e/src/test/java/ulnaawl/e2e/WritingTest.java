package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Help while a dance is written: typing, building, looking at the floor. */
public class WritingTest extends BrowserTest {

  private static final String HALF =
      "title: Halfway\nstart: weight L\n\nsection 1\n1-4    vine R, touch L\n5-8    ";

  @Test
  public void completionKnowsTheFreeFoot() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new/write"));
    type(page, HALF);
    page.keyboard().type("vin");
    Locator offers = page.locator(".cm-tooltip-autocomplete li");
    assertThat(offers.first()).containsText("vine L");
    offers.first().click();
    assertThat(page.locator(".cm-content")).containsText("5-8    vine L");
  }

  @Test
  public void hoverExplainsAndOneKeyTidies() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new/write"));
    type(page, "title: Untidy\nsection 1\n1-4 GRAPEVINE right,touch left  # here\n");
    page.keyboard().press("Alt+Shift+F");
    assertThat(page.locator(".cm-content")).containsText("1-4    vine R, touch L  # here");
    Locator line = page.locator(".cm-line", new Page.LocatorOptions().setHasText("vine R")).first();
    // The remarks above move the text once more: whoever points beside it points again.
    until(
        page.locator(".explained"),
        () -> {
          line.hover(new Locator.HoverOptions().setPosition(86, 10));
          line.hover(new Locator.HoverOptions().setPosition(90, 11));
        });
    assertThat(page.locator(".explained")).containsText("Side, behind, side.");
    page.keyboard().press("Control+Z");
    assertThat(page.locator(".cm-content")).containsText("GRAPEVINE right");
  }

  @Test
  public void undoSurvivesAReload() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new/write"));
    type(page, HALF + "vine L, touch R\n");
    page.keyboard().insertText("# a slip");
    assertThat(page.locator(".cm-content")).containsText("# a slip");
    page.waitForFunction(
        "() => Object.values(localStorage).filter(kept => kept.includes('# a slip')).length > 1");
    page.reload();
    assertThat(page.locator(".cm-content")).containsText("# a slip");
    page.getByLabel("Step text").click();
    page.keyboard().press("Control+Z");
    page.keyboard().press("Control+Z");
    assertThat(page.locator(".cm-content")).not().containsText("# a slip");
  }

  @Test
  public void theBuilderAndTheTextFollowEachOther() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/dances/new/write"));
    type(page, HALF.strip().replace("5-8", "") + "\n");
    page.getByText("Build", new Page.GetByTextOptions().setExact(true)).click();
    Locator runs = page.locator(".runs li");
    assertThat(runs).hasCount(2);
    page.getByLabel("Search the figures that fit").fill("jazz box");
    button(page, "jazz box L").first().click();
    assertThat(runs).hasCount(3);
    assertThat(runs.last()).containsText("jazz box left");
    assertThat(page.getByText("The section is full.")).isVisible();
    page.getByLabel("Take touch left out").click();
    assertThat(runs).hasCount(2);
    runs.nth(1).dragTo(runs.nth(0));
    assertThat(runs.first()).containsText("jazz box");
    page.getByText("Write", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(page.locator(".cm-content")).containsText("1-4    jazz box R");
    assertThat(page.locator(".cm-content")).containsText("5-7    vine R");
  }

  @Test
  public void theFloorIsDancedStepByStepAndFiguresAreExplained() {
    Page page = signedIn("Tomas Brandl");
    page.navigate(at(dance(page, "Paper Lanterns")));
    page.getByText("Floor", new Page.GetByTextOptions().setExact(true)).click();
    Locator floor = page.getByLabel("Footprints; arrow keys step, space runs");
    floor.focus();
    page.keyboard().press("ArrowRight");
    page.keyboard().press("ArrowRight");
    assertThat(floor).containsText("step behind, facing 12");
    button(page, "Mirror").click();
    assertThat(button(page, "As the class sees it")).isVisible();
    assertThat(page.getByText("6 lines of 10: 60 dancers.")).isVisible();
    button(page, "vine right").first().click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Side, behind, side.");
  }

  @Test
  public void theClubsWordIsChosenOnceAndShown() {
    Page page = signedIn("Oda Marsh");
    page.navigate(at("/figures"));
    page.getByLabel("Search the figures").fill("rocking chair");
    choose(page, "Our word for reverse rocking chair", "back rocking chair");
    assertThat(page.getByText("chosen by Oda Marsh")).isVisible();
  }

  @Test
  public void theListIsNarrowedByWhatDancesHave() {
    Page page = signedIn("Ines Kallas");
    page.navigate(at("/dances"));
    Locator shown = page.getByRole(AriaRole.STATUS);
    assertThat(shown).containsText(" of ");
    choose(page, "Figure", "coaster step");
    choose(page, "Walls", "2-wall");
    assertThat(page.locator(".list")).containsText("Gravel and Honey");
    assertThat(page.locator(".list")).not().containsText("Paper Lanterns");
    button(page, "Show all").click();
    page.getByLabel("Search the dances").fill("waltz harbour");
    assertThat(page.locator(".list li").first()).containsText("Harbour");
  }
}
