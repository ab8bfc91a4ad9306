package ulnaawl.teach.school;

/** A school of teaching: an order of drills with a name. Common practice, no source. */
public enum School {
  /** Each section in words, then counts; after each, everything so far. */
  ADD_ON(new AddOn()),
  /** Two sections each, then the pair joined. */
  PAIRS(new Pairs()),
  /** The first half to a clean loop, then the second. */
  HALVES(new Halves()),
  /** Every section without going back, then whole walls. */
  SECTIONS(new SectionsThenWhole()),
  /** The whole wall in words, then in counts. */
  RECAP(new Recap()),
  /** The last section first. */
  BACK(new FromTheBack()),
  /** Every section once more, then whole walls. */
  REMINDER(new Reminder());

  private final SchoolOrder order;

  School(SchoolOrder order) {
    this.order = order;
  }

  /** How it orders its drills. */
  public SchoolOrder order() {
    return order;
  }

  /** Whether it goes on from the sections that the group has been shown before. */
  public boolean goesOn() {
    return order.goesOn();
  }
}
