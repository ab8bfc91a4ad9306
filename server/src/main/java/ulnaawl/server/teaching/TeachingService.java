package ulnaawl.server.teaching;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.platform.Change;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;
import ulnaawl.teach.Learner;
import ulnaawl.teach.Lesson;
import ulnaawl.teach.School;
import ulnaawl.teach.SchoolAdvice;
import ulnaawl.teach.Teach;
import ulnaawl.teach.TeachBuilder;
import ulnaawl.teach.TeachPace;

/** Lessons for groups: what they bring along, what colleagues warn of, how fast they learn. */
@Service
public class TeachingService {

  private final DanceService dances;
  private final DanceReader reader;
  private final GroupService groups;
  private final Standings standings;
  private final TeachingStore store;
  private final ApplicationEventPublisher events;
  private final Today today;

  TeachingService(
      DanceService dances,
      DanceReader reader,
      GroupService groups,
      Standings standings,
      TeachingStore store,
      ApplicationEventPublisher events,
      Today today) {
    this.dances = dances;
    this.reader = reader;
    this.groups = groups;
    this.standings = standings;
    this.store = store;
    this.events = events;
    this.today = today;
  }

  /** A lesson with what it rests on. */
  record Prepared(ReadDance read, Lesson lesson, Stage stage, GroupRow group) {

    /** The school that suits the group and the dance. */
    SchoolAdvice advice() {
      return SchoolAdvice.of(lesson, group.level(), stage.isLearned());
    }
  }

  Prepared prepare(long dance, long group) {
    ReadDance read = dances.danceable(dance);
    GroupRow row = groups.get(group);
    List<Standings.Known> known = standings.of(group, today.date());
    Standings.Known own =
        known.stream().filter(one -> one.row().id() == dance).findFirst().orElseThrow();
    Stage stage = own.standing().stage();
    return new Prepared(read, lesson(row, own, Standings.figuresMet(known)), stage, row);
  }

  /** The teach that a line of a class stands for: as the proposed school lays it out. */
  public Teach proposed(GroupRow group, Standings.Known own, Set<String> met, int minutes) {
    Lesson lesson = lesson(group, own, met);
    boolean learned = own.standing().stage().isLearned();
    School school = SchoolAdvice.of(lesson, group.level(), learned).school();
    return Teach.of(lesson, school, Math.clamp(minutes, 1, TeachBuilder.MOST_MINUTES));
  }

  private Lesson lesson(GroupRow group, Standings.Known own, Set<String> met) {
    Map<Integer, String> watchOuts = new HashMap<>();
    store.watchOuts(own.row().id()).forEach(it -> watchOuts.put(it.section(), it.note()));
    Standing standing = own.standing();
    Learner learner =
        new Learner(
            met,
            standing.stage().isLearned() ? own.dance().sections() : standing.sections(),
            standing.stage().readiness(),
            TeachPace.LIVE.learned(store.past(group.id())),
            watchOuts);
    return new Lesson(own.dance().dance(), reader.book(), learner);
  }

  List<WatchOut> watchOuts(long dance) {
    return store.watchOuts(dance);
  }

  int timesTaken(long group) {
    return store.past(group).size();
  }

  /** Marks a section for every colleague's next teach. */
  @Transactional
  void watch(long dance, int section, String note, SignedIn me) {
    ReadDance read = dances.danceable(dance);
    if (section < 1 || section > read.sections()) {
      throw Problem.rejected(
          read.dance().title() + " has sections 1 to " + read.sections() + ", no " + section + ".");
    }
    if (note.length() > 200 || note.chars().anyMatch(it -> it < ' ')) {
      throw Problem.rejected("A note is one line of up to 200 characters.");
    }
    store.watch(dance, section, note.strip(), me.name(), today.moment());
    events.publishEvent(
        new Change(me.name(), "marked section " + section + " of", read.dance().title()));
  }

  @Transactional
  void forget(long dance, int section, SignedIn me) {
    store.forget(dance, section);
    events.publishEvent(
        new Change(
            me.name(),
            "took the mark off section " + section + " of",
            dances.danceable(dance).dance().title()));
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
    ReadDance read = dances.danceable(dance);
    groups.get(group);
    store.took(
        group,
        dance,
        today.date(),
        new TeachPace.Past(plannedSeconds, minutes * 60, classPercent),
        me.name());
    events.publishEvent(
        new Change(me.name(), "noted the time of the teach of", read.dance().title()));
  }
}
