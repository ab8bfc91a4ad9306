package ulnaawl.server.teaching;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.platform.Change;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.platform.Today;
import ulnaawl.teach.Learner;
import ulnaawl.teach.Lesson;
import ulnaawl.teach.TeachPace;

/** Lessons for groups: what they bring along, what colleagues warn of, how fast they learn. */
@Service
public class TeachingService {

  private static final int LONGEST_MINUTES = 240;

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
  record Prepared(ReadDance read, Lesson lesson, Stage stage) {

    /** Whether the group has been taught the dance to the end before. */
    boolean isLearned() {
      return stage != Stage.NOT_STARTED && stage != Stage.STARTED;
    }
  }

  Prepared prepare(long dance, long group) {
    ReadDance read = dances.danceable(dance);
    groups.get(group);
    List<Standings.Known> known = standings.of(group, today.date());
    Optional<Standing> standing =
        known.stream()
            .filter(one -> one.row().id() == dance)
            .map(Standings.Known::standing)
            .findFirst();
    return new Prepared(
        read,
        lesson(dance, group, read, standing, Standings.figuresMet(known)),
        standing.map(Standing::stage).orElse(Stage.NOT_STARTED));
  }

  /** A lesson for a group that stands so, and has met these figures. */
  public Lesson lesson(
      long dance, long group, ReadDance read, Optional<Standing> standing, Set<String> met) {
    Map<Integer, String> watchOuts = new HashMap<>();
    store.watchOuts(dance).forEach(it -> watchOuts.put(it.section(), it.note()));
    Stage stage = standing.map(Standing::stage).orElse(Stage.NOT_STARTED);
    int sections = stage == Stage.STARTED ? standing.map(Standing::sections).orElse(0) : all(read);
    Learner learner =
        new Learner(
            met,
            stage == Stage.NOT_STARTED ? 0 : sections,
            readiness(stage),
            TeachPace.LIVE.learned(store.past(group)),
            watchOuts);
    return new Lesson(read.dance(), reader.book(), learner);
  }

  private static int all(ReadDance read) {
    return read.dance().sections().size();
  }

  /** How ready a group is with what it was shown, in thousandths; a rule of thumb, no source. */
  private static int readiness(Stage stage) {
    return switch (stage) {
      case NOT_STARTED -> 0;
      case STARTED -> 450;
      case TAUGHT -> 600;
      case PRACTISED -> 750;
      case KNOWN -> 900;
      case RUSTY -> 400;
    };
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
    if (section < 1 || section > all(read)) {
      throw Problem.rejected(
          read.dance().title() + " has sections 1 to " + all(read) + ", no " + section + ".");
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
        || minutes > LONGEST_MINUTES
        || plannedSeconds < 1
        || plannedSeconds > LONGEST_MINUTES * 60
        || classPercent < 1
        || classPercent > 1000) {
      throw Problem.rejected("A teach takes 1 to " + LONGEST_MINUTES + " minutes.");
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
