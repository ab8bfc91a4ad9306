package ulnaawl.plan.solve;

import java.util.Optional;
import ulnaawl.plan.solve.ClassBlock.Role;

/**
 * How far a class has come: what may come next depends on it. A teach comes after one or two
 * dances; where nothing can be danced yet, after the warm-up.
 */
enum ClassProgress {
  BEGIN,
  WARM,
  ONE_DANCED,
  TWO_DANCED,
  TAUGHT,
  DANCED_SINCE,
  TAUGHT_ENOUGH,
  FINISHED,
  OVER;

  /**
   * Where a block leads to.
   *
   * @param known whether there is anything to dance before a teach
   * @param again whether a second teach may come
   */
  Optional<ClassProgress> after(Role role, boolean known, boolean again) {
    return switch (role) {
      case WARM_UP -> this == BEGIN ? Optional.of(WARM) : Optional.empty();
      case DANCE -> danced();
      case TEACH -> taught(known, again);
      case BREAK, FREE -> isUnderWay() ? Optional.of(this) : Optional.empty();
      case FINISH -> isUnderWay() ? Optional.of(FINISHED) : Optional.empty();
      case COOL_DOWN -> this == FINISHED ? Optional.of(OVER) : Optional.empty();
    };
  }

  private boolean isUnderWay() {
    return this != BEGIN && this != FINISHED && this != OVER;
  }

  private Optional<ClassProgress> danced() {
    return switch (this) {
      case WARM -> Optional.of(ONE_DANCED);
      case ONE_DANCED -> Optional.of(TWO_DANCED);
      case TWO_DANCED, TAUGHT_ENOUGH -> Optional.of(TAUGHT_ENOUGH);
      case TAUGHT, DANCED_SINCE -> Optional.of(DANCED_SINCE);
      case BEGIN, FINISHED, OVER -> Optional.empty();
    };
  }

  private Optional<ClassProgress> taught(boolean known, boolean again) {
    return switch (this) {
      case ONE_DANCED, TWO_DANCED -> Optional.of(TAUGHT);
      case WARM -> known ? Optional.empty() : Optional.of(TAUGHT);
      case DANCED_SINCE -> again ? Optional.of(TAUGHT_ENOUGH) : Optional.empty();
      default -> Optional.empty();
    };
  }
}
