package ulnaawl.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonElement;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/**
 * A club that was made today and is left running: two of its days in so many hours ({@code ./ulna
 * torture --hours N}), from a Saturday evening over midnight, the change to summer time and a night
 * in which nobody asks to Monday evening, with connections that are retired after half a minute and
 * a backup on each day. Every evening and day the week's work is done again: whatever is answered
 * with anything but success fails the soak, and what was written is there at the end and after a
 * restart.
 */
@Test(groups = "soak")
public class SoakTest {

  private static final int HOURS = Integer.getInteger("ulna.soak.hours", 1);
  private static final int HOURS_OF_CLUB = 48;
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final LocalDateTime BEGIN = LocalDateTime.of(2026, 3, 28, 18, 0);
  private static final int MORNING = 8;
  private static final int CONNECTION_LIVES_MS = 30_000;

  /**
   * Longer than the server keeps an idle connection: none is written to while it is being closed.
   */
  private static final Duration BETWEEN_ROUNDS = Duration.ofSeconds(45);

  private static final String CODE = "soaking";
  private static final String NAME = "Ada Brook";

  private final List<String> titles = new ArrayList<>();
  private final List<String> wrong = new ArrayList<>();
  private int asked;
  private int backups;

  public void aNewClubIsStillWrittenToAfterDays() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-soak");
    int times = Math.max(1, HOURS_OF_CLUB / HOURS);
    Instant began = Instant.now();
    Instant end = began.plus(Duration.ofHours(HOURS));
    try (RunningApp app = start(data, times)) {
      Visitor ada = Visitor.settingUp(app.address(), NAME, CODE);
      LocalDate saved = BEGIN.toLocalDate().minusDays(1);
      for (int round = 1; Instant.now().isBefore(end); round++) {
        ZonedDateTime now = clubTime(began, times);
        if (now.getHour() < MORNING) {
          System.out.println("Night at " + now + " after " + asked + " requests");
          Thread.sleep(Duration.between(now, now.withHour(MORNING)).dividedBy(times));
          continue;
        }
        if (now.toLocalDate().isAfter(saved)) {
          saved = now.toLocalDate();
          backups++;
          ok(ada.post("/api/backups", "{}"));
        }
        week(ada, round, now.toLocalDate());
        Thread.sleep(BETWEEN_ROUNDS);
      }
      everythingIsThere(ada);
      app.stop();
    }
    try (RunningApp again = start(data, times)) {
      everythingIsThere(Visitor.signedIn(again.address(), NAME));
    }
    assertEquals(String.join("\n", wrong), "");
    assertTrue(backups >= 2, "backups: " + backups);
    try (Stream<String> lines = Files.lines(Path.of("target", "soak.log"))) {
      List<String> faults = lines.filter(it -> it.contains(" ERROR ")).toList();
      assertEquals(String.join("\n", faults), "", "faults in the log");
    }
    System.out.printf(
        "%d h, %d requests, %d dances, %d backups; nothing lost%n",
        HOURS, asked, titles.size(), backups);
  }

  private static RunningApp start(Path data, int times) throws IOException, InterruptedException {
    return RunningApp.open(
        RunningApp.REAL_DAYS,
        data,
        false,
        "soak.log",
        "--ulna.set-up-code=" + CODE,
        "--ulna.zone=" + ZONE,
        "--ulna.clock-from=" + BEGIN,
        "--ulna.clock-times=" + times,
        "--spring.datasource.hikari.max-lifetime=" + CONNECTION_LIVES_MS);
  }

  /** What the club's clock shows: summer time begins on the first night. */
  private static ZonedDateTime clubTime(Instant began, int times) {
    Duration gone = Duration.between(began, Instant.now()).multipliedBy(times);
    return BEGIN.atZone(ZONE).plus(gone);
  }

  /** A dance is written, listed with a song, taught to a group, planned, run and written down. */
  private void week(Visitor ada, int round, LocalDate today) throws IOException {
    String title = "Slow Kettle " + round;
    String text =
        "title: " + title + "\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n";
    JsonElement dance = ok(ada.post("/api/dances", "{\"stepText\":\"" + text + "\"}"));
    titles.add(title);
    long id = number(dance, "id");
    ok(
        ada.post(
            "/api/songs",
            json(
                "{'title':'Kettle Song %d','artist':'The Hobs','bpm':'112','countRate':'1','length':'3:10',"
                    + "'intro':'16','meter':'4/4','style':'','phrases':'32x4','location':'',"
                    + "'explicitWords':false,'version':0}",
                round)));
    long group =
        number(
            ok(
                ada.post(
                    "/api/groups",
                    json(
                        "{'name':'Hob %d','level':'BEGINNER','weekday':'%s','startsAt':'19:00','minutes':60,"
                            + "'place':'','version':0}",
                        round, today.getDayOfWeek()))),
            "id");
    ok(
        ada.post(
            "/api/groups/" + group + "/record",
            json(
                "{'dance':%d,'date':'%s','happened':'TAUGHT','shown':[1],'outcome':'SHAKY','note':'late'}",
                id, today.minusDays(7))));
    long evening =
        number(
            ok(
                ada.post(
                    "/api/classes", json("{'group':%d,'date':'%s','minutes':60}", group, today))),
            "id");
    String address = "/api/classes/" + evening;
    ok(ada.post(address + "/plan", json("{'version':1,'minutes':50}")));
    ok(ada.post(address + "/record", json("{'version':2,'note':'full hall','lines':[]}")));
    ok(
        ada.write(
            "PUT", "/api/dances/" + id + "/watch-outs/1", json("{'note':'left','version':0}")));
    ok(
        ada.post(
            "/api/groups/" + group + "/requests",
            json("{'dance':%d,'askedBy':'somebody','note':'slow, please'}", id)));
    ok(ada.post("/api/shares", json("{'kind':'SHEET','dance':%d,'days':7}", id)));
    for (String page :
        List.of(
            "/api/session",
            "/api/dances/" + id,
            "/api/dances/" + id + "/teach?group=" + group + "&minutes=20",
            "/api/dances/" + id + "/run-through?kind=WALLS&from=1&to=2&group=" + group,
            "/api/dances/list",
            "/api/classes",
            address,
            "/api/groups/" + group,
            "/api/songs",
            "/api/history/DANCE/" + id)) {
      ok(ada.get(page));
    }
  }

  private void everythingIsThere(Visitor ada) throws IOException {
    String dances = ada.get("/api/dances").body();
    List<String> lost = titles.stream().filter(it -> !dances.contains("\"" + it + "\"")).toList();
    assertEquals(lost, List.of());
  }

  private JsonElement ok(HttpResponse<String> answer) {
    asked++;
    if (answer.statusCode() / 100 != 2) {
      String said = answer.uri().getPath() + ": " + answer.statusCode() + " " + answer.body();
      wrong.add(said);
      throw new AssertionError(said + " (request " + asked + ")");
    }
    return JsonParser.parseString(answer.body());
  }

  private static long number(JsonElement answer, String field) {
    return answer.getAsJsonObject().get(field).getAsLong();
  }

  private static String json(String form, Object... values) {
    return form.formatted(values).replace('\'', '"');
  }
}
