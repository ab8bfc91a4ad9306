package ulnaawl.server.socials;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import ulnaawl.music.ListedSong;
import ulnaawl.server.dances.Catalog;
import ulnaawl.server.dances.CatalogDance;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Changes;
import ulnaawl.server.history.UntilChanged;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.platform.Today;
import ulnaawl.server.requests.Requests;
import ulnaawl.server.socials.SocialRow.Guest;
import ulnaawl.server.socials.SocialRow.SongLine;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.songs.SongService;
import ulnaawl.social.Guests;
import ulnaawl.social.Locked;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;
import ulnaawl.social.SocialDance;
import ulnaawl.social.SocialRequest;
import ulnaawl.song.EveningSong;
import ulnaawl.song.FloorSplit;

/** What could be played at a social, as the club stands today. */
@Component
class SocialFloor {

  private static final int MINUTE = 60;

  /** Room for what somebody puts into an order that is not among the choices. */
  private static final int BY_HAND = 200;

  private static final int MOST_SPLITS = 12;
  private static final int MOST_TRIED = 300;
  private static final int REMEMBERED = 20;
  private static final int REMEMBERED_SPLITS = 2000;

  private final GroupService groups;
  private final Standings standings;
  private final Requests requests;
  private final Catalog catalog;
  private final DanceReader reader;
  private final SongService songs;
  private final Today today;
  private final UntilChanged<Key, Ready> known;
  private final Cache<SplitKey, Boolean> splits =
      Caffeine.newBuilder().maximumSize(REMEMBERED_SPLITS).build();

  SocialFloor(
      GroupService groups,
      Standings standings,
      Requests requests,
      Catalog catalog,
      DanceReader reader,
      SongService songs,
      Changes changes,
      Today today) {
    this.groups = groups;
    this.standings = standings;
    this.requests = requests;
    this.catalog = catalog;
    this.reader = reader;
    this.songs = songs;
    this.known = new UntilChanged<>(changes, REMEMBERED);
    this.today = today;
  }

  private record Key(long social, int version, LocalDate day) {}

  private record SplitKey(String first, String second, ListedSong song) {}

  /** A dance of the club with the song that it is danced to. */
  record Danced(CatalogDance dance, SocialDance social, EveningSong song, Optional<SongRow> row) {

    /** Whether it is in the list, and its song where only those are wanted that have one. */
    boolean isOffered(SocialRow social) {
      return !dance.archived() && (!social.onlyListed() || row.isPresent());
    }
  }

  /**
   * A social with all that could be played.
   *
   * @param request the whole evening, with the order's locks left out
   * @param dances all dances, by number
   */
  record Ready(SocialRow row, SocialRequest request, Map<Long, Danced> dances) {

    /** What a line plays; empty where its dance cannot be danced any more. */
    Optional<Played> played(SongLine line) {
      List<SocialDance> found =
          line.dances().stream()
              .flatMap(it -> Optional.ofNullable(dances.get(it)).stream())
              .map(Danced::social)
              .toList();
      if (found.size() < line.dances().size()
          || (line.how() == Played.How.WALK_IN && !found.getFirst().isWalkIn())) {
        return Optional.empty();
      }
      return Optional.of(new Played(line.how(), found));
    }

    /** What was played, in order. */
    List<SocialRequest.Done> done() {
      return row.played().stream()
          .flatMap(it ->
              played(it).map(one -> new SocialRequest.Done(one, it.begun().orElse(0))).stream())
          .toList();
    }

    /**
     * What is still to come, to be laid out.
     *
     * @param now seconds since the beginning
     */
    SocialRequest rest(int now) {
      SocialRequest rest = request.after(done(), now);
      // What somebody put into the order is played, whether it would be chosen or not.
      List<Played> all = new ArrayList<>(rest.played());
      List<Locked> locks = new ArrayList<>();
      int place = 0;
      for (SongLine line : row.toCome()) {
        Optional<Played> played = played(line);
        if (played.isPresent()) {
          if (!all.contains(played.get())) {
            all.add(played.get());
          }
          if (line.stays()) {
            locks.add(new Locked(place, line.how(), line.dances()));
          }
          place++;
        }
      }
      return rest.with(all, locks);
    }
  }

  Ready of(SocialRow row) {
    return known.get(new Key(row.id(), row.version(), today.date()), _ -> read(row));
  }

  private Ready read(SocialRow row) {
    Map<Long, GroupRow> names = groups.everKnown();
    List<Guests> guests =
        row.guests().stream()
            .map(it -> {
              GroupRow group = Objects.requireNonNull(names.get(it.group()));
              return new Guests(it.group(), group.name(), group.level(), it.heads());
            })
            .toList();
    Map<Long, Danced> dances = dances(row);
    List<Played> played = new ArrayList<>();
    dances.values().stream()
        .filter(it -> it.isOffered(row))
        .forEach(it -> played.addAll(it.social().choices()));
    played.addAll(splits(row, dances, guests));
    played.addAll(Played.again(played, row.minutes() * MINUTE));
    SocialRequest request =
        new SocialRequest(
            row.minutes() * MINUTE,
            row.longestWait() * MINUTE,
            guests,
            played.subList(0, Math.min(played.size(), SocialRequest.MOST_PLAYED - BY_HAND)),
            row.between().stream()
                .map(it -> new Pause(it.kind(), it.at() * MINUTE, it.minutes() * MINUTE))
                .sorted(Comparator.comparingInt(Pause::at))
                .toList(),
            List.of(),
            SocialRequest.SoFar.NOTHING);
    return new Ready(row, request, dances);
  }

  private Map<Long, Danced> dances(SocialRow row) {
    Map<Long, Set<Long>> knownBy = new HashMap<>();
    Map<Long, Integer> asked = new HashMap<>();
    for (Guest guest : row.guests()) {
      standings.of(guest.group(), today.date()).stream()
          .filter(it -> SocialDance.isKnownAt(it.standing().stage()))
          .forEach(it ->
              knownBy.computeIfAbsent(it.row().id(), _ -> new HashSet<>()).add(guest.group()));
      requests.of(guest.group()).stream()
          .filter(Requests.Asked::isOpen)
          .forEach(it -> asked.merge(it.row().dance(), it.row().people(), Integer::sum));
    }
    Map<String, SongRow> listed =
        songs.all().stream()
            .collect(Collectors.toMap(it -> it.song().key(), Function.identity(), (a, _) -> a));
    Map<Long, Danced> dances = new LinkedHashMap<>();
    for (CatalogDance one : catalog.now().allEver()) {
      if (one.sound()) {
        ReadDance read = reader.read(one.row().stepText());
        Optional<SongRow> song =
            EveningSong.named(read.dance())
                .flatMap(it -> Optional.ofNullable(listed.get(ListedSong.key(it))));
        EveningSong evening = EveningSong.of(read.dance(), song.map(SongRow::song));
        SocialDance social =
            SocialDance.of(
                one.id(),
                one.facts(),
                evening,
                knownBy.getOrDefault(one.id(), Set.of()),
                asked.getOrDefault(one.id(), 0));
        dances.put(one.id(), new Danced(one, social, evening, song));
      }
    }
    return dances;
  }

  /** Two dances on one floor, for those of which some groups know only the one, some the other. */
  private List<Played> splits(SocialRow row, Map<Long, Danced> dances, List<Guests> guests) {
    List<Danced> known =
        dances.values().stream()
            .filter(it -> !it.social().knownBy().isEmpty())
            .filter(it -> it.isOffered(row))
            .toList();
    List<Played> found = new ArrayList<>();
    int tried = 0;
    for (Danced first : known) {
      for (Danced second : known) {
        if (found.size() == MOST_SPLITS || tried == MOST_TRIED) {
          return found;
        }
        if (first.dance().id() != second.dance().id()
            && first.social().isSplitWith(second.social(), guests)) {
          tried++;
          if (isPossible(first, second)) {
            found.add(Played.split(first.social(), second.social()));
          }
        }
      }
    }
    return found;
  }

  private boolean isPossible(Danced first, Danced second) {
    String one = first.dance().row().stepText();
    String other = second.dance().row().stepText();
    return first
        .song()
        .song()
        .filter(
            song -> splits.get(new SplitKey(one, other, song), _ -> isPossible(one, other, song)))
        .isPresent();
  }

  private boolean isPossible(String one, String other, ListedSong song) {
    ReadDance first = reader.read(one);
    ReadDance second = reader.read(other);
    return FloorSplit.isPossible(
        first.dance(), first.usualLevel(), second.dance(), second.usualLevel(), song);
  }
}
