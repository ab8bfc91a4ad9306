package ulnaawl.server;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.IntFunction;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Two writers at the same moment: one is heard, the other is told; never both, never neither. */
public class RacesTest extends ServerTest {

  private static final int WRITERS = 4;
  private static final int ROUNDS = 12;

  private List<Integer> race(IntFunction<Integer> write) throws Exception {
    CountDownLatch start = new CountDownLatch(1);
    List<Future<Integer>> answers = new ArrayList<>();
    try (ExecutorService writers = Executors.newFixedThreadPool(WRITERS)) {
      for (int i = 0; i < WRITERS; i++) {
        int writer = i;
        answers.add(
            writers.submit(() -> {
              start.await();
              return write.apply(writer);
            }));
      }
      start.countDown();
      List<Integer> statuses = new ArrayList<>();
      for (Future<Integer> answer : answers) {
        statuses.add(answer.get());
      }
      return statuses;
    }
  }

  private static long count(List<Integer> statuses, int status) {
    return statuses.stream().filter(it -> it == status).count();
  }

  @Test
  public void oneOfTwoWritersOfADanceIsHeard() throws Exception {
    List<Client> clients = clients();
    JsonNode sheet =
        clients.getFirst().post("/api/dances", "{\"stepText\":\"title: Raced 0\"}").body();
    String path = "/api/dances/" + sheet.get("id").asLong();
    for (int round = 1; round <= ROUNDS; round++) {
      int version = round;
      List<Integer> statuses =
          race(i ->
              clients
                  .get(i)
                  .put(
                      path,
                      "{\"version\":%d,\"stepText\":\"title: Raced %d by %d\"}"
                          .formatted(version, version, i))
                  .status());
      assertEquals(count(statuses, 200), 1, statuses.toString());
      assertEquals(count(statuses, 409), WRITERS - 1, statuses.toString());
      assertEquals(clients.getFirst().get(path).body().get("version").asInt(), version + 1);
    }
    JsonNode history = clients.getFirst().get(path.replace("dances", "history/DANCE")).body();
    assertEquals(history.size(), ROUNDS + 1, "every version that was heard is in the history");
  }

  @Test
  public void oneOfTwoTeachesOfAGroupIsTheFirst() throws Exception {
    List<Client> clients = clients();
    for (int dance = 1; dance <= 5; dance++) {
      String path = "/api/dances/" + dance + "/teach/saved";
      String body =
          Client.json(
              "{'teach':{'group':2,'minutes':12,'drills':[{'scope':{'kind':'SECTION','from':1,'to':1},"
                  + "'mode':'COUNTS','percent':70,'repetitions':3,'locked':true}]},'version':0}");
      List<Integer> statuses = race(i -> clients.get(i).put(path, body).status());
      assertEquals(count(statuses, 200), 1, statuses.toString());
      assertEquals(count(statuses, 409), WRITERS - 1, statuses.toString());
    }
  }

  private List<Client> clients() {
    List<Client> clients = new ArrayList<>();
    for (int i = 0; i < WRITERS; i++) {
      Client client = instructor();
      client.get("/api/session");
      clients.add(client);
    }
    return clients;
  }
}
