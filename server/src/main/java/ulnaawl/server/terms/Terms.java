package ulnaawl.server.terms;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.people.PersonForgotten;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.terms.TermRow.InTerm;
import ulnaawl.term.Course;
import ulnaawl.term.Promise;
import ulnaawl.term.Slip;
import ulnaawl.term.TermPlan;
import ulnaawl.term.solve.TermPlanner;

/** Terms: made, changed, put away. */
@Service
@RequiredArgsConstructor
public class Terms {

  private static final int MOST_WEEKS = 30;
  private static final int MOST_GROUPS = 20;
  private static final int MOST_TERMS = 60;
  private static final int DEMO_NEW = 5;

  private final TermStore store;
  private final GroupService groups;
  private final DanceService dances;
  private final Planners planners;
  private final PeopleService people;
  private final ApplicationEventPublisher events;

  List<TermRow> all() {
    return store.all();
  }

  TermRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This term is not here any more."));
  }

  @Transactional
  TermRow make(
      String name,
      LocalDate from,
      LocalDate to,
      Optional<LocalDate> social,
      List<InTerm> in,
      SignedIn me) {
    check(from, to, social, in);
    if (store.all().size() >= MOST_TERMS) {
      throw Problem.rejected("Up to " + MOST_TERMS + " terms are kept; put some away.");
    }
    long id;
    try {
      id = store.add(new TermRow(0, name.strip(), from, to, social, 1, in, TermPlan.NOTHING));
    } catch (DuplicateKeyException taken) {
      throw Problem.conflict("There is a term of that name already.");
    }
    events.publishEvent(Change.added(Thing.TERM, id, me.person(), name.strip()));
    return get(id);
  }

  private void check(LocalDate from, LocalDate to, Optional<LocalDate> social, List<InTerm> in) {
    if (to.isBefore(from) || ChronoUnit.WEEKS.between(from, to) >= MOST_WEEKS) {
      throw Problem.rejected(
          "A term goes from one day to a later one, " + MOST_WEEKS + " weeks at most.");
    }
    if (in.isEmpty() || in.size() > MOST_GROUPS) {
      throw Problem.rejected("A term has 1 to " + MOST_GROUPS + " groups.");
    }
    Set<Long> met = new HashSet<>();
    for (InTerm one : in) {
      groups.active(one.group());
      if (!met.add(one.group())) {
        throw Problem.rejected("A group stands in a term once.");
      }
    }
    if (social.isPresent() && social.get().isBefore(from)) {
      throw Problem.rejected("The social is before the term.");
    }
  }

  /** Another frame: its days, its groups, its social. */
  @Transactional
  TermRow frame(TermRow wanted, SignedIn me) {
    check(wanted.from(), wanted.to(), wanted.social(), wanted.groups());
    return change(wanted, me);
  }

  /** Another plan; what it starts has to be there. */
  @Transactional
  TermRow plan(long id, int version, TermPlan plan, SignedIn me) {
    TermRow now = get(id);
    Set<Long> in = new HashSet<>();
    now.groups().forEach(it -> in.add(it.group()));
    for (TermPlan.Start start : plan.starts()) {
      dances.get(start.dance());
      boolean outside = start.on().isBefore(now.from()) || start.on().isAfter(now.to());
      if (!in.contains(start.group()) || outside) {
        throw Problem.rejected("What starts, starts with a group of the term and within it.");
      }
    }
    List<Course> courses = planners.of(now).planner().courses(plan);
    List<Promise> promises = Promise.after(store.promises(id), now.plan(), plan, courses);
    TermRow changed = change(now.with(version, plan), me);
    store.promise(id, promises);
    return changed;
  }

  /** Settles who leads a class of the term; nobody is settled where nobody is given. */
  @Transactional
  TermRow lead(
      long id, int version, long group, LocalDate on, Optional<PersonId> leader, SignedIn me) {
    TermRow now = get(id);
    if (now.groups().stream().noneMatch(it -> it.group() == group)
        || on.isBefore(now.from())
        || on.isAfter(now.to())) {
      throw Problem.rejected("Who leads, leads a group of the term and within it.");
    }
    Optional<Long> known = leader.map(people::leader).map(PersonId::number);
    return plan(id, version, now.plan().ledBy(group, on, known), me);
  }

  /** Takes it as it has become: from now on, dances are to be known when they will be. */
  @Transactional
  TermRow settle(long id, int version, SignedIn me) {
    TermRow now = get(id);
    List<Course> courses = planners.of(now).planner().courses(now.plan());
    List<Promise> promises = Promise.after(List.of(), TermPlan.NOTHING, now.plan(), courses);
    TermRow settled = change(now.with(version, now.plan()), me);
    store.promise(id, promises);
    return settled;
  }

  /** What has fallen behind what was settled. */
  List<Slip> slips(long id, List<Course> courses) {
    return Slip.of(store.promises(id), courses);
  }

  /** A term of all groups with the first plan that is found. */
  @Transactional
  public void makePlanned(
      String name, LocalDate from, LocalDate to, LocalDate social, SignedIn me) {
    List<InTerm> in = groups.all().stream().map(it -> new InTerm(it.id(), DEMO_NEW, true)).toList();
    TermRow term = make(name, from, to, Optional.of(social), in, me);
    TermPlan plan = planners.of(term).planner().plan(TermPlanner.Effort.QUICK, _ -> {}).plan();
    plan(term.id(), term.version(), plan, me);
  }

  private TermRow change(TermRow row, SignedIn me) {
    try {
      if (!store.change(row)) {
        get(row.id());
        throw Problem.changed("Somebody", "this term");
      }
    } catch (DuplicateKeyException taken) {
      throw Problem.conflict("There is a term of that name already.");
    }
    events.publishEvent(
        Change.next(Thing.TERM, row.id(), Action.CHANGED, me.person(), row.version(), row.name()));
    return get(row.id());
  }

  @Transactional
  void archive(long id, int version, SignedIn me) {
    TermRow row = get(id);
    if (!store.archive(id, version)) {
      throw Problem.changed("Somebody", "this term");
    }
    events.publishEvent(Change.archived(Thing.TERM, id, me.person(), version, row.name()));
  }

  @EventListener
  void forget(PersonForgotten forgotten) {
    store.forget(forgotten.person());
  }
}
