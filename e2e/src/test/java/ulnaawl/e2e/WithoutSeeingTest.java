package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import org.testng.annotations.Test;

/**
 * An instructor's week without a mouse and without seeing: every step goes by what the
 * accessibility tree says. The pages are drawn as ever; nothing here looks at them.
 */
public class WithoutSeeingTest extends BrowserTest {

  @Test
  public void aDanceIsWrittenAClassPlannedAndLogged() throws IOException, InterruptedException {
    // What it logs would be in the way of others.
    try (RunningApp app = RunningApp.start(RunningApp.TODAY)) {
      walk(page(1280, 800, ColorScheme.LIGHT), app.address());
    }
  }

  private static void walk(Page page, String address) {
    ByEar wilma = new ByEar(page);
    page.navigate(address + "/sign-in");
    wilma.on("textbox \"Name\"");
    wilma.types("Wilma Otterspoor");
    wilma.on("textbox \"Password\"");
    wilma.types("lantern-light");
    wilma.presses("Enter");
    wilma.arrives("heading \"Coming classes\"");

    wilma.goesTo("Write a dance", "Untitled");
    wilma.on("textbox \"Step text\"");
    // Wherever the cursor was put when the page had opened.
    wilma.presses("Control+A");
    wilma.types("title: Blind Man's Reel\nsection 1\n1-4  vine R, touch L\n5-8  vine L, tuch R\n");
    wilma.hears("1 to mend");
    wilma.presses("Control+A");
    wilma.types("title: Blind Man's Reel\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n");
    wilma.hears("No mistakes");
    wilma.presses("Escape");
    wilma.on("button \"Keep this dance\"");
    wilma.presses("Enter");
    wilma.arrives("heading \"Blind Man's Reel\"");

    wilma.goesTo("Classes", "Coming classes");
    wilma.on("link \"Tuesday Steppers\"");
    wilma.on("link \"Open the running order\"");
    wilma.presses("Enter");
    wilma.arrives("heading \"Tuesday Steppers\"");
    wilma.on("button \"Add");

    wilma.goesTo("Classes", "Coming classes");
    wilma.on("link \"Monday Newcomers\"");
    wilma.on("link \"Open the running order\"");
    wilma.presses("Enter");
    wilma.arrives("heading \"Monday Newcomers\"");
    // A line is moved by its keys, and the next press moves it on.
    wilma.on("button \"19:30");
    wilma.presses("Enter");
    wilma.on("button \"Move Corner Shop up, 6 of 10");
    wilma.presses("Enter");
    wilma.arrives("button \"Move Corner Shop up, 5 of 10");
    wilma.presses("Enter");
    wilma.arrives("button \"Move Corner Shop up, 4 of 10");
    wilma.on("link \"Write it down\"");
    wilma.presses("Enter");
    wilma.arrives("heading");
    wilma.on("switch \"Lantern Walk was done\"");
    wilma.on("button \"shaky\"");
    wilma.presses("Enter");
    wilma.on("button \"Write it down\"");
    wilma.presses("Enter");
    wilma.hears("Written down");
  }
}
