package ulnaawl.server.teaching;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.Leading;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.teach.school.School;

/** Teaches that were put together, one for each group and dance; for every colleague. */
@Service
@RequiredArgsConstructor
public class SavedTeaches {

  private final TeachStore store;
  private final PeopleNames names;
  private final DanceService dances;
  private final GroupService groups;
  private final Leading leading;
  private final ApplicationEventPublisher events;
  private final Today today;

  /**
   * A teach in the numbers that the sections have now.
   *
   * @param gone drills that were left out because their sections are not there any more
   */
  record Opened(TeachRow row, List<SavedDrill> drills, int gone) {}

  /** Who last changed each teach that is put together. */
  public Map<TeachOf, PersonId> savedBy() {
    return store.savedBy();
  }

  Optional<Opened> open(long group, long dance) {
    return store.find(group, dance).map(row -> opened(row, dances.get(dance)));
  }

  private Opened opened(TeachRow row, DanceRow now) {
    SectionKeys then = dances.version(row.at()).keys();
    List<SavedDrill> drills =
        row.drills().stream()
            .flatMap(drill ->
                drill.scope().scope().in(then, now.keys()).stream()
                    .map(scope -> drill.withScope(ScopeView.of(scope))))
            .toList();
    return new Opened(row, drills, row.drills().size() - drills.size());
  }

  /** Saves a teach. {@code version} is 0 for a new one. */
  @Transactional
  Opened save(
      long group,
      long dance,
      int version,
      Optional<School> school,
      int minutes,
      List<SavedDrill> drills,
      SignedIn me) {
    leading.needGroup(me, group);
    GroupRow to = groups.active(group);
    DanceRow now = dances.get(dance);
    Optional<TeachRow> before = store.find(group, dance);
    long id;
    if (before.isEmpty() && version == 0) {
      id = store.add(group, now.at(), school, minutes, drills, me.person(), today.moment());
    } else {
      TeachRow known =
          before.orElseThrow(
              () -> Problem.conflict("This teach has been put aside by somebody in the meantime."));
      id = known.id();
      if (!store.change(
          id, version, now.at(), school, minutes, drills, me.person(), today.moment())) {
        throw Problem.changed(names.of(known.updatedBy()), "this teach");
      }
    }
    publish(id, version == 0 ? Action.ADDED : Action.CHANGED, version, now, to, me);
    return open(group, dance).orElseThrow();
  }

  /** Puts a teach aside: the school lays it out anew. */
  @Transactional
  void archive(long group, long dance, int version, SignedIn me) {
    leading.needGroup(me, group);
    GroupRow to = groups.get(group);
    TeachRow row =
        store
            .find(group, dance)
            .orElseThrow(() -> Problem.gone("There is no teach of this dance for this group."));
    if (!store.archive(row.id(), version)) {
      throw Problem.changed(names.of(row.updatedBy()), "this teach");
    }
    publish(row.id(), Action.ARCHIVED, version - 1, dances.get(dance), to, me);
  }

  private void publish(
      long id, Action action, int from, DanceRow dance, GroupRow group, SignedIn me) {
    events.publishEvent(
        Change.next(
            Thing.TEACH, id, action, me.person(), from, dance.title() + " for " + group.name()));
  }
}
