package ulnaawl.server.teaching;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.dance.SectionSet;
import ulnaawl.floor.Facing;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.teach.TeachBuilder;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.School;
import ulnaawl.wall.EventId;

/** What is sent of a teach; readiness in percent. */
final class TeachView {

  private TeachView() {}

  /** What can be practised. */
  enum ScopeKind {
    SECTION,
    RUN,
    JOIN,
    LINK,
    WALLS,
    SONG,
    EVENT,
    OPTION
  }

  /**
   * What a drill practises.
   *
   * @param from first section or wall; the wall of an exception, the section of an option
   * @param to last section or wall
   * @param event the exception
   * @param option name of an option
   */
  record ScopeView(
      @NotNull ScopeKind kind,
      int from,
      int to,
      @Nullable EventId event,
      @Nullable @Size(max = 200) String option) {

    private static ScopeView row(ScopeKind kind, int from, int to) {
      return new ScopeView(kind, from, to, null, null);
    }

    static ScopeView of(Scope scope) {
      return switch (scope) {
        case Scope.OneSection it -> row(ScopeKind.SECTION, it.section(), it.section());
        case Scope.Run it -> row(ScopeKind.RUN, it.from(), it.to());
        case Scope.Join it -> row(ScopeKind.JOIN, it.from(), it.to());
        case Scope.Link it -> row(ScopeKind.LINK, it.last(), it.first());
        case Scope.Walls it -> row(ScopeKind.WALLS, it.from(), it.to());
        case Scope.Song _ -> row(ScopeKind.SONG, 0, 0);
        case Scope.Event it ->
            new ScopeView(ScopeKind.EVENT, it.wall(), it.wall(), it.event(), null);
        case Scope.Option it ->
            new ScopeView(ScopeKind.OPTION, it.section(), it.section(), null, it.name());
      };
    }

    Scope scope() {
      return switch (kind) {
        case SECTION -> new Scope.OneSection(from);
        case RUN -> new Scope.Run(from, to);
        case JOIN -> new Scope.Join(from, to);
        case LINK -> new Scope.Link(from, to);
        case WALLS -> new Scope.Walls(from, to);
        case SONG -> new Scope.Song();
        case EVENT -> new Scope.Event(known(event), from);
        case OPTION -> new Scope.Option(known(option), from);
      };
    }

    private static <T> T known(@Nullable T value) {
      if (value == null) {
        throw Problem.rejected("A drill of an exception or option says which one it is.");
      }
      return value;
    }
  }

  /**
   * A drill, and how much of each piece's practice is done after it.
   *
   * @param practised sections that were practised from the first drill to this one
   */
  record DrillView(
      ScopeView scope,
      String label,
      Mode mode,
      int percent,
      int repetitions,
      int counts,
      int startSecond,
      int seconds,
      Facing startFacing,
      List<ReasonView> say,
      List<Integer> ready,
      SectionSet practised) {}

  /**
   * Something to be learned, how hard it is, how ready the group is before the teach, and how often
   * it is danced in it.
   *
   * @param section its number, where it is a section
   */
  record PieceView(
      String label,
      @Nullable Integer section,
      int plainCounts,
      List<ReasonView> load,
      int before,
      List<String> danced) {}

  /**
   * A place where it may stop for tonight.
   *
   * @param upTo how many sections of the school's order are taught by then
   * @param fits whether its shortest teach fits into the minutes
   * @param ready practice done on the least ready of these sections by the end, in percent
   */
  record HowFarView(
      int upTo, String reached, int shortestSeconds, boolean fits, int ready, boolean chosen) {}

  /**
   * A laid-out teach.
   *
   * @param sectionCounts counts of a section: 8, or 6 in waltz time
   * @param school nothing for an order of somebody's own
   * @param reached sections that the group has been shown by its end
   */
  record TeachSheet(
      long dance,
      String title,
      long group,
      String groupName,
      @Nullable School school,
      int minutes,
      int seconds,
      int sections,
      int sectionCounts,
      SectionSet reached,
      boolean whole,
      int leastDone,
      int classPercent,
      int timesTaken,
      @Nullable ReasonView rest,
      List<HowFarView> howFar,
      List<PieceView> pieces,
      List<DrillView> drills,
      List<ReasonView> reasons) {}

  /** A school to choose. */
  record SchoolView(School school, String name, String goodFor) {}

  /** A drill that can be added. */
  record AddableView(ScopeView scope, String label) {}

  /** What can be chosen for a dance and a group. */
  record TeachOptions(
      List<SchoolView> schools,
      School proposed,
      ReasonView why,
      List<AddableView> addable,
      List<WatchOut> watchOuts) {}

  /** Drills in somebody's own order. */
  record WantedTeach(
      long group,
      @Min(1) @Max(TeachBuilder.MOST_MINUTES) int minutes,
      @NotNull @Size(min = 1, max = TeachBuilder.MOST_DRILLS) List<@Valid SavedDrill> drills) {}

  /** A teach to save, and the version it was changed from; 0 for a new one. */
  record TeachToSave(@NotNull @Valid WantedTeach teach, @Nullable School school, int version) {}

  /**
   * A teach that somebody put together; the moment is in universal time.
   *
   * @param danceVersion the version of the dance that it was made for
   * @param gone drills that were left out because their sections are not there any more
   */
  record SavedTeach(
      int version,
      int danceVersion,
      @Nullable School school,
      int minutes,
      List<SavedDrill> drills,
      int gone,
      String madeBy,
      String updatedBy,
      LocalDateTime updatedAt) {}

  /** A saved teach, if there is one. */
  record SavedTeachAnswer(@Nullable SavedTeach saved) {}
}
