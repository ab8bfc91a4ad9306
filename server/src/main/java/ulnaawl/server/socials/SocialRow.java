package ulnaawl.server.socials;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import ulnaawl.server.platform.Problem;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;

/**
 * A social as it is stored.
 *
 * @param longestWait minutes for which a group should at most wait
 * @param onlyListed whether only songs of the club's list are played
 * @param recorded whether what was danced is in the record
 * @param songs what is played, in order; what was played comes first
 */
record SocialRow(
    long id,
    String name,
    LocalDate date,
    LocalTime startsAt,
    int minutes,
    int longestWait,
    boolean onlyListed,
    int version,
    boolean recorded,
    List<Guest> guests,
    List<Between> between,
    List<SongLine> songs) {

  SocialRow {
    guests = List.copyOf(guests);
    between = List.copyOf(between);
    songs = List.copyOf(songs);
  }

  /** A group that comes, with how many. */
  record Guest(long group, int heads) {}

  /** What comes in between at about a minute; of a walk-in the minutes are 0. */
  record Between(Pause.Kind kind, int at, int minutes) {}

  /**
   * A song; refused where it has a second dance and is no split floor, or is one without.
   *
   * @param other the second dance of a split floor
   * @param stays whether somebody wants it in that place
   * @param begun seconds from the beginning to when it was played; empty where it is to come
   */
  record SongLine(
      Played.How how, long dance, Optional<Long> other, boolean stays, OptionalInt begun) {

    SongLine {
      if ((how == Played.How.SPLIT) != other.isPresent()) {
        throw Problem.rejected("A split floor has two dances, any other song has one.");
      }
    }

    boolean isPlayed() {
      return begun.isPresent();
    }

    SongLine as(Played.How other) {
      return new SongLine(other, dance, this.other, stays, begun);
    }

    List<Long> dances() {
      return Stream.concat(Stream.of(dance), other.stream()).toList();
    }
  }

  List<SongLine> played() {
    return songs.stream().filter(SongLine::isPlayed).toList();
  }

  List<SongLine> toCome() {
    return songs.stream().filter(it -> !it.isPlayed()).toList();
  }

  SocialRow with(List<SongLine> others) {
    return new SocialRow(
        id,
        name,
        date,
        startsAt,
        minutes,
        longestWait,
        onlyListed,
        version,
        recorded,
        guests,
        between,
        others);
  }
}
