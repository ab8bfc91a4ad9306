package ulnaawl.teach;

import java.util.List;

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
  List<Integer> stops(Lesson lesson);

  /** The sections in the order in which they are taught, by number. */
  List<Integer> order(Lesson lesson);

  /**
   * The drills.
   *
   * @param known sections of {@link #order} that the group has been shown before
   * @param upTo sections of it that are taught by the end, one of {@link #stops}
   */
  List<Slot> slots(Lesson lesson, int known, int upTo);

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
