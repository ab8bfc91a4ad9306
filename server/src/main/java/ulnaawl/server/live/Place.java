package ulnaawl.server.live;

import jakarta.validation.constraints.NotNull;

/**
 * Where somebody is.
 *
 * @param spot what kind of page
 * @param id of what
 * @param group for which group, of a teach; else 0
 */
record Place(@NotNull Spot spot, long id, long group) {

  /** Pages on which one wants to know who else is there. */
  enum Spot {
    DANCE,
    SONG,
    GROUP,
    CLASS,
    /** The log of a class. */
    LOG,
    TEACH
  }
}
