package ulnaawl.e2e;

import com.microsoft.playwright.Page;
import java.util.List;

/** Every page of the app, as the demo club fills it. */
final class Views {

  private Views() {}

  static final boolean LONG = Boolean.getBoolean("ulna.long");

  /**
   * Those that are held in a hand or stand in the hall, and one of each other layout: what is
   * looked at a second time (on a phone in the dark, in another browser) in the ordinary run; all
   * of them in the long one.
   */
  static List<String> again(Page page) {
    return LONG
        ? all(page)
        : List.of(
            "/classes",
            "/classes/1",
            "/classes/1/floor",
            "/classes/1/log",
            "/classes/3/brief",
            "/terms/1",
            "/socials/1/evening",
            "/dances",
            BrowserTest.dance(page, "Paper Lanterns"),
            BrowserTest.dance(page, "Paper Lanterns") + "/walls",
            BrowserTest.dance(page, "Paper Lanterns") + "/where",
            BrowserTest.dance(page, "Paper Lanterns") + "/teach?group=1",
            BrowserTest.dance(page, "Paper Lanterns") + "/run-through",
            "/songs/4",
            "/groups/2",
            "/handbook/a-dance");
  }

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
