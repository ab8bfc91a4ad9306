package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Signs that nobody sees are refused wherever text comes in, with a word and a place. */
public class HiddenSignsTest extends ServerTest {

  private static String group(String name) {
    return "{\"name\":\""
        + name
        + "\",\"level\":\"BEGINNER\",\"weekday\":\"MONDAY\",\"startsAt\":\"19:00\",\"minutes\":60,"
        + "\"place\":\"\",\"version\":0}";
  }

  @DataProvider
  public Object[][] hidden() {
    return new Object[][] {
      {"Zero\\u200bWidth", "U+200B"},
      {"Join\\u200der", "U+200D"},
      {"\\u202eredro", "U+202E"},
      {"Iso\\u2066late", "U+2066"},
      {"Nul\\u0000", "U+0000"},
      {"Bell\\u0007", "U+0007"},
      {"Half\\ud83d", "U+D83D"},
      {"Half\\udc4d", "U+DC4D"},
      {"Mark\\ufeffed", "U+FEFF"},
      {"C1\\u0085", "U+0085"},
    };
  }

  @Test(dataProvider = "hidden")
  public void areRefusedInNamesAndInStepText(String text, String sign) {
    Client oda = instructor();
    Client.Answer name = oda.post("/api/groups", group(text));
    assertEquals(name.status(), 422, name.raw().body());
    assertTrue(name.detail().contains(sign), name.detail());
    Client.Answer dance = oda.post("/api/dances", "{\"stepText\":\"title: " + text + "\"}");
    assertEquals(dance.status(), 422, dance.raw().body());
    assertTrue(dance.detail().contains(sign), dance.detail());
  }

  @DataProvider
  public Object[][] seen() {
    return new Object[][] {
      {"Žluťoučký kůň"}, {"Τρίτη"}, {"火曜日"}, {"Ünïcödé"}, {"Dance \\ud83d\\udc83"}, {"Tab\\there"},
    };
  }

  @Test
  public void theSameTextIsTheSameCharacters() {
    Client oda = instructor();
    assertEquals(oda.post("/api/groups", group("Cafe\u0301 crew")).status(), 201);
    assertEquals(oda.post("/api/groups", group("Caf\u00e9 crew")).status(), 409);
  }

  /** Every language's letters and whole pictures are as good as any. */
  @Test(dataProvider = "seen")
  public void whatCanBeSeenIsTaken(String text) {
    Client oda = instructor();
    Client.Answer dance = oda.post("/api/dances", "{\"stepText\":\"title: " + text + "\\n\"}");
    assertEquals(dance.status(), 201, dance.raw().body());
    long id = dance.body().get("id").asLong();
    assertEquals(oda.delete("/api/dances/" + id + "?version=1").status(), 204);
  }

  @Test
  public void aByteOrderMarkBeforeAFileIsNoSign() {
    Client oda = instructor();
    Client.Answer list =
        oda.post(
            "/api/songs/import",
            "{\"text\":\"\\ufefftitle,artist\\nNever Heard,Nobody\\n\",\"doIt\":false}");
    assertEquals(list.status(), 200, list.raw().body());
    assertFalse(list.raw().body().contains("\ufeff"));
  }
}
