package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * An order of drills. A school walks through the sections of a dance in its own order and may stop
 * at its natural places; what is left is carried over to the next class.
 */
public sealed interface School
    permits AddOn, FromTheBack, Halves, Pairs, Recap, Reminder, SectionsThenWhole {

  /** A short word for it. */
  String id();

  /** As instructors call it. */
  String label();

  /** For whom and what it is good. */
  String goodFor();

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
   * what closes every teach.
   *
   * @param known sections of {@link #order} that the group has been shown before
   * @param upTo sections of it that are taught by the end, one of {@link #stops}
   */
  default List<Slot> slots(Lesson lesson, int known, int upTo) {
    List<Slot> slots = new ArrayList<>(Drills.reminder(lesson, order(lesson).subList(0, known)));
    slots.addAll(news(lesson, known, upTo));
    if (upTo == lesson.sections().size()) {
      slots.addAll(closing(lesson));
    }
    return slots;
  }

  /** The drills for the sections from {@code known} up to {@code upTo} of its order. */
  List<Slot> news(Lesson lesson, int known, int upTo);

  /** The drills when every section has been shown. */
  default List<Slot> closing(Lesson lesson) {
    return Drills.closing(lesson);
  }

  /** Whether it goes on from the sections that the group has been shown before. */
  default boolean goesOn() {
    return true;
  }

  /** All of them, the six schools first. */
  static List<School> all() {
    return List.of(
        new AddOn(),
        new Pairs(),
        new Halves(),
        new SectionsThenWhole(),
        new Recap(),
        new FromTheBack(),
        new Reminder());
  }
}
