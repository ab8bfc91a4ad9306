package ulnaawl.plan;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** A running order keeps the hard rules, whatever the club, and no reason contradicts its data. */
public class ClassPlannerTest {

  private static ClassRequest request(int minutes, int dances, Random random) {
    Level level = random.nextBoolean() ? Level.BEGINNER : Level.IMPROVER;
    return ClassRequest.of(RandomClub.DAY, minutes, level, RandomClub.dances(random, dances));
  }

  @Test
  public void everyClassKeepsTheRules() {
    qt().withExamples(Tries.of(15, 120))
        .withShrinkCycles(20)
        .forAll(integers().between(20, 150), integers().between(0, 60), integers().all())
        .checkAssert((minutes, dances, seed) -> {
          ClassRequest request = request(minutes, dances, new Random(seed));
          ClassPlan plan = ClassPlanner.plan(request);
          assertEquals(ClassPlanner.plan(request), plan, "the same again");
          keepsTheRules(request, plan);
          reasonsAreTrue(request, plan);
        });
  }

  private static void keepsTheRules(ClassRequest request, ClassPlan plan) {
    Map<Long, DanceForGroup> byNumber = new HashMap<>();
    request.dances().forEach(it -> byNumber.put(it.dance(), it));
    List<ClassLine> lines = plan.lines();
    assertEquals(lines.getFirst().kind(), Kind.WARM_UP);
    assertEquals(lines.getLast().kind(), Kind.COOL_DOWN);
    assertEquals(lines.get(lines.size() - 2).kind(), Kind.FINISH);
    int at = 0;
    int sinceBreak = 0;
    int breaks = 0;
    Set<Long> danced = new HashSet<>();
    Optional<DanceForGroup> before = Optional.empty();
    // Where the styles do not last for the evening, neighbours may differ in speed alone.
    boolean fewDances = request.dances().stream().filter(DanceForGroup::isDanced).count() < 25;
    for (int i = 0; i < lines.size(); i++) {
      ClassLine line = lines.get(i);
      assertEquals(line.start(), at);
      at += line.minutes();
      sinceBreak = line.kind() == Kind.BREAK ? 0 : sinceBreak + line.minutes();
      assertTrue(request.minutes() < 60 || sinceBreak <= 60, plan.toString());
      breaks += line.kind() == Kind.BREAK ? 1 : 0;
      Optional<DanceForGroup> now = line.dance().map(byNumber::get);
      if (line.kind() == Kind.TEACH) {
        ClassLine next = lines.get(i + 1);
        assertEquals(next.kind(), Kind.PRACTICE, "danced the same night, straight away");
        assertEquals(next.dance(), line.dance());
        boolean anything = request.dances().stream().anyMatch(DanceForGroup::isDanced);
        assertTrue(!anything || lines.get(i - 1).kind() != Kind.WARM_UP, "after one dance or two");
      }
      boolean practice = i > 0 && lines.get(i - 1).kind() == Kind.TEACH;
      if (now.isPresent() && !practice) {
        assertTrue(danced.add(now.get().dance()), "once: " + plan);
        before.ifPresent(last -> differs(request, last, line, byNumber, fewDances));
      }
      before = line.dance().isPresent() ? now : Optional.empty();
    }
    assertEquals(at, request.minutes());
    long teaches = lines.stream().filter(it -> it.kind() == Kind.TEACH).count();
    boolean gentle = request.level().ordinal() <= Level.HIGH_BEGINNER.ordinal();
    assertTrue(teaches <= (gentle ? 1 : 2));
    assertTrue(request.minutes() < 60 || breaks >= 1);
    assertTrue(request.minutes() < 120 || breaks >= 2);
  }

  private static void differs(
      ClassRequest request,
      DanceForGroup last,
      ClassLine line,
      Map<Long, DanceForGroup> byNumber,
      boolean inHand) {
    DanceForGroup now = Objects.requireNonNull(byNumber.get(line.dance().orElseThrow()));
    boolean alike = last.style().isPresent() && last.style().equals(now.style());
    long styles =
        request.dances().stream()
            .filter(DanceForGroup::isDanced)
            .map(DanceForGroup::style)
            .distinct()
            .count();
    assertTrue(!alike || last.speed() != now.speed(), last + " and " + now);
    assertTrue(!alike || styles <= 2 || inHand, last + " and " + now);
    boolean veryFast = last.speed() == Speed.VERY_FAST && now.speed() == Speed.VERY_FAST;
    boolean fast = last.speed() != Speed.EASY && now.speed() != Speed.EASY;
    boolean gentle = request.level().ordinal() <= Level.HIGH_BEGINNER.ordinal();
    assertTrue(!veryFast && !(gentle && fast), last + " and " + now);
  }

  /** No reason contradicts the data that it was made from. */
  private static void reasonsAreTrue(ClassRequest request, ClassPlan plan) {
    for (ClassLine line : plan.lines()) {
      Optional<DanceForGroup> dance =
          line.dance()
              .flatMap(id -> request.dances().stream().filter(it -> it.dance() == id).findFirst());
      assertTrue(!line.reasons().isEmpty());
      for (PlanReason reason : line.reasons()) {
        assertTrue(isTrue(reason, line, dance, request), reason + " of " + line);
      }
    }
  }

  private static boolean endsWell(DanceForGroup dance) {
    return Set.of(Stage.KNOWN, Stage.PRACTISED).contains(dance.standing().stage());
  }

  private static boolean isTrue(
      PlanReason reason, ClassLine line, Optional<DanceForGroup> of, ClassRequest request) {
    return switch (reason) {
      case PlanReason.WarmsUp it -> it.minutes() == line.minutes() && it.minutes() <= it.advised();
      case PlanReason.CoolsDown it -> it.minutes() == line.minutes();
      case PlanReason.KnownToEndOn _ -> endsWell(of.orElseThrow());
      case PlanReason.NothingToEndOn _ ->
          line.dance().isEmpty() && request.dances().stream().noneMatch(ClassPlannerTest::endsWell);
      case PlanReason.NoKnownFits _ ->
          line.dance().isEmpty() && request.dances().stream().anyMatch(ClassPlannerTest::endsWell);
      case PlanReason.Due it ->
          it.on().equals(request.date())
              && it.stage() == of.orElseThrow().standing().stage()
              && of.orElseThrow().standing().due().orElse(request.date()).equals(it.due())
              && (!it.due().isAfter(it.on()) || it.stage() == Stage.RUSTY);
      case PlanReason.GoOn it -> it.shown().equals(of.orElseThrow().standing().shown());
      case PlanReason.NewDance it ->
          it.level() == of.orElseThrow().level()
              && of.orElseThrow().standing().stage() == Stage.NOT_STARTED
              && it.newFigures().equals(of.orElseThrow().newFigures());
      case PlanReason.Danced it ->
          it.stage() == of.orElseThrow().standing().stage()
              && it.strength() == of.orElseThrow().standing().strength();
      case PlanReason.AskedFor it -> it.who().size() == of.orElseThrow().wishes().requests().size();
      case PlanReason.OfTerm _ -> of.orElseThrow().wishes().term() instanceof TermPlace.Here;
      case PlanReason.TermBeginsIt it ->
          of.orElseThrow().wishes().term().equals(new TermPlace.Later(it.on()));
      case PlanReason.NoSong _ -> !of.orElseThrow().hasSong();
      case PlanReason.LeaderUnsure _ -> !of.orElseThrow().wishes().leaderKnows();
      case PlanReason.TeachTakes it -> it.whole() == (line.minutes() >= it.minutes());
      case PlanReason.NeedsRest it -> it.classMinutes() == request.minutes();
      case PlanReason.MinutesLeft it -> it.minutes() == line.minutes();
      case PlanReason.TaughtToday _ -> line.kind() == Kind.PRACTICE;
      case PlanReason.FewWereThere it -> it.there() * 100 < 60 * it.of();
      case PlanReason.KeepsFresh _ -> of.orElseThrow().standing().stage() == Stage.TAUGHT;
      case PlanReason.Alike _,
          PlanReason.NotLedTo _,
          PlanReason.OfTheme _,
          PlanReason.OthersKnow _,
          PlanReason.OtherStyle _ ->
          of.isPresent();
      case PlanReason.EasiestToWarmUp _,
          PlanReason.NothingToWarmUp _,
          PlanReason.ChosenBy _,
          PlanReason.SaidThen _ ->
          false;
    };
  }

  /** What stays stands where it stood, the rest is planned around it, and it costs something. */
  @Test
  public void linesThatStayCostWhatTheyCost() {
    ClassRequest request =
        ClassRequest.of(RandomClub.DAY, 75, Level.IMPROVER, RandomClub.dances(new Random(7), 40));
    ClassPlan free = ClassPlanner.plan(request);
    Subject words = new Subject.Without(Filler.REQUESTS);
    List<ClassRequest.Lock> locks =
        List.of(
            new ClassRequest.Lock(9, 7, Kind.PRACTICE, Optional.empty(), words),
            new ClassRequest.Lock(40, 5, Kind.BREAK, Optional.empty(), words));
    ClassPlan around = ClassPlanner.plan(request.with(locks));
    assertTrue(around.points() <= free.points());
    for (ClassRequest.Lock lock : locks) {
      assertTrue(
          around.lines().stream()
              .anyMatch(it -> it.start() == lock.start() && it.minutes() == lock.minutes()));
    }
    // What the plan chose by itself costs nothing when it is held.
    ClassLine own = free.lines().get(1);
    ClassRequest.Lock held =
        new ClassRequest.Lock(own.start(), own.minutes(), own.kind(), own.dance(), own.subject());
    List<Long> same = new ArrayList<>();
    ClassPlanner.plan(request.with(List.of(held)))
        .lines()
        .forEach(it -> it.dance().ifPresent(same::add));
    List<Long> before = new ArrayList<>();
    free.lines().forEach(it -> it.dance().ifPresent(before::add));
    assertEquals(same, before);
    assertThrows(
        IllegalArgumentException.class,
        () ->
            request.with(
                List.of(
                    new ClassRequest.Lock(9, 7, Kind.BREAK, Optional.empty(), words),
                    new ClassRequest.Lock(12, 7, Kind.BREAK, Optional.empty(), words))));
  }

  /** Of dances that are alike in all else, the one that was asked for is danced. */
  @Test
  public void whatWasAskedForComesBeforeWhatIsMerelyDanced() {
    List<DanceForGroup> alike =
        LongStream.rangeClosed(1, 12)
            .mapToObj(it -> OrderValueTest.learned(it, Stage.KNOWN, 30, 20, 90, Wishes.NONE))
            .toList();
    Set<Long> planned = dancesOf(alike, Set.of());
    long other =
        alike.stream()
            .map(DanceForGroup::dance)
            .filter(it -> !planned.contains(it))
            .findFirst()
            .orElseThrow();
    Wishes asked =
        new Wishes(
            List.of(new Wishes.Request("Ida", RandomClub.DAY.minusDays(9))),
            Optional.empty(),
            0,
            true);
    List<DanceForGroup> withRequest =
        alike.stream()
            .map(it ->
                it.dance() == other
                    ? OrderValueTest.learned(other, Stage.KNOWN, 30, 20, 90, asked)
                    : it)
            .toList();
    assertTrue(dancesOf(withRequest, Set.of()).contains(other), other + " was asked for");
    assertFalse(dancesOf(withRequest, Set.of(other)).contains(other), other + " is left out");
  }

  private static Set<Long> dancesOf(List<DanceForGroup> dances, Set<Long> leftOut) {
    return ClassPlanner.plan(
            new ClassRequest(RandomClub.DAY, 30, Level.BEGINNER, dances, List.of(), leftOut))
        .lines()
        .stream()
        .flatMap(it -> it.dance().stream())
        .collect(Collectors.toSet());
  }

  /** A club on its first evening: nothing is known, something is taught, minutes are in hand. */
  @Test
  public void aFirstEveningIsPlannedToo() {
    ClassPlan empty =
        ClassPlanner.plan(ClassRequest.of(RandomClub.DAY, 60, Level.BEGINNER, List.of()));
    assertEquals(empty.lines().stream().mapToInt(ClassLine::minutes).sum(), 60);
    DanceForGroup fresh = RandomClub.dance(new Random(1), 1, Stage.NOT_STARTED);
    List<DanceForGroup> one =
        fresh.level().above(Level.INTERMEDIATE) < 2 ? List.of(fresh) : List.of();
    ClassPlan first =
        ClassPlanner.plan(ClassRequest.of(RandomClub.DAY, 60, Level.INTERMEDIATE, one));
    assertTrue(first.lines().stream().anyMatch(it -> it.kind() == Kind.TEACH), first.toString());
  }
}
