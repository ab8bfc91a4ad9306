package ulnaawl.e2e;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.RequestOptions;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.testng.Assert;

/**
 * Sessions of people of the demo club, kept from test to test: a password is checked on purpose
 * slowly.
 */
final class SignedIn {

  private static final Map<String, List<Cookie>> KEPT = new ConcurrentHashMap<>();

  private SignedIn() {}

  /** Makes a browser theirs, by the session they have in that app, or by a new one. */
  static void as(BrowserContext browser, String address, String name) {
    String key = address + " " + name;
    browser.addCookies(KEPT.getOrDefault(key, List.of()));
    APIRequestContext asks = browser.request();
    String now = asks.get(address + "/api/session").text();
    if (!now.contains('"' + name + '"')) {
      APIResponse answer =
          asks.post(
              address + "/api/session",
              RequestOptions.create()
                  .setHeader("X-XSRF-TOKEN", token(browser.cookies(address)))
                  .setData(Map.of("name", name, "password", Visitor.PASSWORD)));
      Assert.assertEquals(answer.status(), 200, name + " cannot sign in: " + answer.text());
      asks.get(address + "/api/session");
      KEPT.put(key, browser.cookies(address));
    }
  }

  private static String token(List<Cookie> cookies) {
    return cookies.stream()
        .filter(it -> it.name.equals("XSRF-TOKEN"))
        .map(it -> it.value)
        .findFirst()
        .orElse("");
  }
}
