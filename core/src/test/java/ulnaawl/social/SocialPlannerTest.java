package ulnaawl.social;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import ulnaawl.Tries;

/** The order of a social, against all orders there are, and by what has to hold in any. */
public class SocialPlannerTest {

  private static final int SMALL = Tries.of(10, 80);
  private static final int LARGE = Tries.of(1, 5);

  private static List<Played> order(SocialPlan plan) {
    return plan.lines().stream().flatMap(it -> it.played().stream()).toList();
  }

  @Test
  public void smallOnesAreAsGoodAsTheBestOfAllOrders() {
    int several = 0;
    int proven = 0;
    int equal = 0;
    for (int seed = 0; seed < SMALL; seed++) {
      SocialRequest request = new RandomSocial(seed).of(14 + seed % 9, 5 + seed % 2, 2 + seed % 2);
      SocialPlan plan = SocialPlanner.plan(request);
      Every every = new Every(request);
      every.from(new ArrayList<>());
      // Nothing is played only where nothing fits.
      int best =
          every.best == Integer.MIN_VALUE
              ? SocialOrder.of(request, List.of(), 0).points()
              : every.best;
      assertTrue(plan.points() <= best, "seed " + seed);
      assertTrue(best <= plan.points() + plan.gap(), "seed " + seed + " gap " + plan.gap());
      equal += plan.points() == best ? 1 : 0;
      proven += plan.gap() == 0 ? 1 : 0;
      several += order(plan).size() > 2 ? 1 : 0;
    }
    assertTrue(several > SMALL / 2, "orders of more than two songs");
    assertTrue(equal > SMALL * 95 / 100, equal + " are the best");
    assertTrue(proven > SMALL * 9 / 10, proven + " are proven the best");
  }

  /** Every order that keeps the rules, one after the other. */
  private static final class Every {
    private final SocialRequest request;
    private int best = Integer.MIN_VALUE;

    Every(SocialRequest request) {
      this.request = request;
    }

    private static boolean mayFollow(List<Played> order, Played next) {
      // So short an evening is over before a dance could come again.
      return next.how() != Played.How.AGAIN
          && order.stream()
              .noneMatch(it -> it.numbers().stream().anyMatch(next.numbers()::contains));
    }

    void from(List<Played> order) {
      boolean walkIns = request.played().stream().anyMatch(it -> it.how() == Played.How.WALK_IN);
      for (Played next : request.played()) {
        if (!mayFollow(order, next)) {
          continue;
        }
        order.add(next);
        SocialPlan plan = SocialOrder.of(request, order, 0);
        SocialLine last = plan.lines().getLast();
        long had =
            order.subList(0, order.size() - 1).stream()
                .filter(it -> it.how() == Played.How.WALK_IN)
                .count();
        boolean due =
            walkIns
                && request.pauses().stream()
                        .filter(it -> it.kind() == Pause.Kind.WALK_IN)
                        .filter(it -> it.at() <= last.start())
                        .count()
                    > had;
        boolean fits = last.start() + last.seconds() <= request.seconds();
        if (fits && due == (next.how() == Played.How.WALK_IN)) {
          best = Math.max(best, plan.points());
          from(order);
        }
        order.removeLast();
      }
    }
  }

  @Test
  public void largeOnesKeepTheRulesAndSayHowFarOffTheyMayBe() {
    for (int seed = 0; seed < LARGE; seed++) {
      SocialRequest request = new RandomSocial(1000 + seed).of(150, 70, 2 + seed % 4);
      SocialPlan plan = SocialPlanner.plan(request);
      Set<Long> danced = new HashSet<>();
      int at = 0;
      for (SocialLine line : plan.lines()) {
        assertEquals(line.start(), at, "seed " + seed);
        at += line.seconds();
        line.played().ifPresent(it -> it.numbers().forEach(n -> assertTrue(danced.add(n))));
      }
      assertTrue(at <= request.seconds());
      assertTrue(at > request.seconds() - 300, "seed " + seed + " ends at " + at);
      long breaks = request.pauses().stream().filter(it -> it.kind() == Pause.Kind.BREAK).count();
      assertEquals(plan.lines().stream().filter(it -> it.pause().isPresent()).count(), breaks);
      assertEquals(order(plan), order(SocialPlanner.plan(request)), "the same twice");
      assertTrue(plan.gap() * 10 <= plan.points(), "seed " + seed + ": gap " + plan.gap());
    }
  }

  @Test
  public void whereThereAreTooFewTheyComeAgainButNotSoon() {
    int again = 0;
    for (int seed = 0; seed < LARGE; seed++) {
      SocialRequest request = new RandomSocial(500 + seed).of(120, 16, 3);
      SocialPlan plan = SocialPlanner.plan(request);
      Map<Long, Integer> ended = new HashMap<>();
      for (SocialLine line : plan.lines()) {
        if (line.played().isEmpty()) {
          continue;
        }
        Played played = line.played().get();
        if (played.how() == Played.How.AGAIN) {
          int first = ended.getOrDefault(played.numbers().getFirst(), Integer.MAX_VALUE);
          assertTrue(line.start() - first >= Played.AGAIN_AFTER_SECONDS, "seed " + seed);
          again++;
        }
        played.numbers().forEach(it -> ended.put(it, line.start() + line.seconds()));
      }
    }
    assertTrue(again > LARGE, again + " come a second time");
  }

  @Test
  public void whatIsLockedStaysAndTheRestIsLaidAroundIt() {
    SocialRequest request = new RandomSocial(7).of(60, 20, 3);
    SocialPlan free = SocialPlanner.plan(request);
    Played third = order(free).get(2);
    Played other =
        request.played().stream()
            .filter(it -> it.how() == Played.How.DANCE && !order(free).contains(it))
            .findFirst()
            .orElseThrow();
    SocialRequest locked =
        request.with(
            List.of(
                new Locked(2, other.how(), other.numbers()),
                new Locked(5, third.how(), third.numbers())));
    SocialPlan plan = SocialPlanner.plan(locked);
    assertEquals(order(plan).get(2), other);
    assertEquals(order(plan).get(5), third);
    assertTrue(plan.points() <= free.points() + free.gap());
    assertThrows(
        IllegalArgumentException.class,
        () ->
            SocialPlanner.plan(
                request.with(List.of(new Locked(0, Played.How.DANCE, List.of(4711L))))));
  }

  @Test
  public void theRestGoesOnFromWhereItIs() {
    SocialRequest request = new RandomSocial(3).of(90, 30, 3);
    List<Played> before = order(SocialPlanner.plan(request)).subList(0, 6);
    List<SocialRequest.Done> done =
        IntStream.range(0, before.size())
            .mapToObj(i -> new SocialRequest.Done(before.get(i), 240 * i))
            .toList();
    SocialRequest rest = request.after(done, 40 * 60);
    SocialPlan plan = SocialPlanner.plan(rest);
    assertEquals(plan.lines().getFirst().start(), 40 * 60);
    Map<Long, Integer> waited = rest.soFar().waited();
    before.getLast().who(request.guests()).forEach(it -> assertEquals(waited.get(it), 0));
    assertTrue(order(plan).stream().noneMatch(before::contains));
    SocialRequest longAgo =
        new SocialRequest(
            rest.seconds(),
            rest.longestWait(),
            rest.guests(),
            rest.played(),
            rest.pauses(),
            List.of(),
            new SocialRequest.SoFar(
                rest.soFar().seconds(),
                rest.soFar().begun(),
                Optional.empty(),
                Map.of(),
                Map.of(1L, 1200)));
    SocialLine first =
        SocialPlanner.plan(longAgo).lines().stream()
            .filter(it -> it.played().isPresent())
            .findFirst()
            .orElseThrow();
    assertTrue(first.who().contains(1L), "who has waited for twenty minutes dances first");
  }

  @Test
  public void nobodyComesOrNothingFits() {
    SocialRequest request = new RandomSocial(1).of(20, 5, 2);
    SocialRequest none =
        new SocialRequest(
            60,
            request.longestWait(),
            request.guests(),
            request.played(),
            List.of(),
            List.of(),
            SocialRequest.SoFar.NOTHING);
    assertEquals(SocialPlanner.plan(none).lines(), List.of());
    assertEquals(SocialPlanner.plan(none).points(), SocialWeight.FREE.points());
    assertThrows(
        IllegalArgumentException.class,
        () ->
            new SocialRequest(
                60, 1, List.of(), List.of(), List.of(), List.of(), SocialRequest.SoFar.NOTHING));
  }
}
