package ulnaawl.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.solve.Block;
import ulnaawl.plan.solve.Block.Role;

/** Everything that may stand in a class, with its points, and what each block means in lines. */
final class Choices {

  /** Teaches that are worth looking at. */
  private static final int MOST_TEACHES = 6;

  private static final int LEAST_TEACH = 8;
  private static final int SET_UP = 1;
  private static final int CHOICE = 4;
  private static final int LATELY_DAYS = 15;
  private static final int MOST_WEEKS_OVERDUE = 8;

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
    ends(wanted);
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

  /** Whether a group can end its evening on a dance. */
  private static boolean endsWell(DanceForGroup dance) {
    Stage stage = dance.standing().stage();
    return stage == Stage.KNOWN || stage == Stage.PRACTISED;
  }

  private void ends(List<DanceForGroup> wanted) {
    int warm = frame.warmUp();
    for (int minutes = frame.atLeast(warm); minutes <= warm; minutes++) {
      without(
          Role.WARM_UP,
          Kind.WARM_UP,
          minutes,
          (warm - minutes) * Weight.SHORT_WARM_UP.points(),
          Filler.WARM_UP_STEPS,
          new PlanReason.WarmsUp(minutes, warm));
    }
    int cool = frame.coolDown();
    for (int minutes = frame.atLeast(cool); minutes <= cool; minutes++) {
      without(
          Role.COOL_DOWN,
          Kind.COOL_DOWN,
          minutes,
          (cool - minutes) * Weight.SHORT_COOL_DOWN.points(),
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
    boolean known = wanted.stream().anyMatch(Choices::endsWell);
    without(
        Role.FINISH,
        Kind.FINISH,
        CHOICE,
        0,
        Filler.GROUPS_CHOICE,
        known ? new PlanReason.NoKnownFits() : new PlanReason.NothingToEndOn());
    without(
        Role.FREE,
        Kind.PRACTICE,
        1,
        Weight.FREE.points(),
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
    Score score = new Score();
    int faded = (100 - dance.standing().strength()) / 5 * Weight.FADING.points();
    score.add(
        Weight.DANCED.points() + faded,
        new PlanReason.Danced(dance.standing().stage(), dance.standing().strength()));
    score.wishes(dance.wishes());
    boolean lately =
        dance
            .standing()
            .last()
            .filter(it -> ChronoUnit.DAYS.between(it, request.date()) < LATELY_DAYS)
            .isPresent();
    if (dance.standing().stage() == Stage.TAUGHT && lately) {
      score.add(Weight.TAUGHT_LATELY.points(), new PlanReason.KeepsFresh(dance.standing().due()));
    }
    int minutes = dance.songMinutes() + SET_UP;
    put(dance, Role.DANCE, Kind.PRACTICE, minutes, score);
    if (dance.standing().isDueBy(request.date()) || dance.standing().stage() == Stage.RUSTY) {
      reminded(dance);
    }
    if (endsWell(dance)) {
      Score end = new Score();
      int favourite =
          dance.standing().stage() == Stage.KNOWN
              ? Weight.FAVOURITE.points()
              : Weight.FAVOURITE.points() / 2;
      end.add(favourite, new PlanReason.KnownToEndOn());
      end.add(0, new PlanReason.Danced(dance.standing().stage(), dance.standing().strength()));
      end.wishes(dance.wishes());
      put(dance, Role.FINISH, Kind.FINISH, minutes, end);
    }
  }

  private void put(DanceForGroup dance, Role role, Kind kind, int minutes, Score score) {
    add(
        block(dance, role, minutes, score.points(), dance.effort()),
        new Meaning(new Part(minutes, kind, subject(dance), score.inOrder())));
  }

  private void reminded(DanceForGroup dance) {
    Score score = new Score();
    LocalDate due = dance.standing().due().orElse(request.date());
    long weeks = Math.clamp(ChronoUnit.WEEKS.between(due, request.date()), 0, MOST_WEEKS_OVERDUE);
    boolean rusty = dance.standing().stage() == Stage.RUSTY;
    score.add(
        Weight.REMINDER.points()
            + (int) weeks * Weight.OVERDUE.points()
            + (rusty ? Weight.RUSTY.points() : 0),
        new PlanReason.Due(due, request.date(), dance.standing().stage(), dance.reminderMinutes()));
    score.wishes(dance.wishes());
    put(dance, Role.DANCE, Kind.REMINDER, dance.reminderMinutes() + dance.songMinutes(), score);
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
            Weight.TEACH.points()
                + pick.points() / 2
                + Weight.TEACH_FITS.points() * minutes / wanted
                + (whole ? 0 : Weight.TOO_LONG.points() / 2);
        List<PlanReason> why = new ArrayList<>(pick.reasons());
        why.add(new PlanReason.TeachTakes(wanted, whole));
        add(
            block(
                dance,
                Role.TEACH,
                minutes + practice,
                points,
                ClassLine.effort(Kind.TEACH, OptionalInt.of(dance.effort()))),
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
        .orElseGet(() -> Block.without(role, lock.minutes(), 0));
  }
}
