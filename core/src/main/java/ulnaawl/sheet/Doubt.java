package ulnaawl.sheet;

import java.util.List;
import ulnaawl.figure.Level;
import ulnaawl.floor.Side;
import ulnaawl.music.Count;

/** Why a line of a sheet is not surely read. */
public sealed interface Doubt {

  /** Whether the line was not read at all. */
  default boolean isUnread() {
    return false;
  }

  private static <T> List<T> some(List<T> values) {
    if (values.isEmpty()) {
      throw new IllegalArgumentException("Nothing is in doubt");
    }
    return List.copyOf(values);
  }

  /** Words that mean nothing to the reader; they are kept as a remark. */
  record UnknownWords(List<String> words) implements Doubt {
    public UnknownWords {
      words = some(words);
    }
  }

  /** The words can be taken in several ways that differ on the floor. */
  record SeveralWays() implements Doubt {}

  /** The sheet does not say to which side one turns. */
  record TurnSide(Side taken) implements Doubt {}

  /** The sheet says the other foot; that one carries the weight there. */
  record OtherFeet() implements Doubt {}

  /** The sheet says the other side of the turn; the facings that it prints say this one. */
  record OtherTurn() implements Doubt {}

  /** Counts on which the sheet has no step. */
  record EmptyCounts(List<Count> counts) implements Doubt {
    public EmptyCounts {
      counts = some(counts);
    }
  }

  /** The steps do not fit the counts of the sheet; they were counted as they usually are. */
  record OtherCounts(List<Count> written, List<Count> taken) implements Doubt {
    public OtherCounts {
      written = some(written);
      taken = some(taken);
    }
  }

  /** The sheet has no counts; the steps were counted as they usually are. */
  record Uncounted() implements Doubt {}

  /** It repeats what stands above, with the other foot, which the sheet does not say. */
  record Mirrored() implements Doubt {}

  /** The sheet has the steps in the heading alone. */
  record StepsOfHeading() implements Doubt {}

  /** The heading names a figure that its steps are not. */
  record HeadingDiffers(String figure) implements Doubt {}

  /** A level that is none of ours. */
  record NearLevel(Level taken) implements Doubt {}

  /** Another way of dancing it that does not end like the steps that it replaces. */
  record OptionDiffers(String words) implements Doubt {}

  /** A tag, bridge or ending whose wall the sheet does not say. */
  record WhichWall() implements Doubt {}

  /** A sentence about walls that says more than was understood. */
  record MoreSaid() implements Doubt {}

  /** What the checks of the dance say of it. */
  record Check(String message) implements Doubt {}

  /** Steps that were not understood. */
  record Unread() implements Doubt {
    @Override
    public boolean isUnread() {
      return true;
    }
  }

  /** The sheet names a tag, bridge or ending and has no steps for it. */
  record NoSteps(String name) implements Doubt {
    @Override
    public boolean isUnread() {
      return true;
    }
  }
}
