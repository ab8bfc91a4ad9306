package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/**
 * Several people at once: they see each other, nobody loses a word, and everybody does what is
 * theirs.
 */
public class TogetherTest extends BrowserTest {

  @Override
  boolean isKept() {
    return true;
  }

  private static final String TEXT =
      "title: Two hands\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n";

  private static Locator.FilterOptions hasText(String words) {
    return new Locator.FilterOptions().setHasText(words);
  }

  private static String keep(Page page, String text) {
    page.navigate(at("/dances/new/write"));
    type(page, text);
    button(page, "Keep this dance").click();
    page.waitForURL(Pattern.compile(".*/dances/\\d+"));
    return page.url();
  }

  @Test
  public void twoWriteOnOneDanceAndBothWordsStay() {
    Page oda = signedIn("Oda Marsh");
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(keep(oda, TEXT));
    assertThat(oda.getByText("Wilma Otterspoor is here too")).isVisible();
    assertThat(wilma.getByText("Oda Marsh is here too")).isVisible();
    type(oda, TEXT.replace("vine R, touch L", "vine R, stomp L"));
    type(wilma, TEXT.replace("vine L, touch R", "vine L, scuff R"));
    button(wilma, "Save").click();
    assertThat(oda.getByText("Wilma Otterspoor has just changed this; yours is there")).isVisible();
    assertThat(oda.locator(".cm-content")).containsText("vine R, stomp L");
    assertThat(oda.locator(".cm-content")).containsText("vine L, scuff R");
    button(oda, "Save").click();
    assertThat(wilma.locator(".cm-content")).containsText("vine R, stomp L");
    assertThat(wilma.locator(".cm-content")).containsText("vine L, scuff R");
    assertThat(wilma.getByText("Saved, version 3, by Oda Marsh.")).isVisible();
  }

  @Test
  public void whatACoInstructorProposesIsTakenOverWithOneClick() {
    Page wilma = signedIn("Wilma Otterspoor");
    Page tomas = signedIn("Tomas Brandl");
    String address = keep(wilma, TEXT.replace("Two hands", "Proposed to"));
    tomas.navigate(address);
    type(tomas, TEXT.replace("Two hands", "Proposed to").replace("touch R", "hitch R"));
    button(tomas, "Propose this change").click();
    Locator question = tomas.getByRole(AriaRole.DIALOG);
    question.getByRole(AriaRole.TEXTBOX).fill("reads better");
    question.getByText("Propose", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(tomas.getByText("Proposed; you see")).isVisible();
    wilma.getByText(Pattern.compile("\\d+ waiting")).click();
    Locator card = wilma.locator("article").filter(hasText("Proposed to"));
    assertThat(card).containsText("reads better");
    assertThat(card.locator("ins")).containsText("hitch R");
    card.getByText("Take it over").click();
    assertThat(card).hasCount(0);
    assertThat(tomas.locator(".cm-content")).containsText("hitch R");
    tomas.navigate(at("/waiting"));
    assertThat(tomas.getByText("taken over by Wilma Otterspoor").first()).isVisible();
  }

  @Test
  public void anotherOrderOfSomebodyElsesClassIsProposed() {
    Page tomas = signedIn("Tomas Brandl");
    tomas.navigate(at("/classes"));
    tomas
        .locator(".coming > li")
        .filter(hasText("Thursday Turners"))
        .locator("a[href*='/classes/']")
        .first()
        .click();
    button(tomas, "Propose a change").click();
    Locator own = tomas.getByLabel("Another order");
    String first = own.locator("li b").first().textContent();
    own.getByLabel("Move " + first + " down").click();
    button(tomas, "Propose this order").click();
    Locator question = tomas.getByRole(AriaRole.DIALOG);
    question.getByText("Propose", new Locator.GetByTextOptions().setExact(true)).click();
    assertThat(tomas.getByText("Proposed; you see")).isVisible();
    assertThat(tomas.locator(".order .title").first()).hasText(first);

    Page oda = signedIn("Oda Marsh");
    oda.navigate(at("/waiting"));
    Locator card = oda.locator("article").filter(hasText("Thursday Turners"));
    assertThat(card.locator("ins")).containsText(first);
    card.getByText("Take it over").click();
    assertThat(card).hasCount(0);
    assertThat(tomas.locator(".order .title").nth(1)).hasText(first);
  }

  /** Away for three weeks: reads, asks, is answered, while another changes the same plan. */
  @Test
  public void aClassIsTakenOverFromTheBrief() {
    Page ines = page(390, 844, ColorScheme.LIGHT);
    signIn(ines, "Ines Kallas");
    ines.navigate(at("/classes"));
    Locator thursday = ines.locator(".coming > li").filter(hasText("Thursday Turners"));
    assertThat(thursday.getByText("led by you")).isVisible();
    thursday.getByText("Brief").click();
    ines.waitForURL(Pattern.compile(".*/classes/\\d+/brief"));
    Locator first = ines.getByLabel("In short");
    assertThat(first).containsText("You last led them on");
    assertThat(first).containsText("led by Wilma Otterspoor");
    assertThat(first).containsText("Planned: teach");
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(ines.url());
    assertThat(ines.getByText("Wilma Otterspoor is here too")).isVisible();
    Locator open = wilma.locator("li.open").first();
    assertThat(open).containsText("Ines Kallas asks Wilma Otterspoor");
    open.getByPlaceholder("your answer").fill("Only walked; they wait for you.");
    open.getByText("Answer").click();
    assertThat(ines.getByText("Only walked; they wait for you.")).isVisible();

    // Both change the plan: other lines, at the same time.
    String plan = ines.url().replace("/brief", "");
    ines.navigate(plan);
    wilma.navigate(plan);
    Locator herFirst = ines.locator(".order > li").first();
    herFirst.getByRole(AriaRole.BUTTON).first().click();
    Locator hisLast = wilma.locator(".order > li").last();
    hisLast.getByRole(AriaRole.BUTTON).first().click();
    Locator minutes = herFirst.getByRole(AriaRole.SPINBUTTON);
    String before = minutes.inputValue();
    herFirst.locator(".el-input-number__increase").click();
    hisLast.locator(".el-input-number__increase").click();
    String more = (Integer.parseInt(before) + 1) + " min";
    assertThat(wilma.locator(".order > li").first()).containsText(more);
    assertThat(ines.locator(".order > li").first()).containsText(more);
    String last = wilma.locator(".order > li").last().locator(".kind").innerText();
    assertThat(ines.locator(".order > li").last().locator(".kind"))
        .containsText(last.replace("stays", ""));
  }

  @Test
  public void aGuestPractisesWithALinkUntilItIsTakenBack() {
    Page wilma = signedIn("Wilma Otterspoor");
    wilma.navigate(at(dance(wilma, "Paper Lanterns")));
    button(wilma, "Share…").click();
    button(wilma, "Make a link").click();
    String link = wilma.locator("code").filter(hasText("/s#")).innerText();
    Page guest = page(390, 844, ColorScheme.LIGHT);
    guest.navigate(link);
    assertThat(heading(guest, "Paper Lanterns")).isVisible();
    assertThat(button(guest, "Count in next ▸ or Space")).isVisible();
    assertThat(guest.getByText("Sign out")).hasCount(0);
    Page oda = signedIn("Oda Marsh");
    oda.navigate(at("/account"));
    Locator row = oda.getByLabel("Links").locator("li").filter(hasText("Paper Lanterns"));
    assertThat(row).containsText("made by Wilma Otterspoor");
    assertThat(row).containsText("last used");
    row.first().getByText("Take back").click();
    assertThat(row).hasCount(0);
    guest.reload();
    assertThat(guest.getByText("This link is not good any more")).isVisible();
  }

  @Test
  public void somebodyIsInvitedJoinsAndTakesAClass() {
    Page oda = signedIn("Oda Marsh");
    oda.navigate(at("/club"));
    oda.locator("[name=invited]").fill("Greta Holm");
    button(oda, "Make a link").click();
    String link = oda.locator("code").filter(hasText("/join#")).innerText();
    Page greta = page(390, 844, ColorScheme.DARK);
    greta.navigate(link);
    assertThat(greta.getByText("Oda Marsh invites you as co-instructor")).isVisible();
    greta.locator("[name=password]").fill("five paper boats");
    button(greta, "Join").click();
    greta.waitForURL(at("/classes"));
    Locator tuesday = greta.locator(".coming > li").filter(hasText("Tuesday Steppers"));
    assertThat(tuesday.getByText("nobody leads it yet")).isVisible();
    tuesday.getByText("Open the running order").click();
    button(greta, "I lead it").click();
    assertThat(greta.getByText("led by you")).isVisible();
    assertThat(button(greta, "Undo")).isVisible();
    // Other tests find it as it was.
    oda.navigate(greta.url());
    button(oda, "Who could lead…").click();
    oda.getByText("Nobody in particular").click();
    assertThat(greta.getByText("nobody leads it yet")).isVisible();
  }
}
