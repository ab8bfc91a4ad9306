package ulnaawl.notation.read;

import java.util.List;
import java.util.Optional;
import ulnaawl.notation.read.Meaning.Joint;

/** Goes through marks, and looks ahead past the words that say nothing. */
final class MarkCursor {

  private final List<Mark> marks;
  private int at;

  MarkCursor(List<Mark> marks) {
    this.marks = List.copyOf(marks);
  }

  boolean hasMore() {
    return at < marks.size();
  }

  Mark take() {
    return marks.get(at++);
  }

  /** The marks from the next one on. */
  List<Mark> rest() {
    return marks.subList(at, marks.size());
  }

  void leave(int number) {
    at = Math.min(at + number, marks.size());
  }

  /** Leaves all up to the next one that is parting. */
  void leaveClause() {
    while (hasMore() && !isParting(marks.get(at).meaning())) {
      at++;
    }
  }

  static boolean isParting(Meaning meaning) {
    return meaning == Joint.STOP || meaning == Joint.AND || meaning == Joint.AMPERSAND;
  }

  /** The next meaning. */
  Optional<Meaning> next() {
    return nextMark().map(Mark::meaning);
  }

  Optional<Mark> nextMark() {
    return markFrom(at);
  }

  /** The meaning after the next. */
  Optional<Meaning> afterNext() {
    int i = at;
    while (i < marks.size() && marks.get(i).meaning() == Joint.FILLER) {
      i++;
    }
    return markFrom(i + 1).map(Mark::meaning);
  }

  private Optional<Mark> markFrom(int from) {
    for (int i = from; i < marks.size(); i++) {
      if (marks.get(i).meaning() != Joint.FILLER) {
        return Optional.of(marks.get(i));
      }
    }
    return Optional.empty();
  }

  boolean nextIs(Class<? extends Meaning> kind) {
    return next().filter(kind::isInstance).isPresent();
  }

  /** Takes the next mark that says something. */
  Mark skip() {
    while (marks.get(at).meaning() == Joint.FILLER) {
      at++;
    }
    return take();
  }

  /** What was taken last. */
  Mark taken() {
    return marks.get(at - 1);
  }

  /** Whether a name stood right before the mark that was taken last. */
  boolean followsName() {
    return at > 1 && marks.get(at - 2).meaning() instanceof Meaning.Named;
  }

  /**
   * Whether the feet that were taken last are the side of a turn: they follow its size, or stand
   * before it.
   *
   * @param sized whether the step at hand has the size of a turn
   */
  boolean isTurnSide(boolean sized) {
    boolean turnWord = false;
    for (int i = at - 2; i >= 0; i--) {
      Meaning meaning = marks.get(i).meaning();
      turnWord |= meaning == Joint.TURN;
      if (meaning != Joint.FILLER && meaning != Joint.TURN) {
        if (sized && meaning instanceof Meaning.Size) {
          return true;
        }
        break;
      }
    }
    return turnWord && !sized && nextIs(Meaning.Size.class);
  }
}
