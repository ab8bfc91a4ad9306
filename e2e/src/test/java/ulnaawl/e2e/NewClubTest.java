package ulnaawl.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;

/** A club begins with nothing and plans its first class; and a club moves elsewhere as one file. */
public class NewClubTest extends BrowserTest {

  private static final String CODE = "k7evening";

  private Page setUp(RunningApp app, String name) {
    Page page = page(1280, 800, ColorScheme.LIGHT);
    page.navigate(app.address());
    page.getByLabel("Name").fill(name);
    page.getByLabel("Password").fill("first-evening");
    page.getByLabel("Code").fill(CODE);
    button(page, "Begin").click();
    page.waitForURL(Pattern.compile(".*/first$"));
    return page;
  }

  private static RunningApp empty(String log) throws IOException, InterruptedException {
    return RunningApp.start(
        RunningApp.TODAY,
        Files.createTempDirectory("ulna-new-club"),
        false,
        log,
        "--ulna.set-up-code=" + CODE);
  }

  private static Locator step(Page page, String title) {
    return page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(title).setExact(true));
  }

  @Test
  public void fromNothingToTheFirstClass() throws IOException, InterruptedException {
    try (RunningApp app = empty("new-club.log")) {
      Page page = setUp(app, "Ada Brook");
      Locator groups = step(page, "Your groups");
      groups.getByLabel("Name").fill("Dockside");
      groups.getByText("Save", new Locator.GetByTextOptions().setExact(true)).click();
      assertThat(groups.getByText("Dockside")).isVisible();
      Locator dances = step(page, "First dances");
      dances.getByText("All of them").click();
      dances.getByText("Take 12 dances").click();
      assertThat(dances).containsText("12 dances are here");
      Locator first = step(page, "The first class");
      first.getByText("Plan 60 minutes").click();
      page.waitForURL(Pattern.compile(".*/classes/\\d+$"));
      assertThat(page.locator("main")).containsText("Teach");
    }
  }

  /**
   * Sheets on paper, songs in a spreadsheet, two groups: brought at once, and taken back at once.
   */
  @Test
  public void aClubComesWithWhatItHas() throws IOException, InterruptedException {
    Path folder = Files.createTempDirectory("ulna-paper");
    Path sheets = folder.resolve("sheets.zip");
    int count = pack(Path.of("../core/src/test/resources/sheets"), sheets);
    Path songs = folder.resolve("songs.csv");
    Files.writeString(
        songs,
        "title;artist;bpm\n"
            + IntStream.rangeClosed(1, 40)
                .mapToObj(it -> "Pier Tune " + it + ";The Long Planks;" + (90 + it))
                .collect(Collectors.joining("\n")));
    Path groups = folder.resolve("groups.csv");
    Files.writeString(
        groups,
        "group,level,weekday,starts,minutes\nPier Head,beginner,Wed,7:30 pm,75\n"
            + "Net Loft,improver,Fri,19:00,90\n");
    try (RunningApp app = empty("paper-club.log")) {
      Page page = setUp(app, "Ada Brook");
      page.getByText("all sheets, songs and lists you have").click();
      page.getByLabel("Files to bring").setInputFiles(new Path[] {sheets, songs, groups});
      Locator take =
          page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Take in"));
      assertThat(take).containsText("2 groups");
      assertThat(take).containsText("40 songs");
      Locator dances = step(page, "Dances");
      dances.getByText("all " + count).click();
      assertThat(take).containsText(count + " dances");
      take.getByText("Take in " + (count + 42)).click();
      Locator before = step(page, "What came in before");
      assertThat(before).containsText("2 groups, " + count + " dances, 40 songs");
      page.navigate(app.address() + "/groups");
      assertThat(page.getByText("Net Loft").first()).isVisible();
      page.navigate(app.address() + "/files");
      before.getByText("Undo").click();
      page.getByText("Undo it").click();
      assertThat(before).containsText("undone");
      page.navigate(app.address() + "/dances");
      assertThat(page.locator("main")).containsText("twelve easy ones");
    }
  }

  /** Packs all sheets of a folder; how many there are. */
  private static int pack(Path folder, Path to) throws IOException {
    List<Path> sheets;
    try (Stream<Path> files = Files.list(folder)) {
      sheets = files.filter(it -> it.toString().endsWith(".txt")).sorted().toList();
    }
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(to))) {
      for (Path sheet : sheets) {
        zip.putNextEntry(new ZipEntry(sheet.getFileName().toString()));
        Files.copy(sheet, zip);
      }
    }
    return sheets.size();
  }

  @Test
  public void aClubMovesAsOneFile() throws IOException, InterruptedException {
    Page oda = signedIn("Oda Marsh");
    oda.navigate(at("/club"));
    Download download = oda.waitForDownload(() -> oda.getByText("Take it along").click());
    Path file = Files.createTempFile("club", ".json");
    download.saveAs(file);
    try (RunningApp app = empty("moved-club.log")) {
      Page page = setUp(app, "Oda Marsh");
      Path broken = Files.createTempFile("broken", ".json");
      Files.writeString(
          broken, Files.readString(file).replaceFirst("\"weekday\":\\d", "\"weekday\":9"));
      Locator bring = step(page, "The club as one file");
      bring.locator("input[type=file]").setInputFiles(broken);
      assertThat(bring).containsText("cannot be taken");
      assertThat(bring).containsText("groups, row");
      bring.locator("input[type=file]").setInputFiles(file);
      assertThat(bring).containsText("Owned by Oda Marsh");
      bring.getByText("Take it in").click();
      page.waitForURL(Pattern.compile(".*/sign-in.*"));
      page.getByLabel("Name").fill("Oda Marsh");
      page.getByLabel("Password").fill("first-evening");
      button(page, "Sign in").click();
      page.waitForURL(url -> !url.contains("sign-in"));
      page.navigate(app.address() + "/groups");
      assertThat(page.getByText("Thursday Turners")).isVisible();
    }
  }

  /** An invented club beside one's own: looked around in, and removed; one stays signed in here. */
  @Test(groups = "long")
  public void aSampleClubIsOpenedBesideAndRemoved() throws IOException, InterruptedException {
    try (RunningApp app = empty("beside-sample.log")) {
      Page page = setUp(app, "Ada Brook");
      Locator sample = step(page, "A sample club");
      sample.getByText("Open a sample club").click();
      Locator door = sample.getByText("Wilma Otterspoor");
      door.waitFor(new Locator.WaitForOptions().setTimeout(300_000));
      Page inside = page.context().waitForPage(door::click);
      assertThat(inside.getByLabel("Name")).hasValue("Wilma Otterspoor");
      assertThat(inside.getByText("everybody and everything in it is invented")).isVisible();
      button(inside, "Sign in").click();
      assertThat(inside.getByText("sample club")).isVisible();
      assertThat(inside.getByText("Thursday Turners").first()).isVisible();
      page.reload();
      assertThat(heading(page, "First evening")).isVisible();
      assertThat(page.getByText("sample club", new Page.GetByTextOptions().setExact(true)))
          .hasCount(0);
      button(page, "Remove it").click();
      page.getByRole(AriaRole.DIALOG).getByText("Remove it").click();
      assertThat(sample.getByText("Open a sample club")).isVisible();
    }
  }

  @Test
  public void anythingIsFoundByAWordAndEveryPageSaysHowItIsUsed() {
    Page page = signedIn("Wilma Otterspoor");
    // A key that comes before the page listens is nobody's.
    assertThat(page.getByRole(AriaRole.HEADING).first()).isVisible();
    page.keyboard().press("Control+k");
    Locator words = page.getByLabel("A dance, a song, a group");
    assertThat(words).isFocused();
    words.fill("paper lant");
    assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("Paper Lanterns");
    page.keyboard().press("Enter");
    page.waitForURL(Pattern.compile(".*/dances/\\d+$"));
    page.keyboard().press("Control+k");
    words.fill("print");
    assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("Print room");
    page.keyboard().press("Enter");
    page.waitForURL(Pattern.compile(".*/print.*"));
    assertThat(page.locator(".paper").first()).containsText("Monday Newcomers");
    page.getByText("pocket cards").click();
    assertThat(page.locator(".pocket").first()).isVisible();
    button(page, "Help").click();
    Locator help = page.getByRole(AriaRole.DIALOG);
    assertThat(help).containsText("Before");
    help.getByText("The whole chapter").click();
    page.waitForURL(Pattern.compile(".*/handbook/the-evening$"));
    page.getByLabel("Search the handbook").fill("restart run-in");
    page.getByText("What is run").click();
    page.waitForURL(Pattern.compile(".*/handbook/running-it-through#what-is-run$"));
    assertThat(page.locator("#what-is-run")).isVisible();
  }
}
