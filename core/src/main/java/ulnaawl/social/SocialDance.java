package ulnaawl.social;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.plan.DanceFacts;
import ulnaawl.song.FloorSplit;

/**
 * A dance that could be played at a social.
 *
 * @param dance its number
 * @param facts what it is
 * @param kind of what kind its song is, or else the dance: country, waltz; where somebody said so
 * @param songSeconds how long its song lasts, 1 or more
 * @param knownBy the groups that can dance it
 * @param asked people who asked for it, 0 or more
 */
public record SocialDance(
    long dance,
    DanceFacts facts,
    Optional<String> kind,
    int songSeconds,
    Set<Long> knownBy,
    int asked) {

  private static final int SHORTEST_WALK_IN = 16;
  private static final int LONGEST_WALK_IN = 32;

  public SocialDance {
    knownBy = Set.copyOf(knownBy);
    if (songSeconds < 1 || asked < 0) {
      throw new IllegalArgumentException("A song lasts, and people ask or do not");
    }
  }

  /**
   * Whether anybody can pick it up in five minutes: 16 to 32 counts and, by its measure, for
   * beginners. Common practice, no source.
   */
  public boolean isWalkIn() {
    return facts.counts() >= SHORTEST_WALK_IN
        && facts.counts() <= LONGEST_WALK_IN
        && facts.level().above(Level.BEGINNER) <= 0;
  }

  /** Whether a group dances it at a social: it was taught to the end; a rusty one comes back. */
  public static boolean isKnownAt(Stage stage) {
    return stage.isLearned();
  }

  /**
   * Whether a split floor with another one brings more people onto it than either: some who come
   * know only this one, some only the other, and nobody needs both.
   */
  public boolean isSplitWith(SocialDance other, List<Guests> guests) {
    boolean here =
        guests.stream()
            .map(Guests::group)
            .anyMatch(it -> knownBy.contains(it) && !other.knownBy().contains(it));
    boolean there =
        guests.stream()
            .map(Guests::group)
            .anyMatch(it -> other.knownBy().contains(it) && !knownBy.contains(it));
    return here && there && FloorSplit.isWorthwhile(facts.level(), other.facts().level());
  }

  /** Whether new dancers manage it once they know it. */
  boolean isEasy() {
    return facts.level().above(Level.HIGH_BEGINNER) <= 0;
  }
}
