package ulnaawl.term;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Figure;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.LearningRecord;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.RestsOn;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.plan.DanceFacts;
import ulnaawl.plan.Frame;
import ulnaawl.plan.NextDance;
import ulnaawl.teach.lesson.TeachLength;

/**
 * All courses that the dances of a club could take with a group. A teach that is longer than a
 * class has for teaching goes on in the next classes without a gap; then the dance comes back when
 * the record of learning says that it is due, first with calls, then without.
 */
@RequiredArgsConstructor
public final class Courses {

  /**
   * Of the minutes for dances, so many percent at the most are spent on one teach. Rule of thumb,
   * no source.
   */
  static final int TEACH_PERCENT = 55;

  private final TermProblem problem;
  private final Map<Path, List<Step>> paths = new ConcurrentHashMap<>();

  /** What the steps of a dance that nobody has met depend on, besides its minutes. */
  private record Path(long group, int start, int teaches) {}

  /** What is done with a dance in a class. */
  private record Step(int index, Happened happened, boolean known) {}

  /** The dances that a group could begin, at every start from which they are known in the term. */
  public List<Course> fresh(TermGroup group) {
    Set<Long> met = new HashSet<>();
    problem.begun().stream()
        .filter(it -> it.group() == group.id())
        .filter(it -> it.standing().stage() != Stage.NOT_STARTED)
        .forEach(it -> met.add(it.dance()));
    List<Course> courses = new ArrayList<>();
    for (TermDance dance : problem.dances()) {
      if (!met.contains(dance.id())
          && dance.facts().level().above(group.level()) < NextDance.TOO_FAR_ABOVE) {
        for (int start = firstOpen(group); start < group.classes().size(); start++) {
          fresh(group, dance, start).filter(it -> it.known().isPresent()).ifPresent(courses::add);
        }
      }
    }
    return courses;
  }

  /** A dance that a group has never met, from one class on; empty where the term is too short. */
  public Optional<Course> fresh(TermGroup group, TermDance dance, int start) {
    DanceFacts facts = dance.facts();
    int minutes = TeachLength.fullMinutes(Math.max(1, facts.counts()));
    int teaches = teaches(group, start, minutes);
    if (start < 0 || start + teaches > group.classes().size()) {
      return Optional.empty();
    }
    List<Step> steps =
        paths.computeIfAbsent(
            new Path(group.id(), start, teaches), _ -> steps(group, start, teaches));
    return Optional.of(
        course(group, dance, Course.Kind.NEW, start, steps, minutes, teaches, start));
  }

  /** What becomes of a dance that was begun or is known, at every start; none where it may rest. */
  public List<Course> goingOn(TermGroup group, Begun begun) {
    List<Course> courses = new ArrayList<>();
    TermDance dance = problem.danceByNumber().get(begun.dance());
    Standing standing = begun.standing();
    if (dance == null
        || standing.stage() == Stage.NOT_STARTED
        || standing.stage() == Stage.RETIRED) {
      return courses;
    }
    int first = firstDue(group, standing);
    for (int start = first; start < group.classes().size(); start++) {
      goingOn(group, dance, begun, start).ifPresent(courses::add);
    }
    return courses;
  }

  /** A dance that was begun or is known, from one class on. */
  public Optional<Course> goingOn(TermGroup group, TermDance dance, Begun begun, int start) {
    int all = dance.facts().sections().size();
    Standing standing = begun.standing();
    boolean started = standing.stage() == Stage.STARTED;
    int counts = started ? dance.facts().counts() - dance.facts().countsOf(standing.shown()) : 0;
    int minutes = TeachLength.fullMinutes(Math.max(1, counts));
    int teaches = started ? teaches(group, start, minutes) : 0;
    if (start < 0 || start + Math.max(1, teaches) > group.classes().size()) {
      return Optional.empty();
    }
    List<Evidence> evidence = new ArrayList<>(begun.evidence());
    List<Step> steps = new ArrayList<>();
    teach(group, start, teaches, all, standing.shown(), evidence, steps);
    if (teaches == 0) {
      again(group, start, all, evidence, steps);
    }
    follow(group, all, evidence, steps);
    Course.Kind kind =
        standing.stage() == Stage.KNOWN || standing.stage() == Stage.RUSTY
            ? Course.Kind.RETURN
            : Course.Kind.GO_ON;
    int late = Math.max(0, start - firstDue(group, standing));
    return Optional.of(course(group, dance, kind, start, steps, minutes, teaches, late));
  }

  private static int firstOpen(TermGroup group) {
    return (int) group.classes().stream().filter(ClassOn::held).count();
  }

  private static int firstDue(TermGroup group, Standing standing) {
    LocalDate due = standing.due().orElse(LocalDate.MIN);
    int index = firstOpen(group);
    while (index < group.classes().size() && group.classes().get(index).date().isBefore(due)) {
      index++;
    }
    return index;
  }

  private static int teaches(TermGroup group, int start, int minutes) {
    if (start < 0 || start >= group.classes().size()) {
      return 1;
    }
    int most = Math.max(1, group.classes().get(start).danceMinutes() * TEACH_PERCENT / 100);
    return (minutes + most - 1) / most;
  }

  private List<Step> steps(TermGroup group, int start, int teaches) {
    List<Evidence> evidence = new ArrayList<>();
    List<Step> steps = new ArrayList<>();
    // How many sections there are does not matter: all of them are shown in the end.
    teach(group, start, teaches, teaches, SectionSet.NONE, evidence, steps);
    follow(group, teaches, evidence, steps);
    return List.copyOf(steps);
  }

  private static void teach(
      TermGroup group,
      int start,
      int teaches,
      int all,
      SectionSet shown,
      List<Evidence> evidence,
      List<Step> steps) {
    for (int i = 0; i < teaches; i++) {
      LocalDate date = group.classes().get(start + i).date();
      boolean last = i == teaches - 1;
      Happened happened = last ? Happened.TAUGHT : Happened.INTRODUCED;
      SectionSet to = SectionSet.upTo(Math.max(1, all * (i + 1) / teaches)).with(shown);
      evidence.add(Evidence.of(date, happened, last ? SectionSet.upTo(all) : to, Outcome.SOLID));
      steps.add(new Step(start + i, happened, false));
    }
  }

  /** Comes back in a class; where it was forgotten, it is walked through first. */
  private static Standing again(
      TermGroup group, int index, int all, List<Evidence> evidence, List<Step> steps) {
    LocalDate date = group.classes().get(index).date();
    Standing before = LearningRecord.standing(evidence, all, date);
    Happened happened =
        switch (before.stage()) {
          case RUSTY, STARTED -> Happened.WALKED;
          case TAUGHT -> Happened.DANCED_CALLED;
          default -> Happened.DANCED;
        };
    SectionSet whole = SectionSet.upTo(all);
    evidence.add(Evidence.of(date, happened, whole, Outcome.SOLID));
    if (happened == Happened.WALKED) {
      evidence.add(Evidence.of(date, Happened.DANCED_CALLED, whole, Outcome.SOLID));
    }
    Standing after = LearningRecord.standing(evidence, all, date);
    steps.add(new Step(index, happened, after.stage() == Stage.KNOWN));
    return after;
  }

  /**
   * All that comes after: in each class until it is known (what was taught lately is danced again,
   * or it does not stay), then each time when it is due. Common practice, no source.
   */
  private static void follow(TermGroup group, int all, List<Evidence> evidence, List<Step> steps) {
    int index = steps.getLast().index();
    Standing standing = LearningRecord.standing(evidence, all, group.classes().get(index).date());
    while (true) {
      LocalDate due =
          standing.stage() == Stage.KNOWN ? standing.due().orElse(LocalDate.MIN) : LocalDate.MIN;
      index++;
      while (index < group.classes().size() && group.classes().get(index).date().isBefore(due)) {
        index++;
      }
      if (index >= group.classes().size()) {
        return;
      }
      standing = again(group, index, all, evidence, steps);
    }
  }

  private Course course(
      TermGroup group,
      TermDance dance,
      Course.Kind kind,
      int start,
      List<Step> steps,
      int teachMinutes,
      int teaches,
      int late) {
    DanceFacts facts = dance.facts();
    int song = facts.songMinutes();
    List<Appearance> appearances = new ArrayList<>();
    for (Step step : steps) {
      int minutes =
          switch (step.happened()) {
            case INTRODUCED, TAUGHT ->
                (teachMinutes + teaches - 1) / teaches + Frame.practice(song);
            case WALKED -> TeachLength.reminderMinutes(facts.counts()) + song;
            case DANCED_CALLED, DANCED -> song + 1;
          };
      appearances.add(
          new Appearance(group.classes().get(step.index()), dance, step.happened(), minutes));
    }
    Optional<LocalDate> known =
        steps.stream()
            .filter(Step::known)
            .findFirst()
            .map(it -> group.classes().get(it.index()).date());
    Map<String, Figure> news = new LinkedHashMap<>();
    facts.newTo(group.met(), problem.book()).forEach(it -> news.put(it.name(), it));
    Set<String> withNews = new HashSet<>(group.met());
    withNews.addAll(news.keySet());
    Set<String> needs = new HashSet<>();
    news.keySet().forEach(it -> RestsOn.missing(it, withNews).forEach(on -> needs.add(on.on())));
    return new Course(
        group.id(),
        dance,
        kind,
        start,
        appearances,
        known,
        kind == Course.Kind.NEW ? news.keySet() : Set.of(),
        kind == Course.Kind.NEW ? needs : Set.of(),
        kind == Course.Kind.NEW ? 0 : late);
  }
}
