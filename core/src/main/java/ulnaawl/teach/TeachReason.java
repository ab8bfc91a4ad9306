package ulnaawl.teach;

import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.teach.school.School;
import ulnaawl.wall.EventId;

/** Why a teach is laid out as it is, and what is left of the dance after it. */
public sealed interface TeachReason {

  /** It follows a school. */
  record Follows(School school) implements TeachReason {}

  /** Somebody put it together by hand. */
  record OwnOrder() implements TeachReason {}

  /** It begins with what the group has been shown. */
  record BeginsWithReminder(SectionSet shown) implements TeachReason {}

  /**
   * What the shortest teach takes.
   *
   * @param whole whether that is of the whole dance
   * @param seconds of the shortest one
   * @param moreSeconds seconds beyond it, given to what was least ready
   */
  record Shortest(boolean whole, int seconds, int moreSeconds) implements TeachReason {}

  /** Not even the shortest teach fits. */
  record DoesNotFit(int minutes) implements TeachReason {}

  /** Drills that somebody wants take longer than there is. */
  record TooLong(int overSeconds, int minutes) implements TeachReason {}

  /** Nothing more would help: the time that is left goes back to the class. */
  record GivesBack(int seconds) implements TeachReason {}

  /**
   * The whole dance would fit, but is too much for the group at once.
   *
   * @param levelsAbove levels that the dance lies above the group; 0 for none
   * @param percent how ready its least ready section would be by the end
   * @param tonight sections that are taught
   * @param later the others
   */
  record TooMuch(int levelsAbove, int percent, SectionSet tonight, SectionSet later)
      implements TeachReason {}

  /** The dance lies two levels or more above the group. */
  record LevelsAbove(int levels) implements TeachReason {}

  /** Somebody chose how far it goes. */
  record ChosenSoFar(SectionSet reached) implements TeachReason {}

  /** An order of somebody's own runs a wall before the exception in it was taught. */
  record DancedBeforeTaught(EventId event, int wall) implements TeachReason {}

  /**
   * An order of somebody's own rises by more than a rung.
   *
   * @param drill its number, from 1
   */
  record RisesTooFast(int drill, int from, int to) implements TeachReason {}

  /** The section that is least ready by the end, in percent. */
  record LeastPractised(int section, int percent) implements TeachReason {}

  /**
   * It gets to the end of a section.
   *
   * @param facing where the class faces there, relative to the start of its wall
   * @param left sections for the next class
   * @param exceptions what is left besides
   */
  record UpTo(int section, RelativeFacing facing, SectionSet left, List<EventId> exceptions)
      implements TeachReason {
    public UpTo {
      exceptions = List.copyOf(exceptions);
    }
  }

  /**
   * It covers the dance from a section to the end.
   *
   * @param facing where that section begins, relative to the start of its wall
   */
  record FromOn(int section, RelativeFacing facing, SectionSet left, List<EventId> exceptions)
      implements TeachReason {
    public FromOn {
      exceptions = List.copyOf(exceptions);
    }
  }

  /** It covers some sections with gaps between them. */
  record Some(SectionSet taught, SectionSet left, List<EventId> exceptions) implements TeachReason {
    public Some {
      exceptions = List.copyOf(exceptions);
    }
  }

  /** Sections that a teach of somebody's own leaves out. */
  record NotDanced(SectionSet sections) implements TeachReason {}
}
