package ulnaawl.server.sharing;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.classes.LineRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.dances.SharedSheet;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.sharing.Polls.PollChoices;
import ulnaawl.server.sharing.ShareRow.Target;
import ulnaawl.server.teaching.SharedTeach;
import ulnaawl.server.teaching.SharedTeach.SharedDrill;
import ulnaawl.server.walls.SharedCalls;
import ulnaawl.server.walls.WallsView.Walls;
import ulnaawl.teach.TeachBuilder;

/** What a link shows: that and nothing else, no names of dancers, no notes of colleagues. */
@Component
@RequiredArgsConstructor
class SharedThings {

  private final SharedSheet sheets;
  private final SharedCalls calls;
  private final SharedTeach teaches;
  private final ClassService classes;
  private final GroupService groups;
  private final DanceService dances;
  private final Standings standings;
  private final Polls polls;
  private final Today today;

  /** A line of a class. */
  record SharedLine(int start, int minutes, Kind kind, String title) {}

  /**
   * A dance that was learned.
   *
   * @param shown sections that were shown, of {@code all}
   */
  record LearnedDance(
      String title, Stage stage, SectionSet shown, int all, LocalDate first, LocalDate last) {}

  /**
   * When and where a class is.
   *
   * @param lines its plan
   */
  record SharedClass(LocalDate date, LocalTime startsAt, String place, List<SharedLine> lines) {}

  /** The sheet of a dance, to be drawn and in full sentences. */
  record SharedDance(Reading reading, String prose) {}

  /** What a group has learned since a day. */
  record SharedLearning(LocalDate since, List<LearnedDance> dances) {}

  /** What a link shows; the part that its kind says is there, and no other. */
  record SharedView(
      ShareKind kind,
      String title,
      @Nullable SharedDance dance,
      @Nullable Walls walls,
      @Nullable SharedTeaching teach,
      @Nullable SharedClass plan,
      @Nullable SharedLearning learned,
      @Nullable PollChoices poll) {}

  /** A teach for a group. */
  record SharedTeaching(String groupName, List<SharedDrill> drills) {}

  /**
   * What a target is called.
   *
   * @throws Problem where it is not there, or its kind wants something that is missing
   */
  String label(Target target) {
    return switch (target.kind()) {
      case SHEET, CALLS, PRACTICE -> dances.danceable(dance(target)).dance().title();
      case TEACH ->
          dances.danceable(dance(target)).dance().title()
              + " for "
              + groups.active(group(target)).name()
              + minutesOf(target);
      case PLAN -> {
        ClassRow row = classes.get(target.classId().orElseThrow(SharedThings::missing));
        yield groups.get(row.group()).name() + ", " + row.date();
      }
      case POLL -> groups.active(group(target)).name() + ": what next?";
      case LEARNED ->
          groups.active(group(target)).name()
              + " since "
              + target.since().orElseThrow(SharedThings::missing);
    };
  }

  private static String minutesOf(Target target) {
    int minutes = target.minutes().orElseThrow(SharedThings::missing);
    if (minutes < 1 || minutes > TeachBuilder.MOST_MINUTES) {
      throw Problem.rejected("A teach lasts 1 to " + TeachBuilder.MOST_MINUTES + " minutes.");
    }
    return ", " + minutes + " minutes";
  }

  private static long dance(Target target) {
    return target.dance().orElseThrow(SharedThings::missing);
  }

  private static long group(Target target) {
    return target.group().orElseThrow(SharedThings::missing);
  }

  private static Problem missing() {
    return Problem.rejected("It is not said what the link is to show.");
  }

  SharedView show(Target target) {
    ShareKind kind = target.kind();
    String title =
        switch (kind) {
          case SHEET, CALLS, PRACTICE, TEACH -> dances.danceable(dance(target)).dance().title();
          case PLAN -> groups.get(classOf(target).group()).name();
          case LEARNED, POLL -> groups.get(group(target)).name();
        };
    return new SharedView(
        kind,
        title,
        kind == ShareKind.SHEET ? sheet(dance(target)) : null,
        kind == ShareKind.CALLS ? calls.of(dance(target)) : null,
        kind == ShareKind.TEACH ? teach(target) : null,
        kind == ShareKind.PLAN ? plan(classOf(target)) : null,
        kind == ShareKind.LEARNED ? learned(target) : null,
        kind == ShareKind.POLL ? polls.choices(group(target)) : null);
  }

  private ClassRow classOf(Target target) {
    return classes.get(target.classId().orElseThrow(SharedThings::missing));
  }

  private SharedDance sheet(long dance) {
    return new SharedDance(sheets.reading(dance), sheets.prose(dance));
  }

  private SharedTeaching teach(Target target) {
    int minutes = target.minutes().orElseThrow(SharedThings::missing);
    return new SharedTeaching(
        groups.get(group(target)).name(), teaches.of(dance(target), group(target), minutes));
  }

  private SharedClass plan(ClassRow row) {
    GroupRow group = groups.get(row.group());
    List<SharedLine> lines = new ArrayList<>();
    int start = 0;
    for (LineRow line : row.lines()) {
      lines.add(new SharedLine(start, line.minutes(), line.kind(), line.title()));
      start += line.minutes();
    }
    return new SharedClass(row.date(), group.startsAt(), group.place(), lines);
  }

  private SharedLearning learned(Target target) {
    LocalDate since = target.since().orElseThrow(SharedThings::missing);
    List<LearnedDance> learned =
        standings.of(group(target), today.date()).stream()
            .filter(one -> !one.row().archived() && !one.evidence().isEmpty())
            .map(SharedThings::learned)
            .filter(one -> !one.first().isBefore(since))
            .sorted(Comparator.comparing(LearnedDance::first).thenComparing(LearnedDance::title))
            .toList();
    return new SharedLearning(since, learned);
  }

  private static LearnedDance learned(GroupDance one) {
    List<LocalDate> days = one.evidence().stream().map(Evidence::date).sorted().toList();
    return new LearnedDance(
        one.row().title(),
        one.standing().stage(),
        one.standing().shown(),
        one.dance().sections(),
        days.getFirst(),
        days.getLast());
  }
}
