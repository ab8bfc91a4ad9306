package ulnaawl.plan;

import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.NextDance.Choice;

/**
 * Lays out a class: warm-up, reminders that are due, the teach of a new dance, a break in a long
 * class, practice, a finish. The lines fill the minutes exactly. Shares are common practice, no
 * source.
 */
public final class ClassPlanner {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
  private static final int WARM_UP_PERCENT = 10;
  private static final int LEAST_WARM_UP = 4;
  private static final int MOST_WARM_UP = 10;
  private static final int REMINDER_PERCENT = 30;
  private static final int TEACH_PERCENT = 50;
  private static final int LEAST_TEACH = 8;
  private static final int BREAK_FROM = 75;
  private static final int BREAK = 5;
  private static final int PRACTICE = 8;
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

  private record Draft(
      int minutes, Kind kind, Optional<Repertoire> dance, String title, String reason) {}

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
      order.add(
          new Draft(
              BREAK,
              Kind.BREAK,
              Optional.empty(),
              "Water and a seat",
              "The class lasts " + minutes + " minutes; new dancers need a rest."));
    }
    second.ifPresent(order::add);
    order.addAll(practice);
    if (left >= LEAST_CHOICE) {
      order.add(
          new Draft(
              left,
              Kind.PRACTICE,
              Optional.empty(),
              "Dances that the group asks for",
              left + " minutes are left; nothing else is due or new enough."));
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
    Draft draft = result.get(longest);
    result.set(
        longest,
        new Draft(
            draft.minutes() + left, draft.kind(), draft.dance(), draft.title(), draft.reason()));
    return result;
  }

  private static List<ClassLine> timed(List<Draft> order) {
    List<ClassLine> lines = new ArrayList<>();
    int start = 0;
    for (Draft draft : order) {
      if (draft.minutes() > 0) {
        lines.add(
            new ClassLine(
                start,
                draft.minutes(),
                draft.kind(),
                draft.dance().map(Repertoire::dance),
                draft.title(),
                draft.reason()));
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
    Optional<Repertoire> easiest =
        request.repertoire().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> isDanced(dance) && dance.standing().stage() != Stage.RUSTY)
            .filter(dance -> !dance.standing().isDueBy(request.date()))
            .min(Comparator.comparing(Repertoire::level).thenComparing(Repertoire::title));
    easiest.ifPresent(dance -> used.add(dance.dance()));
    return easiest
        .map(dance ->
            new Draft(
                minutes,
                Kind.WARM_UP,
                easiest,
                dance.title(),
                "Warm up first; this is the easiest dance that the group has ("
                    + dance.level().label()
                    + ")."))
        .orElseGet(() ->
            new Draft(
                minutes,
                Kind.WARM_UP,
                Optional.empty(),
                "Walks, side touches and stretches",
                "Warm up first; there is no easy dance yet that the group knows."));
  }

  private Draft finish() {
    Optional<Repertoire> favourite =
        request.repertoire().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.standing().stage() == Stage.KNOWN)
            .max(
                Comparator.comparing(Repertoire::level)
                    .thenComparingInt(dance -> dance.standing().intervalDays())
                    .thenComparing(Repertoire::title));
    favourite.ifPresent(dance -> used.add(dance.dance()));
    return favourite
        .map(dance ->
            new Draft(
                dance.songMinutes(),
                Kind.FINISH,
                favourite,
                dance.title(),
                "End on something the group knows: danced without calls, to its song."))
        .orElseGet(() ->
            new Draft(
                3,
                Kind.FINISH,
                Optional.empty(),
                "A dance of the group's choice",
                "Nothing is known well enough yet to end on; let the group choose."));
  }

  private List<Draft> reminders(int limit) {
    List<Draft> drafts = new ArrayList<>();
    int left = limit;
    List<Repertoire> due =
        request.repertoire().stream()
            .filter(dance -> !used.contains(dance.dance()))
            .filter(dance -> dance.standing().stage() != Stage.STARTED)
            .filter(dance -> dance.standing().isDueBy(request.date()))
            .sorted(
                Comparator.<Repertoire, java.time.LocalDate>comparing(
                        dance -> dance.standing().due().orElseThrow())
                    .thenComparing(Repertoire::title))
            .toList();
    for (Repertoire dance : due) {
      int minutes = dance.reminderMinutes() + dance.songMinutes();
      if (minutes <= left) {
        used.add(dance.dance());
        left -= minutes;
        long late = ChronoUnit.DAYS.between(dance.standing().due().orElseThrow(), request.date());
        drafts.add(
            new Draft(
                minutes,
                Kind.REMINDER,
                Optional.of(dance),
                dance.title(),
                "Due "
                    + (late == 0 ? "today" : late + (late == 1 ? " day ago" : " days ago"))
                    + ", "
                    + dance.standing().stage().label()
                    + "; walk it through in "
                    + dance.reminderMinutes()
                    + " minutes, then dance it."));
      }
    }
    return drafts;
  }

  private Optional<Draft> teach(Optional<Choice> next, int left) {
    int most = Math.min(left, Math.max(LEAST_TEACH, request.minutes() * TEACH_PERCENT / 100));
    if (next.isEmpty() || most < LEAST_TEACH) {
      return Optional.empty();
    }
    Repertoire dance = next.get().dance();
    int wanted = Math.max(LEAST_TEACH, dance.teachMinutes());
    String fits =
        wanted <= most
            ? " A full teach takes about " + wanted + " minutes."
            : " A full teach takes about " + wanted + " minutes; the rest goes to the next class.";
    return Optional.of(
        new Draft(
            Math.min(wanted, most),
            Kind.TEACH,
            Optional.of(dance),
            dance.title(),
            next.get().why() + fits));
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
    Optional<Repertoire> fresh = teach.flatMap(Draft::dance);
    if (fresh.isPresent() && left >= PRACTICE / 2) {
      int minutes = Math.min(left, PRACTICE);
      left -= minutes;
      drafts.add(
          new Draft(
              minutes,
              Kind.PRACTICE,
              fresh,
              fresh.get().title(),
              "What was taught today, slow to full speed."));
    }
    List<Repertoire> others =
        request.repertoire().stream()
            .filter(dance -> !used.contains(dance.dance()) && isDanced(dance))
            .sorted(
                Comparator.<Repertoire, java.time.LocalDate>comparing(
                        dance -> dance.standing().due().orElse(java.time.LocalDate.MAX))
                    .thenComparing(Repertoire::title))
            .toList();
    for (Repertoire dance : others) {
      int minutes = dance.songMinutes();
      if (minutes <= left) {
        used.add(dance.dance());
        left -= minutes;
        drafts.add(
            new Draft(
                minutes,
                Kind.PRACTICE,
                Optional.of(dance),
                dance.title(),
                "Comes back on "
                    + dance.standing().due().map(DAY::format).orElse("no set day")
                    + "; danced once it stays fresh."));
      }
    }
    return drafts;
  }

  private static boolean isDanced(Repertoire dance) {
    return switch (dance.standing().stage()) {
      case NOT_STARTED, STARTED -> false;
      case TAUGHT, PRACTISED, KNOWN, RUSTY -> true;
    };
  }
}
