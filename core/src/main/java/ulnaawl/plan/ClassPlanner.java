package ulnaawl.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.NextDance.Choice;

/**
 * Lays out a class: warm-up, reminders that are due, the teach of a new dance, a break in a long
 * class, practice, a finish. The lines fill the minutes exactly. Shares are common practice, no
 * source.
 */
public final class ClassPlanner {

  private static final int WARM_UP_PERCENT = 10;
  private static final int LEAST_WARM_UP = 4;
  private static final int MOST_WARM_UP = 10;
  private static final int REMINDER_PERCENT = 30;
  private static final int TEACH_PERCENT = 50;
  private static final int LEAST_TEACH = 8;
  private static final int BREAK_FROM = 75;
  private static final int BREAK = 5;
  private static final int PRACTICE = 8;
  private static final int FINISH = 3;
  private static final int SECOND_TEACH_FROM = 12;
  private static final int LEAST_CHOICE = 5;

  private final ClassRequest request;
  private final Set<Long> used = new HashSet<>();

  private ClassPlanner(ClassRequest request) {
    this.request = request;
  }

  /** Plans a class. The same request gives the same plan. */
  public static ClassPlan plan(ClassRequest request) {
    return new ClassPlanner(request).plan();
  }

  /** A line before it has its time; {@code dance} is what {@code subject} is about, if it is. */
  private record Draft(
      int minutes,
      Kind kind,
      Optional<DanceForGroup> dance,
      Subject subject,
      List<PlanReason> reasons) {

    static Draft of(int minutes, Kind kind, DanceForGroup dance, PlanReason... reasons) {
      return new Draft(
          minutes,
          kind,
          Optional.of(dance),
          new Subject.OfDance(dance.dance(), dance.title()),
          List.of(reasons));
    }

    static Draft without(int minutes, Kind kind, Filler filler, PlanReason reason) {
      return new Draft(
          minutes, kind, Optional.empty(), new Subject.Without(filler), List.of(reason));
    }

    Draft withMinutes(int more) {
      return new Draft(minutes + more, kind, dance, subject, reasons);
    }
  }

  private ClassPlan plan() {
    int minutes = request.minutes();
    Optional<Choice> next = NextDance.choose(request, used);
    next.ifPresent(choice -> used.add(choice.dance().dance()));
    Draft finish = finish();
    Draft warmUp = warmUp();
    int left = minutes - warmUp.minutes() - finish.minutes();
    boolean pause = minutes >= BREAK_FROM;
    left -= pause ? BREAK : 0;
    List<Draft> reminders = reminders(Math.min(left, minutes * REMINDER_PERCENT / 100));
    left -= minutes(reminders);
    Optional<Draft> teach = teach(next, left);
    left -= teach.map(Draft::minutes).orElse(0);
    List<Draft> practice = practice(left, teach);
    left -= minutes(practice);
    Optional<Draft> second = left >= SECOND_TEACH_FROM ? secondTeach(left) : Optional.empty();
    left -= second.map(Draft::minutes).orElse(0);

    List<Draft> order = new ArrayList<>();
    order.add(warmUp);
    order.addAll(reminders);
    teach.ifPresent(order::add);
    if (pause) {
      order.add(Draft.without(BREAK, Kind.BREAK, Filler.REST, new PlanReason.NeedsRest(minutes)));
    }
    second.ifPresent(order::add);
    order.addAll(practice);
    if (left >= LEAST_CHOICE) {
      order.add(
          Draft.without(left, Kind.PRACTICE, Filler.REQUESTS, new PlanReason.MinutesLeft(left)));
      left = 0;
    }
    order.add(finish);
    return new ClassPlan(minutes, timed(stretch(order, left)));
  }

  /** Gives the few minutes that are left to the teach or the practice, or else to the warm-up. */
  private static List<Draft> stretch(List<Draft> order, int left) {
    List<Draft> result = new ArrayList<>(order);
    int longest = 0;
    for (int i = 0; i < result.size(); i++) {
      if (result.get(i).kind() == Kind.TEACH || result.get(i).kind() == Kind.PRACTICE) {
        longest = i;
        break;
      }
    }
    result.set(longest, result.get(longest).withMinutes(left));
    return result;
  }

  private static List<ClassLine> timed(List<Draft> order) {
    List<ClassLine> lines = new ArrayList<>();
    int start = 0;
    for (Draft draft : order) {
      if (draft.minutes() > 0) {
        lines.add(
            new ClassLine(start, draft.minutes(), draft.kind(), draft.subject(), draft.reasons()));
        start += draft.minutes();
      }
    }
    return lines;
  }

  private static int minutes(List<Draft> drafts) {
    return drafts.stream().mapToInt(Draft::minutes).sum();
  }

  private Draft warmUp() {
    int minutes =
        Math.clamp(request.minutes() * WARM_UP_PERCENT / 100, LEAST_WARM_UP, MOST_WARM_UP);
    Optional<DanceForGroup> easiest =
        request.dances().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.isDanced() && dance.standing().stage() != Stage.RUSTY)
            .filter(dance -> !dance.standing().isDueBy(request.date()))
            .min(Comparator.comparing(DanceForGroup::level).thenComparing(DanceForGroup::title));
    easiest.ifPresent(dance -> used.add(dance.dance()));
    return easiest
        .map(dance ->
            Draft.of(minutes, Kind.WARM_UP, dance, new PlanReason.EasiestToWarmUp(dance.level())))
        .orElseGet(() ->
            Draft.without(
                minutes, Kind.WARM_UP, Filler.WARM_UP_STEPS, new PlanReason.NothingToWarmUp()));
  }

  private Draft finish() {
    Optional<DanceForGroup> favourite =
        request.dances().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.standing().stage() == Stage.KNOWN)
            .max(
                Comparator.comparing(DanceForGroup::level)
                    .thenComparingInt(dance -> dance.standing().intervalDays())
                    .thenComparing(DanceForGroup::title));
    favourite.ifPresent(dance -> used.add(dance.dance()));
    return favourite
        .map(dance ->
            Draft.of(dance.songMinutes(), Kind.FINISH, dance, new PlanReason.KnownToEndOn()))
        .orElseGet(() ->
            Draft.without(
                FINISH, Kind.FINISH, Filler.GROUPS_CHOICE, new PlanReason.NothingToEndOn()));
  }

  private List<Draft> reminders(int limit) {
    List<Draft> drafts = new ArrayList<>();
    int left = limit;
    List<DanceForGroup> due =
        request.dances().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.standing().stage() != Stage.STARTED)
            .filter(dance -> dance.standing().isDueBy(request.date()))
            .sorted(
                Comparator.<DanceForGroup, LocalDate>comparing(
                        dance -> dance.standing().due().orElseThrow())
                    .thenComparing(DanceForGroup::title))
            .toList();
    for (DanceForGroup dance : due) {
      int minutes = dance.reminderMinutes() + dance.songMinutes();
      if (minutes <= left) {
        used.add(dance.dance());
        left -= minutes;
        drafts.add(
            Draft.of(
                minutes,
                Kind.REMINDER,
                dance,
                new PlanReason.Due(
                    dance.standing().due().orElseThrow(),
                    request.date(),
                    dance.standing().stage(),
                    dance.reminderMinutes())));
      }
    }
    return drafts;
  }

  private Optional<Draft> teach(Optional<Choice> next, int left) {
    int most = Math.min(left, Math.max(LEAST_TEACH, request.minutes() * TEACH_PERCENT / 100));
    if (next.isEmpty() || most < LEAST_TEACH) {
      return Optional.empty();
    }
    DanceForGroup dance = next.get().dance();
    int wanted = Math.max(LEAST_TEACH, dance.teachMinutes());
    return Optional.of(
        Draft.of(
            Math.min(wanted, most),
            Kind.TEACH,
            dance,
            next.get().why(),
            new PlanReason.TeachTakes(wanted, wanted <= most)));
  }

  /** Another new dance, or its first sections, where a long class has room for it. */
  private Optional<Draft> secondTeach(int left) {
    Optional<Choice> next = NextDance.choose(request, used);
    next.ifPresent(choice -> used.add(choice.dance().dance()));
    return teach(next, left);
  }

  private List<Draft> practice(int limit, Optional<Draft> teach) {
    List<Draft> drafts = new ArrayList<>();
    int left = limit;
    Optional<DanceForGroup> fresh = teach.flatMap(Draft::dance);
    if (fresh.isPresent() && left >= PRACTICE / 2) {
      int minutes = Math.min(left, PRACTICE);
      left -= minutes;
      drafts.add(Draft.of(minutes, Kind.PRACTICE, fresh.get(), new PlanReason.TaughtToday()));
    }
    List<DanceForGroup> others =
        request.dances().stream()
            .filter(dance -> !used.contains(dance.dance()) && dance.isDanced())
            .sorted(
                Comparator.<DanceForGroup, LocalDate>comparing(
                        dance -> dance.standing().due().orElse(LocalDate.MAX))
                    .thenComparing(DanceForGroup::title))
            .toList();
    for (DanceForGroup dance : others) {
      int minutes = dance.songMinutes();
      if (minutes <= left) {
        used.add(dance.dance());
        left -= minutes;
        drafts.add(
            Draft.of(
                minutes, Kind.PRACTICE, dance, new PlanReason.KeepsFresh(dance.standing().due())));
      }
    }
    return drafts;
  }
}
