package ulnaawl.social;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.music.ListedSong;
import ulnaawl.plan.DanceFacts;
import ulnaawl.plan.DanceForGroup;
import ulnaawl.song.EveningSong;
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

  private static final int MINUTE = 60;
  private static final int SHORTEST_WALK_IN = 16;
  private static final int LONGEST_WALK_IN = 32;

  public SocialDance {
    knownBy = Set.copyOf(knownBy);
    if (songSeconds < 1 || asked < 0) {
      throw new IllegalArgumentException("A song lasts, and people ask or do not");
    }
  }

  /**
   * A dance to the song that it is danced to on an evening: as long as that song is, or a usual
   * one; of the kind that the song is of, or else the dance.
   *
   * @param knownBy the groups that can dance it
   * @param asked people who asked for it, 0 or more
   */
  public static SocialDance of(
      long dance, DanceFacts facts, EveningSong song, Set<Long> knownBy, int asked) {
    int seconds =
        song.song()
            .map(it -> it.song().lengthSeconds())
            .filter(OptionalInt::isPresent)
            .orElse(facts.songSeconds())
            .orElse(DanceForGroup.USUAL_SONG_MINUTES * MINUTE);
    Optional<String> kind = song.song().flatMap(ListedSong::style).or(facts::style);
    return new SocialDance(dance, facts, kind, seconds, knownBy, asked);
  }

  /** How it could be played: to those who know it, and as a walk-in for all. */
  public List<Played> choices() {
    List<Played> choices = new ArrayList<>();
    if (!knownBy.isEmpty()) {
      choices.add(Played.dance(this));
    }
    if (isWalkIn()) {
      choices.add(Played.walkIn(this));
    }
    return choices;
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
