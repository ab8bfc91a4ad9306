package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.Assert;
import org.testng.annotations.Test;

/**
 * The week of an instructor who has never seen the app: a dance with a slip in it, its walls, a
 * class with its teach, slow to full speed, the record; and the colleague who takes over.
 */
public class InstructorsWeekTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  private static final String DANCE =
      """
      title: Lamplighters
      level: beginner
      counts: 32
      walls: 4
      start: weight L
      intro: 16
      song: Lamplighters / The Wick Trimmers / 120 bpm / 2:40

      section 1
      1-4    vine R, touch L
      5-8    vine L, touch R

      section 2
      1-2    rock R fwd
      3&4    shuffle R back
      5-6    rock L back
      7&8    shuffle L fwd

      section 3
      1-4    jaz box R 1/4 R
      5-8    rocking chair R

      section 4
      1-4    side touch R L
      5-8    bump R R L L
      """;

  @Test
  public void fromTheFirstWordToTheColleaguesView() throws IOException, InterruptedException {
    // What it logs would be in the way of others.
    try (RunningApp app = RunningApp.start(RunningApp.TODAY)) {
      week(app.address());
    }
  }

  private void week(String club) {
    Page oda = signInByHand(page(1280, 800, ColorScheme.LIGHT), club, "Oda Marsh");
    writesTheDance(oda);
    plansTheClass(oda);
    readsTheTeach(oda);
    runsItThrough(oda);
    writesItDown(oda, club);
    theColleagueSees(signedIn(club, "Tomas Brandl"));
  }

  private static void writesTheDance(Page page) {
    link(page, "Dances").click();
    link(page, "New dance").click();
    link(page, "Write").click();
    type(page, DANCE);
    Locator remark = page.locator(".remarks li").first();
    assertThat(remark).containsText("line 20");
    assertThat(remark).containsText("jaz box");
    assertThat(page.locator(".cm-lintRange-error").first()).isVisible();
    remark
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("jazz box"))
        .first()
        .click();
    assertThat(page.getByRole(AriaRole.STATUS).filter(hasText("No mistakes"))).isVisible();
    assertThat(page.locator(".facts")).containsText("turns 1/4 R a wall");
    assertThat(page.getByLabel("wall 2 starts facing 3 and ends facing 6")).isVisible();
    button(page, "Keep this dance").click();
    page.waitForURL(Pattern.compile(".*/dances/\\d+"));
    assertThat(page.getByText("Saved, version 1, by Oda Marsh.")).isVisible();
  }

  private static void plansTheClass(Page page) {
    link(page, "Classes").click();
    Locator monday = page.locator(".card").filter(hasText("Monday Newcomers"));
    monday.getByText("Open the running order").click();
    button(page, "Add a line").click();
    choose(page, "Kind of line", "Teach");
    choose(page, "Dance of the new line", "Lamplighters");
    minutes(page).fill("15");
    button(page, "Add").last().click();
    Locator line = page.locator(".order > li").filter(hasText("Lamplighters"));
    line.getByRole(AriaRole.BUTTON).first().click();
    assertThat(line).containsText("changed by Oda Marsh");
    assertThat(page.getByText("more than the class has")).isVisible();
    assertThat(page.getByRole(AriaRole.STATUS).filter(hasText("too many"))).isVisible();
    int lines = page.locator(".order > li").count();
    button(page, "Undo").click();
    assertThat(page.locator(".order > li")).hasCount(lines - 1);
    button(page, "Add a line").click();
    choose(page, "Kind of line", "Teach");
    choose(page, "Dance of the new line", "Lamplighters");
    minutes(page).fill("20");
    button(page, "Add").last().click();
    assertThat(line).isVisible();
  }

  private static void readsTheTeach(Page page) {
    Locator line = page.locator(".order > li").filter(hasText("Lamplighters"));
    line.getByRole(AriaRole.BUTTON).first().click();
    line.getByText("Lay out the teach").click();
    page.waitForURL(Pattern.compile(".*/teach.*"));
    minutes(page).fill("25");
    page.keyboard().press("Enter");
    assertThat(page.locator(".drills li").first()).containsText("Section 1");
    assertThat(page.locator("aside")).containsText("Practice done");
    assertThat(page.locator(".rows > li")).hasCount(4);
  }

  private static void runsItThrough(Page page) {
    page.addInitScript(SwiftAudio.SCRIPT);
    link(page, "Run through").click();
    page.waitForURL(Pattern.compile(".*/run-through.*"));
    page.reload();
    List<Integer> rates = List.of(72, 88, 103, 120);
    for (int rung = 0; rung < rates.size(); rung++) {
      assertThat(page.locator(".rungs .on")).containsText(String.valueOf(rates.get(rung)));
      if (rung == 0) {
        page.keyboard().press("Space");
      }
      assertThat(button(page, "Clean")).isVisible();
      SwiftAudio.assertSteady(page, 4 + 32, rates.get(rung));
      button(page, "Clean").click();
    }
    assertThat(page.getByText("Full speed was clean.")).isVisible();
  }

  private static void writesItDown(Page page, String club) {
    page.navigate(club + "/classes");
    page.locator(".card")
        .filter(hasText("Monday Newcomers"))
        .getByText("Open the running order")
        .first()
        .click();
    link(page, "Write it down").click();
    Locator card = page.locator("section").filter(hasText("Lamplighters"));
    card.getByText("Add a note").click();
    page.getByLabel("Note on Lamplighters").fill("Jazz box turned late; show it from behind.");
    button(page, "Write it down").click();
    assertThat(heading(page, "What happened")).isVisible();
    assertThat(page.getByText("Written down by Oda Marsh.")).isVisible();
  }

  private static void theColleagueSees(Page tomas) {
    link(tomas, "Groups").click();
    link(tomas, "Monday Newcomers").first().click();
    Locator card = tomas.locator(".dances > li").filter(hasText("Lamplighters"));
    assertThat(card).containsText("taught");
    assertThat(card).containsText("back in 7 days");
    assertThat(card).containsText("Oda Marsh");
    assertThat(card).containsText("Jazz box turned late; show it from behind.");
    link(tomas, "Dances").click();
    link(tomas, "Lamplighters").first().click();
    assertThat(button(tomas, "Propose this change")).isVisible();
    Assert.assertEquals(button(tomas, "Save").count(), 0);
  }

  private static Locator minutes(Page page) {
    return page.getByRole(
        AriaRole.SPINBUTTON, new Page.GetByRoleOptions().setName("Minutes").setExact(true));
  }

  private static Locator.FilterOptions hasText(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }
}
