package ulnaawl.server.socials;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;

/** The shapes in which a social goes over the wire. */
final class SocialView {

  private SocialView() {}

  /** A social in the list. */
  record SocialCard(
      long id, String name, LocalDate date, LocalTime startsAt, int groups, int songs) {}

  /**
   * A social with its order.
   *
   * @param minutes how long it lasts
   * @param longestWait minutes for which a group should at most wait
   * @param onlyListed whether only songs of the club's list are played
   * @param recorded whether what was danced is in the record
   * @param order the songs, with what comes in between
   * @param dances what could be played, by title
   * @param withoutSong how many dances that somebody knows have no song on the club's list
   */
  record SocialSheet(
      long id,
      String name,
      LocalDate date,
      LocalTime startsAt,
      int minutes,
      int longestWait,
      boolean onlyListed,
      int version,
      boolean recorded,
      List<GuestView> guests,
      List<PauseView> between,
      OrderView order,
      List<PlayableDance> dances,
      int withoutSong) {}

  /** A group that comes. */
  record GuestView(long group, String name, Level level, int heads) {}

  /** What comes in between at about a minute. */
  record PauseView(Pause.Kind kind, int at, int minutes) {}

  /**
   * A dance that could be played.
   *
   * @param seconds of its song
   * @param knownBy numbers of the groups that know it
   * @param walkIn whether it is picked up in five minutes
   */
  record PlayableDance(
      long dance,
      String title,
      Level level,
      int counts,
      int seconds,
      int effort,
      List<Long> knownBy,
      int asked,
      boolean walkIn) {}

  /**
   * An order of songs.
   *
   * @param points what the rest is worth
   * @param gap points by which a better rest could differ at most; nothing where nobody looked
   * @param endsAt seconds from the beginning to the end of the last song
   */
  record OrderView(
      List<OrderLine> lines, int points, @Nullable Integer gap, int endsAt, List<WaitView> waits) {}

  /** The longest wait of a group, in seconds of others dancing. */
  record WaitView(long group, int seconds) {}

  /**
   * A line of the order: a song, or what comes in between.
   *
   * @param place of a song among all songs, from 0; nothing else
   * @param start seconds from the beginning
   * @param pause what comes in between; nothing for a song
   * @param how how a song is danced; nothing else
   * @param song its title, where it is known
   * @param location where the club has it
   * @param missing what is not there to play it, in words
   * @param who numbers of the groups that dance
   * @param tooLong numbers of the groups that sit for longer than they should meanwhile
   * @param begun seconds from the beginning to when it was played; nothing where it is to come
   */
  record OrderLine(
      @Nullable Integer place,
      int start,
      int seconds,
      Pause.@Nullable Kind pause,
      Played.@Nullable How how,
      List<PlayedDance> dances,
      @Nullable String song,
      @Nullable String artist,
      @Nullable String location,
      @Nullable String missing,
      List<Long> who,
      List<Long> tooLong,
      int effort,
      boolean stays,
      @Nullable Integer begun,
      List<SongReason> reasons) {}

  /** A dance that is played. */
  record PlayedDance(long dance, String title, Level level, int counts) {}

  /** Why, and what that is worth. */
  record SongReason(String text, int points) {}
}
