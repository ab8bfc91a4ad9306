package ulnaawl.plan;

import java.time.LocalDate;

/** Where the plan of the term has a dance, seen from one class of a group. */
public sealed interface TermPlace {

  /** The plan says nothing of it, or there is none. */
  record Nowhere() implements TermPlace {}

  /** What counts of two terms that have the same class: the one that has it now, or sooner. */
  default TermPlace or(TermPlace other) {
    return switch (this) {
      case Here _ -> this;
      case Nowhere _ -> other;
      case Later later ->
          switch (other) {
            case Here _ -> other;
            case Nowhere _ -> this;
            case Later its -> its.begins().isBefore(later.begins()) ? other : this;
          };
    };
  }

  /** It is on in this class. */
  record Here() implements TermPlace {}

  /**
   * It is new to the group, and begins in a later class.
   *
   * @param begins the day of that class
   */
  record Later(LocalDate begins) implements TermPlace {}
}
