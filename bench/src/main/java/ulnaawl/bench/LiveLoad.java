package ulnaawl.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * Fifty open pages, and how soon the last of them is told of a change, against one open page alone.
 * Everybody of the demo club has ten pages open. Bounded: fifty lines, twenty changes.
 */
final class LiveLoad {

  private static final List<String> PEOPLE =
      List.of("Oda Marsh", "Wilma Otterspoor", "Tomas Brandl", "Ines Kallas", "Bertil Aune");
  private static final int PAGES_EACH = 10;
  private static final int CHANGES = 20;
  private static final int PATIENCE_SECONDS = 10;

  private final String address;

  LiveLoad(String address) {
    this.address = address;
  }

  /** Somebody who is signed in. */
  private record Person(HttpClient http, CookieManager jar) {
    String token() {
      return jar.getCookieStore().getCookies().stream()
          .filter(it -> it.getName().equals("XSRF-TOKEN"))
          .map(HttpCookie::getValue)
          .findFirst()
          .orElse("");
    }
  }

  private Person signIn(String name) throws IOException, InterruptedException {
    CookieManager jar = new CookieManager();
    Person person = new Person(HttpClient.newBuilder().cookieHandler(jar).build(), jar);
    send(person, HttpRequest.newBuilder(URI.create(address + "/api/session")));
    String body = "{\"name\":\"%s\",\"password\":\"lantern-light\"}".formatted(name);
    send(person, write(person, "/api/session").POST(HttpRequest.BodyPublishers.ofString(body)));
    send(person, HttpRequest.newBuilder(URI.create(address + "/api/session")));
    return person;
  }

  private HttpRequest.Builder write(Person person, String path) {
    return HttpRequest.newBuilder(URI.create(address + path))
        .header("Content-Type", "application/json")
        .header("X-XSRF-TOKEN", person.token());
  }

  private static String send(Person person, HttpRequest.Builder request)
      throws IOException, InterruptedException {
    HttpResponse<String> answer =
        person.http().send(request.build(), HttpResponse.BodyHandlers.ofString());
    if (answer.statusCode() >= 300) {
      throw new IOException(answer.statusCode() + ": " + answer.body());
    }
    return answer.body();
  }

  /** An open page: the moments at which it was told of a change. */
  private static BlockingQueue<Long> open(Person person, String address)
      throws IOException, InterruptedException {
    HttpRequest request = HttpRequest.newBuilder(URI.create(address + "/api/live/events")).build();
    HttpResponse<Stream<String>> answer =
        person.http().send(request, HttpResponse.BodyHandlers.ofLines());
    BlockingQueue<Long> told = new LinkedBlockingQueue<>();
    Thread.startVirtualThread(() ->
        answer
            .body()
            .filter(line -> line.equals("event:changed"))
            .forEach(_ -> told.add(System.nanoTime())));
    return told;
  }

  /** The middle and the longest time in milliseconds until all pages were told. */
  private double[] measure(List<BlockingQueue<Long>> pages, Person writer, int from)
      throws IOException, InterruptedException {
    double[] took = new double[CHANGES];
    for (int i = 0; i < CHANGES; i++) {
      String body =
          "{\"stepText\":\"title: Live %d\\nsection 1\\n1-4  vine R, touch L\\n\"}"
              .formatted(from + i);
      long begin = System.nanoTime();
      send(writer, write(writer, "/api/dances").POST(HttpRequest.BodyPublishers.ofString(body)));
      long last = begin;
      for (BlockingQueue<Long> page : pages) {
        Long told = page.poll(PATIENCE_SECONDS, TimeUnit.SECONDS);
        if (told == null) {
          throw new IOException("A page was not told of change " + i);
        }
        last = Math.max(last, told);
      }
      took[i] = (last - begin) / 1e6;
    }
    Arrays.sort(took);
    return new double[] {took[CHANGES / 2], took[CHANGES - 1]};
  }

  /** The row of the table. */
  String measured() throws IOException, InterruptedException {
    Person writer = signIn(PEOPLE.getFirst());
    double[] alone = measure(List.of(open(writer, address)), writer, 0);
    List<BlockingQueue<Long>> pages = new ArrayList<>();
    for (String name : PEOPLE) {
      Person person = signIn(name);
      for (int i = 0; i < PAGES_EACH; i++) {
        pages.add(open(person, address));
      }
    }
    double[] all = measure(pages, writer, CHANGES);
    return "%.0f ms, at most %.0f; with one page %.0f (%.1f times)"
        .formatted(all[0], all[1], alone[0], all[0] / alone[0]);
  }
}
