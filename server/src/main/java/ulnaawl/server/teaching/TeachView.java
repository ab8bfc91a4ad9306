package ulnaawl.server.teaching;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.server.platform.Problem;
import ulnaawl.teach.Drill;
import ulnaawl.teach.Exposure;
import ulnaawl.teach.Lesson;
import ulnaawl.teach.Load;
import ulnaawl.teach.Mode;
import ulnaawl.teach.Piece;
import ulnaawl.teach.School;
import ulnaawl.teach.Scope;
import ulnaawl.teach.Slot;
import ulnaawl.teach.Teach;
import ulnaawl.teach.TeachBuilder;
import ulnaawl.teach.TempoLadder;

/** What is sent of a teach; facings are on the room clock, readiness in percent. */
final class TeachView {

  private TeachView() {}

  /** What can be practised. */
  enum ScopeKind {
    SECTION,
    RUN,
    JOIN,
    LINK,
    WALLS,
    SPECIAL,
    OPTION
  }

  /**
   * What a drill practises.
   *
   * @param from first section or wall; the wall of a special, the section of an option
   * @param to last section or wall
   * @param name of a special or option; else blank
   */
  record ScopeView(
      @NotNull ScopeKind kind, int from, int to, @NotNull @Size(max = 200) String name) {

    static ScopeView of(Scope scope) {
      return switch (scope) {
        case Scope.OneSection it ->
            new ScopeView(ScopeKind.SECTION, it.section(), it.section(), "");
        case Scope.Run it -> new ScopeView(ScopeKind.RUN, it.from(), it.to(), "");
        case Scope.Join it -> new ScopeView(ScopeKind.JOIN, it.from(), it.to(), "");
        case Scope.Link it -> new ScopeView(ScopeKind.LINK, it.last(), it.first(), "");
        case Scope.Walls it -> new ScopeView(ScopeKind.WALLS, it.from(), it.to(), "");
        case Scope.Special it -> new ScopeView(ScopeKind.SPECIAL, it.wall(), it.wall(), it.name());
        case Scope.Option it ->
            new ScopeView(ScopeKind.OPTION, it.section(), it.section(), it.name());
      };
    }

    Scope scope() {
      return switch (kind) {
        case SECTION -> new Scope.OneSection(from);
        case RUN -> new Scope.Run(from, to);
        case JOIN -> new Scope.Join(from, to);
        case LINK -> new Scope.Link(from, to);
        case WALLS -> new Scope.Walls(from, to);
        case SPECIAL -> new Scope.Special(name, from);
        case OPTION -> new Scope.Option(name, from);
      };
    }
  }

  /** A drill, and how ready each piece is after it. */
  record DrillView(
      ScopeView scope,
      String label,
      Mode mode,
      String modeWords,
      int percent,
      int repetitions,
      int counts,
      int startSecond,
      int seconds,
      int startFacing,
      List<String> say,
      List<Integer> ready) {}

  /**
   * Something to be learned, how hard it is, how ready the group is before the teach, and how often
   * it is danced in it.
   */
  record PieceView(
      String label,
      boolean section,
      int plainCounts,
      List<String> load,
      int before,
      List<String> danced) {}

  /** A laid-out teach. */
  record TeachSheet(
      long dance,
      String title,
      long group,
      String groupName,
      @Nullable String school,
      String schoolName,
      int minutes,
      int seconds,
      int reaches,
      int sections,
      int leastReady,
      int classPercent,
      int timesTaken,
      @Nullable String rest,
      List<PieceView> pieces,
      List<DrillView> drills,
      List<String> reasons) {}

  /** A school to choose. */
  record SchoolView(String id, String name, String goodFor) {}

  /** A drill that can be added. */
  record AddableView(ScopeView scope, String label) {}

  /** What can be chosen for a dance and a group. */
  record TeachOptions(
      List<SchoolView> schools,
      String proposed,
      String why,
      List<AddableView> addable,
      List<WatchOut> watchOuts) {}

  /** A drill as somebody wants it; a locked one keeps its repetitions. */
  record WantedDrill(
      @NotNull @Valid ScopeView scope,
      @NotNull Mode mode,
      @Min(TempoLadder.LOWEST) @Max(100) int percent,
      @Min(1) @Max(Slot.MOST) int repetitions,
      boolean locked) {

    Slot slot() {
      return locked
          ? Slot.locked(scope.scope(), mode, percent, repetitions)
          : Slot.open(scope.scope(), mode, percent);
    }
  }

  /** Drills in somebody's own order. */
  record WantedTeach(
      long group,
      @Min(1) @Max(TeachBuilder.MOST_MINUTES) int minutes,
      @NotNull @Size(min = 1, max = TeachBuilder.MOST_DRILLS) List<@Valid WantedDrill> drills) {}

  static TeachSheet sheet(
      long dance,
      long group,
      String groupName,
      int minutes,
      int timesTaken,
      Lesson lesson,
      Teach teach) {
    List<PieceView> pieces = new ArrayList<>();
    for (int i = 0; i < teach.pieces().size(); i++) {
      List<String> danced = teach.exposures().get(i).stream().map(Exposure::words).toList();
      pieces.add(piece(lesson, teach.pieces().get(i), teach.before().get(i), danced));
    }
    List<DrillView> drills = new ArrayList<>();
    int start = 0;
    for (int i = 0; i < teach.drills().size(); i++) {
      Drill drill = teach.drills().get(i);
      drills.add(
          new DrillView(
              ScopeView.of(drill.scope()),
              drill.scope().label(),
              drill.mode(),
              drill.mode().label(),
              drill.percent(),
              drill.repetitions(),
              drill.counts(),
              start,
              drill.seconds(),
              drill.startFacing().eighths(),
              drill.say(),
              teach.steps().get(i).stream().map(TeachView::percent).toList()));
      start += drill.seconds();
    }
    return new TeachSheet(
        dance,
        lesson.dance().title(),
        group,
        groupName,
        teach.school().map(School::id).orElse(null),
        teach.school().map(School::label).orElse("Your own order"),
        minutes,
        teach.seconds(),
        teach.reaches(),
        teach.sections(),
        percent(teach.leastSection()),
        lesson.learner().pace().classPercent(),
        timesTaken,
        teach.rest().orElse(null),
        pieces,
        drills,
        teach.reasons());
  }

  private static PieceView piece(Lesson lesson, Piece piece, int before, List<String> danced) {
    if (piece instanceof Piece.Steps it) {
      Load load = lesson.load(lesson.sections().get(it.section() - 1));
      return new PieceView(
          piece.label(), true, load.plainCounts(), load.reasons(), percent(before), danced);
    }
    return new PieceView(piece.label(), false, 0, List.of(), percent(before), danced);
  }

  /** Rounded down: nothing is ever wholly ready. */
  private static int percent(int thousandths) {
    return thousandths / 10;
  }

  static School school(String id) {
    return School.all().stream()
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Problem.rejected("There is no school '" + id + "'."));
  }
}
