package ulnaawl.social;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.plan.solve.ClassBlock.Speed;

/**
 * One song and who is on the floor to it.
 *
 * @param how one dance, two on a split floor, or one that is taught to everybody first
 * @param dances one, or two of a split floor; the song is the first one's
 */
public record Played(How how, List<SocialDance> dances) {

  /** Seconds from the end of a song to the first count of the next. Rule of thumb, no source. */
  public static final int CHANGE_SECONDS = 45;

  /** Seconds in which a walk-in is taught. Common practice, no source. */
  public static final int WALK_IN_SECONDS = 300;

  /** Orders are laid out in quarters of a minute: everything lasts some of them. */
  public static final int GRAIN_SECONDS = 15;

  /** Seconds after which a dance can come a second time. Rule of thumb, no source. */
  public static final int AGAIN_AFTER_SECONDS = 40 * 60;

  /** How a song is danced. */
  public enum How {
    DANCE,
    SPLIT,
    WALK_IN,
    /** A second time on the same evening. */
    AGAIN;

    /**
     * The same where its dance has been on before or has not: what was there comes again, what was
     * not comes for the first time.
     */
    public How timed(boolean before) {
      return switch (this) {
        case DANCE, AGAIN -> before ? AGAIN : DANCE;
        case SPLIT, WALK_IN -> this;
      };
    }
  }

  public Played {
    dances = List.copyOf(dances);
    if (dances.size() != (how == How.SPLIT ? 2 : 1)) {
      throw new IllegalArgumentException("A split floor has two dances, any other has one");
    }
    if (how == How.WALK_IN && !dances.getFirst().isWalkIn()) {
      throw new IllegalArgumentException(
          dances.getFirst().facts().title() + " is no dance that is picked up in five minutes");
    }
  }

  public static Played dance(SocialDance dance) {
    return new Played(How.DANCE, List.of(dance));
  }

  /** Two dances to the song of the first. */
  public static Played split(SocialDance first, SocialDance second) {
    return new Played(How.SPLIT, List.of(first, second));
  }

  public static Played walkIn(SocialDance dance) {
    return new Played(How.WALK_IN, List.of(dance));
  }

  /** A dance a second time. */
  public static Played again(SocialDance dance) {
    return new Played(How.AGAIN, List.of(dance));
  }

  /**
   * What can be danced a second time on an evening: all of it where there is not half as much again
   * as the evening takes, else nothing. Common practice, no source.
   *
   * @param once what is danced once
   * @param seconds how long the evening lasts
   */
  public static List<Played> again(List<Played> once, int seconds) {
    List<Played> dances = once.stream().filter(it -> it.how() == How.DANCE).toList();
    int all = dances.stream().mapToInt(Played::seconds).sum();
    return all * 2 >= seconds * 3
        ? List.of()
        : dances.stream().map(it -> again(it.first())).toList();
  }

  private SocialDance first() {
    return dances.getFirst();
  }

  /** From the end of what went before to the end of its song, up to the next quarter minute. */
  public int seconds() {
    int taught = how == How.WALK_IN ? WALK_IN_SECONDS : 0;
    return inGrains(CHANGE_SECONDS + taught + first().songSeconds()) * GRAIN_SECONDS;
  }

  /** Quarters of a minute that seconds need. */
  static int inGrains(int seconds) {
    return Math.ceilDiv(seconds, GRAIN_SECONDS);
  }

  /** The groups that dance. */
  public Set<Long> who(List<Guests> guests) {
    Set<Long> who = new LinkedHashSet<>();
    for (Guests one : guests) {
      if (how == How.WALK_IN
          || dances.stream().anyMatch(it -> it.knownBy().contains(one.group()))) {
        who.add(one.group());
      }
    }
    return who;
  }

  /** Numbers of its dances. */
  public List<Long> numbers() {
    return dances.stream().map(SocialDance::dance).toList();
  }

  /** The dance that a group is on the floor with: the first that it knows; empty where none. */
  public Optional<SocialDance> danceOf(long group) {
    return dances.stream()
        .filter(it -> it.knownBy().contains(group))
        .findFirst()
        .or(() -> how == How.WALK_IN ? Optional.of(first()) : Optional.empty());
  }

  /** What a group has then done with its dance: danced it, or was taught it in five minutes. */
  public Happened happened(long group) {
    return danceOf(group).filter(it -> it.knownBy().contains(group)).isPresent()
        ? Happened.DANCED
        : Happened.TAUGHT;
  }

  /** How sure it then is: of what it was just taught, not very. Common practice, no source. */
  public Outcome outcome(long group) {
    return happened(group) == Happened.DANCED ? Outcome.SOLID : Outcome.SHAKY;
  }

  /** People who asked for what is danced, the first time. */
  int asked() {
    return how == How.AGAIN ? 0 : dances.stream().mapToInt(SocialDance::asked).sum();
  }

  /** What it asks of the body, 0 to 100; the most of two. */
  public int effort() {
    return dances.stream().mapToInt(it -> it.facts().effort()).max().orElse(0);
  }

  public Speed speed() {
    return first().facts().speed();
  }

  public Optional<String> kind() {
    return first().kind();
  }

  /** Whether somebody who is new can dance it. */
  boolean isEasy() {
    return dances.stream().anyMatch(SocialDance::isEasy);
  }
}
