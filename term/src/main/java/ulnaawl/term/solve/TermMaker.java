package ulnaawl.term.solve;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.learning.Stage;
import ulnaawl.term.Begun;
import ulnaawl.term.ClassOn;
import ulnaawl.term.Course;
import ulnaawl.term.Courses;
import ulnaawl.term.Leader;
import ulnaawl.term.TermDance;
import ulnaawl.term.TermGroup;
import ulnaawl.term.TermPlan;
import ulnaawl.term.TermProblem;

/** Makes what the solver works on from what is to be planned, and a plan from its solution. */
public final class TermMaker {

  private final TermProblem problem;
  private final Courses courses;
  private final Map<Long, TermDance> dances;
  private final Map<Long, List<Course>> fresh = new HashMap<>();
  private final Map<Begun, List<Course>> goingOn = new HashMap<>();

  public TermMaker(TermProblem problem) {
    this.problem = problem;
    this.courses = new Courses(problem);
    this.dances = problem.danceByNumber();
    problem.groups().forEach(it -> fresh.put(it.id(), courses.fresh(it)));
    for (TermGroup group : problem.groups()) {
      problem.begun().stream()
          .filter(it -> it.group() == group.id())
          .forEach(it -> goingOn.put(it, courses.goingOn(group, it)));
    }
  }

  TermProblem problem() {
    return problem;
  }

  /** The new dances that a group could begin. */
  List<Course> fresh(long group) {
    return fresh.getOrDefault(group, List.of());
  }

  /** The term with the plan until now in it, to be made better. */
  Term toImprove() {
    return term(problem.before().orElse(TermPlan.NOTHING), problem.before());
  }

  /** The term with just that plan in it, to be looked at. */
  Term toLookAt(TermPlan plan) {
    return term(plan, problem.before());
  }

  private Term term(TermPlan content, Optional<TermPlan> before) {
    List<Slot> slots = new ArrayList<>();
    List<ClassLeader> leadings = new ArrayList<>();
    for (TermGroup group : problem.groups()) {
      begun(group, content, before, slots);
      news(group, content, before, slots);
      for (ClassOn at : group.classes()) {
        if (!at.held()) {
          leadings.add(leading(leadings.size() + 1, at, content, before));
        }
      }
    }
    return new Term(slots, leadings, problem.wishes(), problem.themes(), socials(), knownBefore());
  }

  private void news(
      TermGroup group, TermPlan content, Optional<TermPlan> before, List<Slot> slots) {
    List<TermPlan.Start> planned =
        content.starts().stream()
            .filter(it -> it.group() == group.id() && isFresh(group, it.dance()))
            .toList();
    List<TermPlan.Start> was =
        before.map(TermPlan::starts).orElse(List.of()).stream()
            .filter(it -> it.group() == group.id() && isFresh(group, it.dance()))
            .toList();
    // What stands in both plans stands in one slot; the rest of both fill up what is left.
    List<Optional<TermPlan.Start>> now = new ArrayList<>();
    List<Optional<TermPlan.Start>> then = new ArrayList<>();
    Set<TermPlan.Start> paired = new HashSet<>();
    for (TermPlan.Start one : planned) {
      Optional<TermPlan.Start> same =
          was.stream().filter(it -> it.isOfSame(one) && !paired.contains(it)).findFirst();
      same.ifPresent(paired::add);
      now.add(Optional.of(one));
      then.add(same);
    }
    for (TermPlan.Start one : was) {
      if (!paired.contains(one)) {
        int free = freeAt(then, now, planned.size());
        if (free < then.size()) {
          then.set(free, Optional.of(one));
        } else {
          now.add(Optional.empty());
          then.add(Optional.of(one));
        }
      }
    }
    while (now.size() < group.mostNew()) {
      now.add(Optional.empty());
      then.add(Optional.empty());
    }
    int full = 0;
    for (int i = 0; i < now.size(); i++) {
      boolean surplus = now.get(i).isPresent() && ++full > group.mostNew();
      Optional<Course> in = now.get(i).flatMap(it -> freshAt(group, it));
      boolean spare = i >= group.mostNew() && now.get(i).isEmpty();
      Slot slot =
          new Slot(
              slots.size() + 1,
              group.id(),
              Optional.of(group.level()),
              Course.Kind.NEW,
              Optional.empty(),
              surplus || spare,
              now.get(i).map(TermPlan.Start::stays).orElse(false),
              fresh.getOrDefault(group.id(), List.of()),
              then.get(i).flatMap(it -> freshAt(group, it)));
      in.ifPresent(slot::put);
      slots.add(slot);
    }
  }

  /** A slot with another dance than before, into which what is gone can be put as what it was. */
  private static int freeAt(
      List<Optional<TermPlan.Start>> then, List<Optional<TermPlan.Start>> now, int from) {
    for (int i = 0; i < now.size() && i < from; i++) {
      if (then.get(i).isEmpty()) {
        return i;
      }
    }
    return then.size();
  }

  private boolean isFresh(TermGroup group, long dance) {
    return dances.containsKey(dance)
        && problem.begun().stream()
            .noneMatch(it ->
                it.group() == group.id()
                    && it.dance() == dance
                    && it.standing().stage() != Stage.NOT_STARTED);
  }

  private Optional<Course> freshAt(TermGroup group, TermPlan.Start start) {
    return Optional.ofNullable(dances.get(start.dance()))
        .flatMap(it -> courses.fresh(group, it, group.openFrom(start.on())));
  }

  private void begun(
      TermGroup group, TermPlan content, Optional<TermPlan> before, List<Slot> slots) {
    for (Begun begun : problem.begun()) {
      List<Course> options = goingOn.getOrDefault(begun, List.of());
      if (begun.group() == group.id() && !options.isEmpty()) {
        TermDance dance = options.getFirst().dance();
        Optional<TermPlan.Start> planned = content.start(group.id(), dance.id());
        Slot slot =
            new Slot(
                slots.size() + 1,
                group.id(),
                Optional.of(group.level()),
                options.getFirst().kind(),
                Optional.of(dance),
                false,
                planned.map(TermPlan.Start::stays).orElse(false),
                options,
                before
                    .flatMap(it -> it.start(group.id(), dance.id()))
                    .flatMap(it -> goingOnAt(group, begun, it)));
        planned.flatMap(it -> goingOnAt(group, begun, it)).ifPresent(slot::put);
        if (slot.isEmpty() && slot.getKind() == Course.Kind.GO_ON) {
          // What was begun is gone on with, whether a plan says so or not.
          slot.put(options.getFirst());
        }
        slots.add(slot);
      }
    }
  }

  /** Where its start is over, it comes as soon as it may. */
  private Optional<Course> goingOnAt(TermGroup group, Begun begun, TermPlan.Start start) {
    List<Course> options = goingOn.getOrDefault(begun, List.of());
    if (!options.isEmpty() && start.on().isBefore(options.getFirst().first().date())) {
      return Optional.of(options.getFirst());
    }
    int index = group.indexFrom(start.on());
    return options.stream()
        .filter(it -> it.start() == index)
        .findFirst()
        .or(() ->
            Optional.ofNullable(dances.get(begun.dance()))
                .flatMap(it -> courses.goingOn(group, it, begun, index)));
  }

  private static ClassLeader leading(
      long id, ClassOn at, TermPlan content, Optional<TermPlan> before) {
    Optional<TermPlan.Led> planned = content.led(at.group(), at.date());
    ClassLeader leading =
        new ClassLeader(
            id,
            at,
            planned.map(TermPlan.Led::stays).orElse(false),
            before
                .flatMap(it -> it.led(at.group(), at.date()))
                .flatMap(it -> leader(at, it.leader())));
    planned.flatMap(it -> leader(at, it.leader())).ifPresent(leading::setLeader);
    return leading;
  }

  private static Optional<Leader> leader(ClassOn at, long id) {
    return at.leaders().stream().filter(it -> it.id() == id).findFirst();
  }

  private List<Social> socials() {
    return problem.social().stream()
        .flatMap(day ->
            problem.groups().stream().filter(TermGroup::social).map(it -> new Social(it.id(), day)))
        .toList();
  }

  private List<KnownBefore> knownBefore() {
    Set<Long> comes = new HashSet<>();
    problem.groups().stream().filter(TermGroup::social).forEach(it -> comes.add(it.id()));
    return problem.begun().stream()
        .filter(it -> it.standing().stage() == Stage.KNOWN && comes.contains(it.group()))
        .map(it -> new KnownBefore(it.group(), it.dance()))
        .toList();
  }

  /** What stands in a term. */
  TermPlan plan(Term term) {
    List<TermPlan.Start> starts =
        term.getSlots().stream()
            .filter(it -> !it.isEmpty())
            .map(it ->
                new TermPlan.Start(
                    it.getGroup(), it.danceIn(), it.in().first().date(), it.isFixed()))
            .toList();
    List<TermPlan.Led> led =
        term.getLeadings().stream()
            .filter(it -> !it.isNobody())
            .map(it ->
                new TermPlan.Led(
                    it.getAt().group(), it.getAt().date(), it.who().id(), it.isFixed()))
            .toList();
    return new TermPlan(starts, led);
  }

  /** The courses that stand in a term. */
  static List<Course> courses(Term term) {
    return term.getSlots().stream().filter(it -> !it.isEmpty()).map(Slot::in).toList();
  }
}
