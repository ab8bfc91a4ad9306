package ulnaawl.server.sharing;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Stage;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.classes.ClassRow;
import ulnaawl.server.classes.ClassService;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.dances.SharedSheet;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.groups.Standings;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.sharing.ShareRow.Target;
import ulnaawl.server.teaching.SharedTeach;
import ulnaawl.server.teaching.SharedTeach.SharedDrill;
import ulnaawl.server.walls.SharedCalls;
import ulnaawl.server.walls.WallsView.Walls;

/** What a link shows: that and nothing else, no names of dancers, no notes of colleagues. */
@Component
class SharedThings {

  private static final int MOST_MINUTES = 240;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

  private final SharedSheet sheets;
  private final SharedCalls calls;
  private final SharedTeach teaches;
  private final ClassService classes;
  private final GroupService groups;
  private final DanceService dances;
  private final Standings standings;
  private final Today today;

  SharedThings(
      SharedSheet sheets,
      SharedCalls calls,
      SharedTeach teaches,
      ClassService classes,
      GroupService groups,
      DanceService dances,
      Standings standings,
      Today today) {
    this.sheets = sheets;
    this.calls = calls;
    this.teaches = teaches;
    this.classes = classes;
    this.groups = groups;
    this.dances = dances;
    this.standings = standings;
    this.today = today;
  }

  /** A line of a class. */
  record SharedLine(int start, int minutes, Kind kind, String title) {}

  /**
   * A dance that was learned.
   *
   * @param shown sections that were shown, of {@code all}
   */
  record LearnedDance(
      String title, Stage stage, SectionSet shown, int all, LocalDate first, LocalDate last) {}

  /** What a link shows; the part that its kind says is there, and no other. */
  record SharedView(
      ShareKind kind,
      String title,
      String sub,
      @Nullable Reading reading,
      @Nullable String prose,
      @Nullable Walls walls,
      @Nullable List<SharedDrill> drills,
      @Nullable List<SharedLine> plan,
      @Nullable List<LearnedDance> learned) {}

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
      case LEARNED ->
          groups.active(group(target)).name()
              + " since "
              + target.since().orElseThrow(SharedThings::missing);
    };
  }

  private static String minutesOf(Target target) {
    int minutes = target.minutes().orElseThrow(SharedThings::missing);
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw Problem.rejected("A teach lasts 1 to " + MOST_MINUTES + " minutes.");
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
    return switch (target.kind()) {
      case SHEET -> {
        Reading reading = sheets.reading(dance(target));
        yield new SharedView(
            target.kind(),
            reading.title(),
            "",
            reading,
            sheets.prose(dance(target)),
            null,
            null,
            null,
            null);
      }
      case CALLS -> {
        Walls walls = calls.of(dance(target));
        yield new SharedView(target.kind(), walls.title(), "", null, null, walls, null, null, null);
      }
      case PRACTICE ->
          new SharedView(
              target.kind(),
              dances.danceable(dance(target)).dance().title(),
              "",
              null,
              null,
              null,
              null,
              null,
              null);
      case TEACH ->
          new SharedView(
              target.kind(),
              dances.danceable(dance(target)).dance().title(),
              groups.get(group(target)).name(),
              null,
              null,
              null,
              teaches.of(dance(target), group(target), target.minutes().orElse(20)),
              null,
              null);
      case PLAN -> plan(classes.get(target.classId().orElseThrow(SharedThings::missing)));
      case LEARNED -> learned(group(target), target.since().orElse(LocalDate.EPOCH));
    };
  }

  private SharedView plan(ClassRow row) {
    GroupRow group = groups.get(row.group());
    int start = 0;
    List<SharedLine> lines = new java.util.ArrayList<>();
    for (var line : row.lines()) {
      lines.add(new SharedLine(start, line.minutes(), line.kind(), line.title()));
      start += line.minutes();
    }
    String sub = DAY.format(row.date()) + ", " + group.startsAt() + ", " + group.place();
    return new SharedView(ShareKind.PLAN, group.name(), sub, null, null, null, null, lines, null);
  }

  private SharedView learned(long id, LocalDate since) {
    GroupRow group = groups.get(id);
    List<LearnedDance> learned =
        standings.of(id, today.date()).stream()
            .filter(one -> !one.row().archived())
            .flatMap(one -> {
              Optional<LocalDate> first = days(one).min(Comparator.naturalOrder());
              Optional<LocalDate> last = days(one).max(Comparator.naturalOrder());
              return first.filter(day -> !day.isBefore(since)).isPresent()
                  ? last
                      .map(day ->
                          new LearnedDance(
                              one.row().title(),
                              one.standing().stage(),
                              one.standing().shown(),
                              one.dance().sections(),
                              first.get(),
                              day))
                      .stream()
                  : java.util.stream.Stream.empty();
            })
            .sorted(Comparator.comparing(LearnedDance::first).thenComparing(LearnedDance::title))
            .toList();
    return new SharedView(
        ShareKind.LEARNED,
        "What " + group.name() + " have learned",
        "Begun since " + DAY.format(since),
        null,
        null,
        null,
        null,
        null,
        learned);
  }

  private static java.util.stream.Stream<LocalDate> days(Standings.GroupDance one) {
    return one.evidence().stream().map(Evidence::date);
  }
}
