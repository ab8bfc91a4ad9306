package ulnaawl.teach.lesson;

import ulnaawl.wall.EventId;

/** Something of a dance that has to be learned. */
public sealed interface Piece {

  /** A section, by its number in the dance. */
  record Steps(int section) implements Piece {}

  /** Going on from one section into the next. */
  record Join(int from, int to) implements Piece {}

  /** Going on from the end of a part into the start of the one that comes next: its own, or B's. */
  record Link(int last, int first) implements Piece {}

  /** A tag, restart, bridge, repeat or ending, the first time that it comes. */
  record Event(EventId event, int wall) implements Piece {}
}
