package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Who is let in at which endpoint, against a list that was written by hand and knows nothing of the
 * table that the server reads: whoever is let in is answered with success, with a request that
 * does. A right that is loosened shows as a difference in that list.
 */
@DirtiesContext
public class WhoMayTest extends ServerTest {

  private static final Path LIST = Path.of("src/test/resources/access/who-may.txt");
  private static final String ACTORS = "NVCIO";
  private static final List<String> NAMES =
      List.of("", "Bertil Aune", "Tomas Brandl", "Wilma Otterspoor", "Oda Marsh");
  private static final Set<String> BYTES =
      Set.of("/api/club/file", "/api/club/file/look", "/api/sheets/file");

  private static final int OWNER = NAMES.size() - 1;
  private static final Pattern ENDS_SESSIONS =
      Pattern.compile("/api/(session|password|people|join|club/file)");

  private static final Pattern STEP = Pattern.compile("([+=]) (.*?)(?: -> (\\w)=(/\\S+))?");
  private static final Pattern ASKED = Pattern.compile("([NVCIO.]{5})(?:=(\\d{3}))? (.*)");
  private static final Pattern REQUEST =
      Pattern.compile("(\\w+) (\\S+)(?: ([\\w-]+):(\\S+))?(?: (\\{.*))?");

  /**
   * Something that is done before: by the owner or by whoever asks, keeping a word of the answer.
   */
  private record DoneBefore(boolean byAsker, String request, String letter, String pointer) {}

  private record Expected(String who, OptionalInt status, String request, List<DoneBefore> before) {
    String method() {
      return request.substring(0, request.indexOf(' '));
    }

    String path() {
      return request.split(" ")[1].replaceFirst("\\?.*", "");
    }
  }

  private static List<Expected> lines() throws IOException {
    List<Expected> lines = new ArrayList<>();
    List<DoneBefore> before = new ArrayList<>();
    for (String text : Files.readAllLines(LIST)) {
      Matcher step = STEP.matcher(text);
      Matcher asked = ASKED.matcher(text);
      if (step.matches()) {
        String letter = step.group(3) == null ? "" : step.group(3);
        String pointer = step.group(4) == null ? "" : step.group(4);
        before.add(new DoneBefore(step.group(1).equals("="), step.group(2), letter, pointer));
      } else if (asked.matches()) {
        String status = asked.group(2);
        lines.add(
            new Expected(
                asked.group(1),
                status == null ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(status)),
                asked.group(3),
                List.copyOf(before)));
        before.clear();
      } else {
        assertTrue(text.isBlank() || text.startsWith("#"), text);
      }
    }
    return lines;
  }

  private final List<Client> clients = new ArrayList<>();
  private final List<String> failed = new ArrayList<>();
  private boolean isTouched;
  private boolean areWordsTouched;

  @Test
  public void everybodyIsLetInWhereTheListSaysSoAndNowhereElse() throws IOException {
    List<String> wrong = new ArrayList<>();
    for (Expected line : lines()) {
      String seen = seen(line);
      if (!seen.equals(line.who())) {
        wrong.add(line.who() + " " + line.request() + " is " + seen);
      }
    }
    wrong.addAll(failed);
    assertEquals(String.join("\n", wrong), "");
  }

  /**
   * Who is let in. Those who should not be ask first, all of the same thing; each of the others
   * finds the club as it was.
   */
  private String seen(Expected line) {
    String[] seen = new String[NAMES.size()];
    List<Integer> outside = new ArrayList<>();
    List<Integer> inside = new ArrayList<>();
    for (int actor = 0; actor < seen.length; actor++) {
      (line.who().charAt(actor) == '.' ? outside : inside).add(actor);
    }
    putBackWhatWasTouched();
    Map<String, String> thing = outside.isEmpty() ? Map.of() : before(line, OWNER);
    for (int actor : outside) {
      seen[actor] = answered(line, actor, thing);
    }
    boolean isWrite = !line.method().equals("GET");
    for (int actor : inside) {
      if (isWrite && actor != inside.getFirst() && !Boolean.getBoolean("ulna.long")) {
        // That more rights are enough as well, the long run sees.
        seen[actor] = ACTORS.substring(actor, actor + 1);
        continue;
      }
      putBackWhatWasTouched();
      seen[actor] = answered(line, actor, before(line, actor));
    }
    return String.join("", seen);
  }

  /** What stands at a pointer; where it goes through lists, the last by number or else by place. */
  private static String at(JsonNode body, String pointer) {
    int star = pointer.indexOf("/*");
    if (star < 0) {
      return body.at(pointer).asString("");
    }
    return body.at(pointer.substring(0, star))
        .valueStream()
        .map(it -> at(it, pointer.substring(star + 2)))
        .filter(it -> !it.isEmpty())
        .max(Comparator.comparingInt(String::length).thenComparing(Comparator.naturalOrder()))
        .orElse("");
  }

  private void putBackWhatWasTouched() {
    if (isTouched) {
      putBack(areWordsTouched);
      isTouched = false;
      areWordsTouched = false;
    }
  }

  private Map<String, String> before(Expected line, int asker) {
    Map<String, String> kept = new HashMap<>();
    for (DoneBefore step : line.before()) {
      isTouched = true;
      Client.Answer done = send(client(step.byAsker() ? asker : OWNER), step.request(), kept);
      if (step.byAsker() && (done.status() == 401 || done.status() == 403)) {
        done = send(client(OWNER), step.request(), kept);
      }
      if (done.status() / 100 != 2) {
        failed.add(step.request() + ": " + done.status() + " " + done.detail());
      }
      if (!step.letter().isEmpty()) {
        kept.put(step.letter(), at(done.body(), step.pointer()));
      }
    }
    return kept;
  }

  /** The letter of whoever is let in, a dot for who is not, else what else was answered. */
  private String answered(Expected line, int actor, Map<String, String> kept) {
    Client.Answer answer = send(client(actor), line.request(), kept);
    isTouched |= !line.method().equals("GET") && answer.status() / 100 == 2;
    if (ENDS_SESSIONS.matcher(line.path()).find()) {
      clients.clear();
    }
    areWordsTouched |= isTouched && line.path().startsWith("/api/figures");
    int status = answer.status();
    if (line.status().isPresent() ? status == line.status().getAsInt() : status / 100 == 2) {
      return ACTORS.substring(actor, actor + 1);
    }
    return status == 401 || status == 403 ? "." : "(" + status + " " + answer.detail() + ")";
  }

  private Client client(int actor) {
    if (clients.isEmpty()) {
      NAMES.forEach(
          it -> clients.add(it.isEmpty() ? nobody() : Client.signedIn(port(), it, PASSWORD)));
    }
    return clients.get(actor);
  }

  private static Client.Answer send(Client by, String text, Map<String, String> kept) {
    String filled = text;
    for (Map.Entry<String, String> one : kept.entrySet()) {
      filled = filled.replace("{" + one.getKey() + "}", one.getValue());
    }
    Matcher request = REQUEST.matcher(filled);
    assertTrue(request.matches(), filled);
    String path = request.group(2);
    if (path.endsWith("/events")) {
      // It has no end: how it begins is enough.
      try (Client.Events events = by.listen(path)) {
        return by.asIfAnswered(events.status());
      }
    }
    Map<String, String> headers = new HashMap<>();
    if (request.group(3) != null) {
      headers.put(request.group(3), request.group(4));
    }
    if (BYTES.contains(path)) {
      headers.put("Content-Type", "application/octet-stream");
    }
    String body = request.group(5) == null ? "" : request.group(5);
    return by.ask(request.group(1), path, body, headers);
  }

  @Test
  public void theListHasEveryEndpointOfTheContract() throws IOException {
    Set<String> left = new TreeSet<>();
    Endpoint.of(instructor().get("/api/openapi").body()).forEach(it -> left.add(it.name()));
    assertTrue(left.size() > 180, left.size() + " endpoints");
    for (Expected line : lines()) {
      left.stream()
          .filter(it -> isAt(line, it))
          .min(Comparator.comparing(it -> it.chars().filter(sign -> sign == '{').count()))
          .ifPresent(left::remove);
    }
    assertEquals(left, Set.of());
  }

  private static boolean isAt(Expected line, String endpoint) {
    String[] both = endpoint.split(" ");
    return both[0].equals(line.method())
        && line.path().matches(both[1].replaceAll("\\{\\w+}", "[^/]+"));
  }
}
