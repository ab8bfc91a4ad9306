package ulnaawl.plan;

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
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.solve.ClassBlock;
import ulnaawl.plan.solve.ClassBlock.Role;

/** Everything that may stand in a class, with its points, and what each block means in lines. */
final class Choices {

  /** Teaches that are worth looking at. */
  private static final int MOST_TEACHES = 6;

  private static final int CHOICE = 4;

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
  private final Points points;
  private final Worth worth;
  private final List<ClassBlock> blocks = new ArrayList<>();
  private final IdentityHashMap<ClassBlock, Meaning> meanings = new IdentityHashMap<>();
  private final Map<String, Integer> styles = new HashMap<>();
  private final Map<Long, Integer> numbers = new HashMap<>();
  private final List<NextDance.Pick> picks;

  Choices(ClassRequest request, Frame frame) {
    this.request = request;
    this.frame = frame;
    this.points = new Points(request.date());
    this.worth = new Worth(request, frame);
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

  List<ClassBlock> blocks() {
    return blocks;
  }

  Meaning meaning(ClassBlock block) {
    return Objects.requireNonNull(meanings.get(block));
  }

  /** Whether there are enough styles for neighbours to differ in. */
  boolean hasStyles() {
    Set<Integer> there = new LinkedHashSet<>();
    blocks.stream().filter(it -> it.role() == Role.DANCE).forEach(it -> there.add(it.style()));
    return there.size() > 2;
  }

  private void add(ClassBlock block, Meaning meaning) {
    blocks.add(block);
    meanings.put(block, meaning);
  }

  private void ends(List<DanceForGroup> wanted) {
    int warm = frame.warmUp();
    for (int minutes = frame.atLeast(warm); minutes <= warm; minutes++) {
      without(
          Role.WARM_UP,
          Kind.WARM_UP,
          minutes,
          worth.warmUp(minutes),
          Filler.WARM_UP_STEPS,
          new PlanReason.WarmsUp(minutes, warm));
    }
    int cool = frame.coolDown();
    for (int minutes = frame.atLeast(cool); minutes <= cool; minutes++) {
      without(
          Role.COOL_DOWN,
          Kind.COOL_DOWN,
          minutes,
          worth.coolDown(minutes),
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
    boolean known = wanted.stream().anyMatch(Points::endsWell);
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
        PlanWeight.FREE.points(),
        Filler.IN_HAND,
        new PlanReason.MinutesLeft(1));
  }

  private void without(
      Role role, Kind kind, int minutes, int points, Filler filler, PlanReason reason) {
    add(
        ClassBlock.without(role, minutes, points),
        new Meaning(new Part(minutes, kind, new Subject.Without(filler), List.of(reason))));
  }

  private ClassBlock block(DanceForGroup dance, Role role, int minutes, int points, int effort) {
    return new ClassBlock(
        role,
        Objects.requireNonNull(numbers.get(dance.dance())),
        minutes,
        points,
        dance.style().map(styles::get).orElse(ClassBlock.UNKNOWN_STYLE),
        dance.speed(),
        effort);
  }

  private static Subject subject(DanceForGroup dance) {
    return new Subject.OfDance(dance.dance(), dance.title());
  }

  private void danced(DanceForGroup dance) {
    int minutes = dance.songMinutes() + Points.SET_UP;
    put(dance, Role.DANCE, Kind.PRACTICE, minutes, points.danced(dance));
    if (points.isDue(dance)) {
      put(
          dance,
          Role.DANCE,
          Kind.REMINDER,
          dance.reminderMinutes() + dance.songMinutes(),
          points.reminded(dance));
    }
    if (Points.endsWell(dance)) {
      put(dance, Role.FINISH, Kind.FINISH, minutes, points.finished(dance));
    }
  }

  private void put(DanceForGroup dance, Role role, Kind kind, int minutes, Score score) {
    add(
        block(dance, role, minutes, score.points(), Points.effort(kind, dance)),
        new Meaning(new Part(minutes, kind, subject(dance), score.inOrder())));
  }

  /** A teach with its practice to music straight after it, as long as it should be and shorter. */
  private void taught(NextDance.Pick pick) {
    DanceForGroup dance = pick.dance();
    int wanted = Points.wanted(dance);
    Set<Integer> lengths = new TreeSet<>();
    for (int quarters = 2; quarters <= 4; quarters++) {
      lengths.add(Math.max(Points.LEAST_TEACH, wanted * quarters / 4));
    }
    int practice = Frame.practice(dance.songMinutes());
    for (int minutes : lengths) {
      if (minutes <= request.minutes() / 2) {
        boolean whole = minutes >= wanted;
        List<PlanReason> why = new ArrayList<>(pick.reasons());
        why.add(new PlanReason.TeachTakes(wanted, whole));
        add(
            block(
                dance,
                Role.TEACH,
                minutes + practice,
                points.taught(pick, minutes),
                Points.effort(Kind.TEACH, dance)),
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

  /** Lines that stay, one after the other, as one block in its place. */
  ClassBlock locked(KeptLines held) {
    ClassRequest.Lock lock = held.first();
    Role role =
        switch (lock.kind()) {
          case WARM_UP -> Role.WARM_UP;
          case REMINDER, PRACTICE -> lock.dance().isPresent() ? Role.DANCE : Role.FREE;
          case TEACH -> Role.TEACH;
          case BREAK -> Role.BREAK;
          case FINISH -> Role.FINISH;
          case COOL_DOWN -> Role.COOL_DOWN;
        };
    int points = worth.of(lock);
    return lock.dance()
        .flatMap(worth::dance)
        .map(it -> block(it, role, held.minutes(), points, Points.effort(lock.kind(), it)))
        .orElseGet(() -> ClassBlock.without(role, held.minutes(), points));
  }

  /** Lines that stay; a teach has its practice straight after it, whether that stays or not. */
  List<KeptLines> held() {
    List<KeptLines> all = new ArrayList<>();
    List<ClassRequest.Lock> locks = request.locks();
    for (int i = 0; i < locks.size(); i++) {
      ClassRequest.Lock lock = locks.get(i);
      Optional<ClassRequest.Lock> next =
          i + 1 < locks.size() ? Optional.of(locks.get(i + 1)) : Optional.empty();
      if (next.filter(lock::isPractisedIn).isPresent()) {
        all.add(new KeptLines(List.of(lock, next.get())));
        i++;
        continue;
      }
      int free = next.map(ClassRequest.Lock::start).orElse(request.minutes()) - lock.end();
      all.add(
          lock.kind() == Kind.TEACH
              ? lock.dance()
                  .flatMap(worth::dance)
                  .map(it -> Frame.practice(it.songMinutes()))
                  .filter(practice -> practice <= free)
                  .map(practice -> new KeptLines(List.of(lock, lock.practised(practice))))
                  .orElseGet(() -> new KeptLines(List.of(lock)))
              : new KeptLines(List.of(lock)));
    }
    return all;
  }
}
