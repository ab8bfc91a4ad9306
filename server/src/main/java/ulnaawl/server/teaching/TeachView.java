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
import ulnaawl.people.PersonId;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.teach.TeachBuilder;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.school.School;

/** What is sent of a teach; readiness in percent. */
final class TeachView {

  private TeachView() {}

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
      PersonId madeBy,
      PersonId updatedBy,
      LocalDateTime updatedAt) {}

  /** A saved teach, if there is one. */
  record SavedTeachAnswer(@Nullable SavedTeach saved) {}
}
