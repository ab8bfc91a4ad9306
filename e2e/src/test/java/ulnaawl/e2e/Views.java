package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import java.util.List;

/** Every page of the app, as the demo club fills it. */
final class Views {

  private Views() {}

  /** Their paths; somebody who may see them all is signed in. */
  static List<String> all(Page page) {
    return List.of(
        "/classes",
        "/classes/1",
        "/classes/1/floor",
        "/classes/1/log",
        "/classes/3/brief",
        "/waiting",
        "/groups/matrix",
        "/groups/taught",
        "/terms",
        "/terms/1",
        "/terms/1/poster",
        "/terms/1/report",
        "/socials",
        "/socials/1",
        "/socials/1/evening",
        "/socials/1/screen",
        "/club/log",
        "/dances",
        BrowserTest.dance(page, "Paper Lanterns"),
        "/dances/new",
        "/dances/new/write",
        "/dances/read",
        BrowserTest.dance(page, "High Tide") + "/sheet",
        BrowserTest.dance(page, "Paper Lanterns") + "/walls",
        BrowserTest.dance(page, "Rust and Roses") + "/calls",
        BrowserTest.dance(page, "Paper Lanterns") + "/where",
        "/songs",
        "/songs/new",
        "/songs/4",
        "/figures",
        BrowserTest.dance(page, "Paper Lanterns") + "/teach?group=1",
        BrowserTest.dance(page, "Paper Lanterns") + "/teach/floor?group=1",
        BrowserTest.dance(page, "Paper Lanterns") + "/run-through",
        "/run-through/steady",
        "/screen",
        "/groups",
        "/groups/2",
        "/club",
        "/account",
        "/first",
        "/print?class=1",
        "/files",
        "/handbook",
        "/handbook/a-dance",
        "/news",
        "/notices");
  }
}
