package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.testng.Assert;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What opens, and what went wrong, is for everybody too: dialogs, errors, refusals, no network. */
public class StatesTest extends BrowserTest {

  /** A state of a page: where, what is done there, and what is seen then. */
  private record State(String name, String path, Consumer<Page> act) {}

  private static final List<State> STATES =
      List.of(
          new State("a new group", "/groups", page -> button(page, "New group").click()),
          new State(
              "a song that cannot be",
              "/songs/new",
              page -> {
                page.locator("[name=title]").fill("Tin");
                page.locator("[name=bpm]").fill("fast");
                page.locator("[name=intro]").click();
                page.locator("[aria-invalid=true], .fault, .wrong, [role=alert]").first().waitFor();
              }),
          new State(
              "a dance with mistakes",
              "/dances/new/write",
              page -> {
                type(page, "title: Askew\nsection 1\n1-4  vien R, touch L\n5-9  vine L\n");
                page.getByText("to mend").first().waitFor();
              }),
          new State("an import of songs", "/songs", page -> button(page, "Import").first().click()),
          new State("a link to share", "/classes/1", page -> button(page, "Share…").click()),
          new State(
              "who could lead", "/classes/1", page -> button(page, "Who could lead…").click()),
          new State(
              "a social to be removed",
              "/socials/1",
              page -> {
                page.getByText("Remove", new Page.GetByTextOptions().setExact(true)).click();
                page.getByRole(AriaRole.DIALOG).waitFor();
              }),
          new State("a figure", "/figures", page -> page.locator("main button").first().click()),
          new State(
              "files, looked at",
              "/files",
              page -> {
                page.getByLabel("Files to bring")
                    .setInputFiles(
                        new FilePayload[] {
                          file("a.txt", "title: Paper Lanterns\nsection 1\n1-4 vine R, touch L\n"),
                          file("b.csv", "title,artist\nTin,\n,Nobody\n"),
                          file("c.json", "{}")
                        });
                page.getByText("Chosen:").waitFor();
              }),
          new State(
              "a week of the chart",
              "/groups/2",
              page -> {
                page.locator(".chart").hover();
                page.locator(".read").getByText("figures met").waitFor();
              }),
          new State("nothing here", "/nowhere-at-all", page -> {}),
          new State(
              "a page that does not come",
              "/waiting",
              page -> {
                page.route("**/api/dances/list**", route -> route.abort());
                page.route("**/api/songs", route -> route.abort());
                link(page, "Songs").first().click();
                page.locator("[role=alert]").first().waitFor();
              }));

  private static FilePayload file(String name, String text) {
    return new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.UTF_8));
  }

  /** A phone in a dark hall; in the long run also a laptop by day. */
  @DataProvider
  public Object[][] colourings() {
    Object[] phone = {ColorScheme.DARK, 390};
    Object[] laptop = {ColorScheme.LIGHT, 1280};
    return Views.LONG ? new Object[][] {phone, laptop} : new Object[][] {phone};
  }

  @Test(dataProvider = "colourings")
  public void axeFindsNothingInAnyState(ColorScheme colours, int width) {
    Page page = page(width, 820, colours);
    page.navigate(at("/sign-in"));
    page.getByLabel("Name").fill("Oda Marsh");
    page.getByLabel("Password").fill("not it");
    button(page, "Sign in").click();
    assertThat(page.getByRole(AriaRole.ALERT).first()).isVisible();
    Axe.assertCleanOnceOpen(page, "a wrong password");
    signInByHand(page, at(""), "Oda Marsh");
    List<String> unreached = new ArrayList<>();
    for (State state : STATES) {
      goTo(page, state.path());
      try {
        state.act().accept(page);
      } catch (com.microsoft.playwright.TimeoutError missing) {
        unreached.add(
            state.name() + ": " + String.valueOf(missing.getMessage()).lines().limit(3).toList());
        continue;
      }
      Axe.assertCleanOnceOpen(page, state.name());
      page.keyboard().press("Escape");
    }
    Assert.assertEquals(String.join("\n", unreached), "", "states that were not come to");
  }
}
