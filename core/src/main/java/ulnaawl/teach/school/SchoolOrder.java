package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;

/**
 * How a school orders its drills. It walks through the sections of a dance in its own order and may
 * stop at its natural places; what is left is carried over to the next class.
 */
public sealed interface SchoolOrder
    permits AddOn, FromTheBack, Halves, Pairs, Recap, Reminder, SectionsThenWhole {

  /**
   * How many sections, in the school's own order, may be taught in one class; rising, the last one
   * is all of them.
   */
  default List<Integer> stops(Lesson lesson) {
    return IntStream.rangeClosed(1, lesson.sections().size()).boxed().toList();
  }

  /** The sections in the order in which they are taught, by number. */
  default List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson);
  }

  /**
   * The drills: a reminder of what the group has been shown, what is new, and with the last section
   * what closes every teach; before it, what has been shown a little faster.
   *
   * @param known sections that the group has been shown before, whichever they are
   * @param upTo how many of {@link #order} have been taught by the end, one of {@link #stops}
   */
  default List<OpenDrill> slots(Lesson lesson, SectionSet known, int upTo) {
    List<Integer> order = order(lesson);
    List<OpenDrill> slots = new ArrayList<>(Drills.reminder(lesson, known));
    slots.addAll(
        news(
            lesson,
            known,
            order.subList(0, upTo).stream().filter(it -> !known.contains(it)).toList()));
    SectionSet reached = reached(lesson, known, upTo);
    slots.addAll(
        reached.isWhole(order.size())
            ? closing(lesson)
            : Drills.upTheLadder(lesson, reached, slots));
    return slots;
  }

  /** The sections that have been shown when {@code upTo} of its order have been taught. */
  default SectionSet reached(Lesson lesson, SectionSet known, int upTo) {
    return known.with(SectionSet.of(order(lesson).subList(0, upTo)));
  }

  /**
   * The drills for some sections that are new.
   *
   * @param known sections that the group has been shown before
   * @param fresh the new ones, in the school's order; at least one
   */
  List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh);

  /** The drills when every section has been shown. */
  default List<OpenDrill> closing(Lesson lesson) {
    return Drills.closing(lesson);
  }

  /** Whether it goes on from the sections that the group has been shown before. */
  default boolean goesOn() {
    return true;
  }
}
