package ulnaawl.plan;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.solve.Block;
import ulnaawl.plan.solve.Block.Role;
import ulnaawl.plan.solve.Block.Speed;

/** Everything that may stand in a class, with its points, and what each block means in lines. */
final class Choices {

  /** Teaches that are worth looking at. */
  private static final int MOST_TEACHES = 6;

  private static final int LEAST_TEACH = 8;
  private static final int SET_UP = 1;
  private static final int CHOICE = 4;
  private static final int LATELY_DAYS = 15;
  private static final int MOST_WEEKS_OVERDUE = 8;
  private static final int MOST_ASKED = 3;

  /**
   * What a block means.
   *
   * @param second what follows at once in the same block: the practice of a teach
   */
  record Meaning(Part first, Optional<Part> second) {
    Meaning(Part first) {
      this(first, Optional.empty());
    }
  }

  /** A line before it has its start. */
  record Part(int minutes, Kind kind, Subject subject, List<PlanReason> reasons) {
    Part {
      reasons = List.copyOf(reasons);
    }
  }

  private final ClassRequest request;
  private final Frame frame;
  private final List<Block> blocks = new ArrayList<>();
  private final IdentityHashMap<Block, Meaning> meanings = new IdentityHashMap<>();
  private final Map<String, Integer> styles = new HashMap<>();
  private final Map<Long, Integer> numbers = new HashMap<>();
  private final List<NextDance.Pick> picks;

  Choices(ClassRequest request, Frame frame) {
    this.request = request;
    this.frame = frame;
    Set<String> names = new TreeSet<>();
    request.dances().forEach(it -> it.style().ifPresent(names::add));
    names.forEach(it -> styles.put(it, styles.size() + 1));
    request.dances().forEach(it -> numbers.put(it.dance(), numbers.size()));
    List<DanceForGroup> wanted =
        request.dances().stream().filter(it -> !request.leftOut().contains(it.dance())).toList();
    this.picks = NextDance.ranked(request.level(), wanted);
    ends();
    wanted.stream().filter(DanceForGroup::isDanced).forEach(this::danced);
    picks.stream().limit(MOST_TEACHES).forEach(this::taught);
  }

  List<Block> blocks() {
    return blocks;
  }

  Meaning meaning(Block block) {
    return Objects.requireNonNull(meanings.get(block));
  }

  /** Whether there are enough styles for neighbours to differ in. */
  boolean hasStyles() {
    Set<Integer> there = new LinkedHashSet<>();
    blocks.stream().filter(it -> it.role() == Role.DANCE).forEach(it -> there.add(it.style()));
    return there.size() > 2;
  }

  private void add(Block block, Meaning meaning) {
    blocks.add(block);
    meanings.put(block, meaning);
  }

  private void ends() {
    int warm = frame.warmUp();
    for (int minutes = frame.atLeast(warm); minutes <= warm; minutes++) {
      without(
          Role.WARM_UP,
          Kind.WARM_UP,
          minutes,
          (warm - minutes) * Weights.of("short-warm-up"),
          Filler.WARM_UP_STEPS,
          new PlanReason.WarmsUp(minutes, warm));
    }
    int cool = frame.coolDown();
    for (int minutes = frame.atLeast(cool); minutes <= cool; minutes++) {
      without(
          Role.COOL_DOWN,
          Kind.COOL_DOWN,
          minutes,
          (cool - minutes) * Weights.of("short-cool-down"),
          Filler.COOL_DOWN_STEPS,
          new PlanReason.CoolsDown(minutes, cool));
    }
    without(
        Role.BREAK,
        Kind.BREAK,
        Frame.BREAK,
        0,
        Filler.REST,
        new PlanReason.NeedsRest(request.minutes()));
    without(
        Role.FINISH, Kind.FINISH, CHOICE, 0, Filler.GROUPS_CHOICE, new PlanReason.NothingToEndOn());
    without(
        Role.FREE,
        Kind.PRACTICE,
        1,
        Weights.of("free"),
        Filler.IN_HAND,
        new PlanReason.MinutesLeft(1));
  }

  private void without(
      Role role, Kind kind, int minutes, int points, Filler filler, PlanReason reason) {
    add(
        Block.without(role, minutes, points),
        new Meaning(new Part(minutes, kind, new Subject.Without(filler), List.of(reason))));
  }

  private Block block(DanceForGroup dance, Role role, int minutes, int points, int effort) {
    return new Block(
        role,
        Objects.requireNonNull(numbers.get(dance.dance())),
        minutes,
        points,
        dance.style().map(styles::get).orElse(Block.UNKNOWN_STYLE),
        dance.speed(),
        // Ten steps of effort are enough, and make many blocks alike.
        effort / 10 * 10);
  }

  private static Subject subject(DanceForGroup dance) {
    return new Subject.OfDance(dance.dance(), dance.title());
  }

  private void danced(DanceForGroup dance) {
    NextDance.Sum sum = new NextDance.Sum();
    int faded = (100 - dance.standing().strength()) / 5 * Weights.of("fading");
    sum.add(
        Weights.of("danced") + faded,
        new PlanReason.Danced(dance.standing().stage(), dance.standing().strength()));
    wishes(dance, sum);
    boolean lately =
        dance
            .standing()
            .last()
            .filter(it -> ChronoUnit.DAYS.between(it, request.date()) < LATELY_DAYS)
            .isPresent();
    if (dance.standing().stage() == Stage.TAUGHT && lately) {
      sum.add(Weights.of("taught-lately"), new PlanReason.KeepsFresh(dance.standing().due()));
    }
    int minutes = dance.songMinutes() + SET_UP;
    put(dance, Role.DANCE, Kind.PRACTICE, minutes, sum);
    if (dance.standing().isDueBy(request.date()) || dance.standing().stage() == Stage.RUSTY) {
      reminded(dance);
    }
    if (dance.standing().stage() == Stage.KNOWN || dance.standing().stage() == Stage.PRACTISED) {
      NextDance.Sum end = new NextDance.Sum();
      int favourite =
          dance.standing().stage() == Stage.KNOWN
              ? Weights.of("favourite")
              : Weights.of("favourite") / 2;
      end.add(favourite, new PlanReason.KnownToEndOn());
      end.add(0, new PlanReason.Danced(dance.standing().stage(), dance.standing().strength()));
      wishes(dance, end);
      put(dance, Role.FINISH, Kind.FINISH, minutes, end);
    }
  }

  private void put(DanceForGroup dance, Role role, Kind kind, int minutes, NextDance.Sum sum) {
    add(
        block(dance, role, minutes, sum.points(), dance.effort()),
        new Meaning(new Part(minutes, kind, subject(dance), sum.inOrder())));
  }

  private void reminded(DanceForGroup dance) {
    NextDance.Sum sum = new NextDance.Sum();
    java.time.LocalDate due = dance.standing().due().orElse(request.date());
    long weeks = Math.clamp(ChronoUnit.WEEKS.between(due, request.date()), 0, MOST_WEEKS_OVERDUE);
    boolean rusty = dance.standing().stage() == Stage.RUSTY;
    sum.add(
        Weights.of("reminder")
            + (int) weeks * Weights.of("overdue")
            + (rusty ? Weights.of("rusty") : 0),
        new PlanReason.Due(due, request.date(), dance.standing().stage(), dance.reminderMinutes()));
    wishes(dance, sum);
    put(dance, Role.DANCE, Kind.REMINDER, dance.reminderMinutes() + dance.songMinutes(), sum);
  }

  private static void wishes(DanceForGroup dance, NextDance.Sum sum) {
    Wishes wishes = dance.wishes();
    if (!wishes.requests().isEmpty()) {
      sum.add(
          Math.min(MOST_ASKED, wishes.requests().size()) * Weights.of("asked"),
          new PlanReason.AskedFor(
              wishes.requests().stream().map(Wishes.Request::who).toList(),
              wishes.requests().getFirst().on()));
    }
    wishes.theme().ifPresent(it -> sum.add(Weights.of("theme"), new PlanReason.OfTheme(it)));
  }

  /** A teach with its practice to music straight after it, as long as it should be and shorter. */
  private void taught(NextDance.Pick pick) {
    DanceForGroup dance = pick.dance();
    int wanted = Math.max(LEAST_TEACH, dance.teachMinutes());
    Set<Integer> lengths = new TreeSet<>();
    for (int quarters = 2; quarters <= 4; quarters++) {
      lengths.add(Math.max(LEAST_TEACH, wanted * quarters / 4));
    }
    int practice = frame.practice(dance.songMinutes());
    for (int minutes : lengths) {
      if (minutes <= request.minutes() / 2) {
        boolean whole = minutes >= wanted;
        int points =
            Weights.of("teach")
                + pick.points() / 2
                + Weights.of("teach-fits") * minutes / wanted
                + (whole ? 0 : Weights.of("too-long") / 2);
        List<PlanReason> why = new ArrayList<>(pick.reasons());
        why.add(new PlanReason.TeachTakes(wanted, whole));
        add(
            block(
                dance,
                Role.TEACH,
                minutes + practice,
                points,
                ClassLine.effort(Kind.TEACH, dance.effort())),
            new Meaning(
                new Part(minutes, Kind.TEACH, subject(dance), why),
                Optional.of(
                    new Part(
                        practice,
                        Kind.PRACTICE,
                        subject(dance),
                        List.of(new PlanReason.TaughtToday())))));
      }
    }
  }

  /** A line that stays, as a block in its place. */
  Block locked(ClassRequest.Lock lock) {
    Role role =
        switch (lock.kind()) {
          case WARM_UP -> Role.WARM_UP;
          case REMINDER, PRACTICE -> lock.dance().isPresent() ? Role.DANCE : Role.FREE;
          case TEACH -> Role.TEACH;
          case BREAK -> Role.BREAK;
          case FINISH -> Role.FINISH;
          case COOL_DOWN -> Role.COOL_DOWN;
        };
    Optional<DanceForGroup> dance =
        lock.dance()
            .flatMap(id -> request.dances().stream().filter(it -> it.dance() == id).findFirst());
    return dance
        .map(it -> block(it, role, lock.minutes(), 0, it.effort()))
        .orElseGet(() ->
            new Block(
                role,
                Block.NO_DANCE,
                lock.minutes(),
                0,
                Block.NO_STYLE,
                Speed.EASY,
                Block.NO_EFFORT));
  }
}
