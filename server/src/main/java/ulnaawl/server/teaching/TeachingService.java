package ulnaawl.server.teaching;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Stage;
import ulnaawl.people.PeopleNames;
import ulnaawl.plan.BroughtAlong;
import ulnaawl.server.access.Leading;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.teach.Teach;
import ulnaawl.teach.TeachBuilder;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.SchoolAdvice;

/** Teaching a dance to a group. */
@Service
@RequiredArgsConstructor
public class TeachingService {

  private static final int LONGEST_NOTE = 200;

  private final DanceService dances;
  private final DanceReader reader;
  private final GroupService groups;
  private final Standings standings;
  private final Leading leading;
  private final TeachingStore store;
  private final PeopleNames names;
  private final ApplicationEventPublisher events;
  private final Today today;

  /** A lesson with what it rests on. */
  public record Prepared(ReadDance read, Lesson lesson, Stage stage, GroupRow group) {

    /** The school that suits the group and the dance. */
    SchoolAdvice advice() {
      return SchoolAdvice.of(lesson, group.level(), stage.isLearned());
    }
  }

  public Prepared prepare(long dance, long group) {
    ReadDance read = dances.danceable(dance);
    GroupRow row = groups.get(group);
    List<GroupDance> all = standings.of(group, today.date());
    GroupDance own = all.stream().filter(one -> one.row().id() == dance).findFirst().orElseThrow();
    Stage stage = own.standing().stage();
    return new Prepared(read, lesson(row, own, Standings.figuresMet(all)), stage, row);
  }

  /** The teach that a line of a class stands for: as the proposed school lays it out. */
  public Teach proposed(GroupRow group, GroupDance own, Set<String> met, int minutes) {
    Lesson lesson = lesson(group, own, met);
    boolean learned = own.standing().stage().isLearned();
    return Teach.of(
        lesson,
        SchoolAdvice.of(lesson, group.level(), learned).school(),
        Math.clamp(minutes, 1, TeachBuilder.MOST_MINUTES));
  }

  private Lesson lesson(GroupRow group, GroupDance own, Set<String> met) {
    Map<Integer, String> watchOuts = new HashMap<>();
    watchOuts(own.row()).forEach(it -> watchOuts.put(it.section(), it.note()));
    // What tripped this group last is marked for it, whether a colleague marked it or not.
    own.standing().trouble().numbers().forEach(it -> watchOuts.putIfAbsent(it, ""));
    Learner learner =
        new Learner(
            met,
            BroughtAlong.of(own.evidence(), own.standing(), own.dance().facts().sectionCounts()),
            TeachPace.LIVE.learned(store.past(group.id())),
            watchOuts,
            Optional.of(group.level()));
    return new Lesson(reader.read(own.row().stepText()).dance(), reader.book(), learner);
  }

  public List<WatchOut> watchOuts(long dance) {
    return watchOuts(dances.get(dance));
  }

  /** The notes whose sections are still there, by the numbers that these have now. */
  private List<WatchOut> watchOuts(DanceRow now) {
    return store.watchOuts(now.id()).stream()
        .flatMap(row ->
            sectionNow(row, now).stream()
                .map(section -> new WatchOut(section, row.note(), row.by(), row.version())))
        .sorted(Comparator.comparingInt(WatchOut::section))
        .toList();
  }

  private Optional<Integer> sectionNow(WatchOutRow row, DanceRow now) {
    SectionSet there = SectionSet.between(row.section(), row.section());
    return row.at().equals(now.at())
        ? Optional.of(row.section())
        : dances.version(row.at()).keys().in(now.keys(), there).numbers().stream().findFirst();
  }

  private Optional<WatchOutRow> on(DanceRow now, int section) {
    return store.watchOuts(now.id()).stream()
        .filter(row -> sectionNow(row, now).equals(Optional.of(section)))
        .findFirst();
  }

  int timesTaken(long group) {
    return store.past(group).size();
  }

  /** Marks a section for every colleague's next teach; {@code version} is 0 for a new mark. */
  @Transactional
  void watch(long dance, int section, String note, int version, SignedIn me) {
    ReadDance read = dances.danceable(dance);
    DanceRow now = dances.get(dance);
    if (section < 1 || section > read.sections()) {
      throw Problem.rejected(
          now.title() + " has sections 1 to " + read.sections() + ", no " + section + ".");
    }
    if (note.length() > LONGEST_NOTE || note.chars().anyMatch(it -> it < ' ')) {
      throw Problem.rejected("A note is one line of up to " + LONGEST_NOTE + " characters.");
    }
    Optional<WatchOutRow> before = on(now, section);
    String clean = note.strip();
    long id;
    if (before.isEmpty()) {
      id = store.watch(now.at(), section, clean, me.person(), today.moment());
    } else {
      id = before.get().id();
      if (!store.change(id, version, now.at(), section, clean, me.person(), today.moment())) {
        throw Problem.changed(names.of(before.get().by()), "this mark");
      }
    }
    Action action = before.isEmpty() ? Action.ADDED : Action.CHANGED;
    events.publishEvent(
        Change.of(
            Thing.WATCH_OUT, id, action, me.person(), "section " + section + " of " + now.title()));
  }

  @Transactional
  void unmark(long dance, int section, int version, SignedIn me) {
    DanceRow now = dances.get(dance);
    WatchOutRow row =
        on(now, section)
            .orElseThrow(() -> Problem.gone("Section " + section + " is not marked any more."));
    if (!store.archive(row.id(), version)) {
      throw Problem.changed(names.of(row.by()), "this mark");
    }
    events.publishEvent(
        Change.of(
            Thing.WATCH_OUT,
            row.id(),
            Action.ARCHIVED,
            me.person(),
            "section " + section + " of " + now.title()));
  }

  /**
   * Keeps how long a teach really took, so that the next ones for this group are laid out truly.
   */
  @Transactional
  void took(
      long dance, long group, int plannedSeconds, int classPercent, int minutes, SignedIn me) {
    if (minutes < 1
        || minutes > TeachBuilder.MOST_MINUTES
        || plannedSeconds < 1
        || plannedSeconds > TeachBuilder.MOST_MINUTES * 60
        || classPercent < 1
        || classPercent > 1000) {
      throw Problem.rejected("A teach takes 1 to " + TeachBuilder.MOST_MINUTES + " minutes.");
    }
    dances.danceable(dance);
    DanceRow now = dances.get(dance);
    GroupRow to = groups.active(group);
    leading.needGroup(me, group);
    long id =
        store.took(
            group,
            now.at(),
            today.date(),
            new TeachPace.Past(plannedSeconds, minutes * 60, classPercent),
            me.person());
    events.publishEvent(
        Change.of(
            Thing.TEACH, id, Action.RECORDED, me.person(), now.title() + " for " + to.name()));
  }
}
