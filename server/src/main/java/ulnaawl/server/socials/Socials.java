package ulnaawl.server.socials;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Action;
import ulnaawl.server.history.Change;
import ulnaawl.server.history.Thing;
import ulnaawl.server.learning.EntryRow;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.socials.SocialFloor.Ready;
import ulnaawl.server.socials.SocialRow.Between;
import ulnaawl.server.socials.SocialRow.Guest;
import ulnaawl.server.socials.SocialRow.SongLine;
import ulnaawl.social.Pause;
import ulnaawl.social.Played;
import ulnaawl.social.SocialDance;

/** Socials: made, changed, played, and written into the record. */
@Service
@RequiredArgsConstructor
public class Socials {

  private static final int MOST_SOCIALS = 100;
  private static final int MOST_SONGS = 200;
  private static final int DEMO_MINUTES = 150;
  private static final int DEMO_WAIT = 12;

  private final SocialStore store;
  private final SocialFloor floor;
  private final SocialSheets sheets;
  private final GroupService groups;
  private final RecordService record;
  private final DanceService dances;
  private final ApplicationEventPublisher events;
  private final Today today;

  List<SocialRow> all() {
    return store.all();
  }

  SocialRow get(long id) {
    return store.find(id).orElseThrow(() -> Problem.gone("This social is not here any more."));
  }

  @Transactional
  SocialRow make(SocialRow draft, SignedIn me) {
    check(draft);
    if (store.all().size() >= MOST_SOCIALS) {
      throw Problem.rejected("Up to " + MOST_SOCIALS + " socials are kept; remove some.");
    }
    long id = store.add(draft);
    events.publishEvent(Change.added(Thing.SOCIAL, id, me.person(), draft.name()));
    return get(id);
  }

  private void check(SocialRow draft) {
    if (draft.guests().isEmpty()) {
      throw Problem.rejected("A social wants a group that comes; choose one at least.");
    }
    Set<Long> seen = new HashSet<>();
    for (Guest guest : draft.guests()) {
      groups.active(guest.group());
      if (!seen.add(guest.group())) {
        throw Problem.rejected("A group is on the list twice.");
      }
    }
    for (Between one : draft.between()) {
      if (one.at() >= draft.minutes()) {
        throw Problem.rejected(
            "What comes in between comes within the " + draft.minutes() + " minutes.");
      }
      if ((one.minutes() == 0) != (one.kind() == Pause.Kind.WALK_IN)) {
        throw Problem.rejected(
            "A break and a raffle last some minutes; a walk-in lasts as long as its dance.");
      }
    }
  }

  /** Another frame: name, day, length, guests, what comes in between; the songs stay. */
  @Transactional
  SocialRow frame(SocialRow draft, SignedIn me) {
    check(draft);
    return change(draft.with(open(draft.id(), draft.version()).songs()), me);
  }

  private SocialRow change(SocialRow row, SignedIn me) {
    if (!store.change(row)) {
      get(row.id());
      throw Problem.changed("Somebody", "this social");
    }
    events.publishEvent(
        Change.next(
            Thing.SOCIAL, row.id(), Action.CHANGED, me.person(), row.version(), row.name()));
    return get(row.id());
  }

  /** Another order of what is to come; what was played stays. */
  @Transactional
  SocialRow order(long id, int version, List<SongLine> toCome, SignedIn me) {
    SocialRow row = open(id, version);
    List<SongLine> songs = new ArrayList<>(row.played());
    songs.addAll(toCome);
    return ordered(row, songs, me);
  }

  private SocialRow ordered(SocialRow row, List<SongLine> songs, SignedIn me) {
    if (songs.size() > MOST_SONGS) {
      throw Problem.rejected("An evening has up to " + MOST_SONGS + " songs.");
    }
    Ready ready = floor.of(row);
    Set<Long> once = new HashSet<>();
    Set<Long> twice = new HashSet<>();
    List<SongLine> said = new ArrayList<>();
    for (SongLine one : songs) {
      SongLine line = one.as(one.how().timed(once.contains(one.dance())));
      said.add(line);
      for (long dance : line.dances()) {
        String title = dances.get(dance).title();
        if (!once.add(dance) && (line.how() != Played.How.AGAIN || !twice.add(dance))) {
          throw Problem.rejected(title + " is in the order too often; twice is the most.");
        }
        if (!line.isPlayed() && !ready.dances().containsKey(dance)) {
          throw Problem.rejected(title + " cannot be danced as it is written.");
        }
        if (line.how() == Played.How.WALK_IN
            && !line.isPlayed()
            && !Objects.requireNonNull(ready.dances().get(dance)).social().isWalkIn()) {
          throw Problem.rejected(title + " is not picked up in five minutes.");
        }
      }
    }
    return change(row.with(said), me);
  }

  private SocialRow at(long id, int version) {
    SocialRow row = get(id);
    if (row.version() != version) {
      throw Problem.changed("Somebody", "this social");
    }
    return row;
  }

  /** What is in the record does not change any more. */
  private SocialRow open(long id, int version) {
    SocialRow row = at(id, version);
    if (row.recorded()) {
      throw Problem.conflict("This social is over and in the record.");
    }
    return row;
  }

  /**
   * A song is played now, whether it stood next, later, or nowhere yet.
   *
   * @param begun seconds since the beginning
   */
  @Transactional
  SocialRow play(long id, int version, SongLine wanted, int begun, SignedIn me) {
    SocialRow row = open(id, version);
    int after = row.played().isEmpty() ? 0 : row.played().getLast().begun().orElse(0);
    SongLine now =
        new SongLine(
            wanted.how(),
            wanted.dance(),
            wanted.other(),
            false,
            OptionalInt.of(Math.max(after, begun)));
    List<SongLine> songs = new ArrayList<>(row.played());
    songs.add(now);
    // Whatever of it stood later does not come again.
    row.toCome().stream()
        .filter(it -> it.how() == Played.How.AGAIN || !shares(it, now))
        .filter(it -> now.how() != Played.How.AGAIN || it.how() != now.how() || !shares(it, now))
        .forEach(songs::add);
    return ordered(row, songs, me);
  }

  private static boolean shares(SongLine one, SongLine other) {
    return one.dances().stream().anyMatch(other.dances()::contains);
  }

  /** The last song that was played was not: it comes next again. */
  @Transactional
  SocialRow unplay(long id, int version, SignedIn me) {
    SocialRow row = open(id, version);
    if (row.played().isEmpty()) {
      throw Problem.conflict("There is nothing to take back.");
    }
    List<SongLine> songs = new ArrayList<>(row.songs());
    int last = row.played().size() - 1;
    SongLine line = songs.get(last);
    songs.set(
        last, new SongLine(line.how(), line.dance(), line.other(), false, OptionalInt.empty()));
    return ordered(row, songs, me);
  }

  /** What was danced goes into the record of every group that danced it; once. */
  @Transactional
  SocialRow record(long id, int version, SignedIn me) {
    SocialRow row = at(id, version);
    if (row.date().isAfter(today.date())) {
      throw Problem.rejected(
          "This social is on " + row.date() + "; it is written down once it has been.");
    }
    if (row.played().isEmpty()) {
      throw Problem.rejected("Nothing was played yet.");
    }
    if (!store.recorded(id, version, today.moment())) {
      throw Problem.conflict("This social is in the record already, or somebody changed it.");
    }
    Ready ready = floor.of(row);
    // A group that has been removed since has no record to write into.
    List<Guest> here =
        row.guests().stream().filter(it -> !groups.get(it.group()).archived()).toList();
    // A dance that came twice is in the record of the day once.
    for (SongLine line :
        row.played().stream().filter(it -> it.how() != Played.How.AGAIN).toList()) {
      for (Played played : ready.played(line).stream().toList()) {
        for (Guest guest : here) {
          Optional<SocialDance> danced = played.danceOf(guest.group());
          if (danced.isPresent()) {
            written(row, guest.group(), danced.get(), played, me);
          }
        }
      }
    }
    events.publishEvent(
        Change.next(Thing.SOCIAL, id, Action.RECORDED, me.person(), version, row.name()));
    return get(id);
  }

  private void written(SocialRow row, long group, SocialDance danced, Played played, SignedIn me) {
    Happened happened = played.happened(group);
    record.record(
        group,
        Optional.empty(),
        new RecordService.Entry(
            danced.dance(),
            row.date(),
            happened,
            SectionSet.upTo(danced.facts().sections().size()),
            played.outcome(group),
            row.name(),
            EntryRow.Details.NONE),
        me);
  }

  @Transactional
  void archive(long id, int version, SignedIn me) {
    SocialRow row = get(id);
    if (!store.archive(id, version)) {
      throw Problem.changed("Somebody", "this social");
    }
    events.publishEvent(Change.archived(Thing.SOCIAL, id, me.person(), version, row.name()));
  }

  /** A social of all groups with the order that is proposed. */
  @Transactional
  public void makeOrdered(String name, LocalDate date, LocalTime startsAt, int heads, SignedIn me) {
    List<Guest> guests = groups.all().stream().map(it -> new Guest(it.id(), heads)).toList();
    SocialRow row =
        make(
            new SocialRow(
                0,
                name,
                date,
                startsAt,
                DEMO_MINUTES,
                DEMO_WAIT,
                false,
                1,
                false,
                guests,
                List.of(
                    new Between(Pause.Kind.WALK_IN, 20, 0),
                    new Between(Pause.Kind.BREAK, 70, 15),
                    new Between(Pause.Kind.RAFFLE, 115, 10)),
                List.of()),
            me);
    change(row.with(lines(sheets.planned(row, 0))), me);
  }

  /** The songs to come of an order that was proposed. */
  private static List<SongLine> lines(SocialView.OrderView order) {
    return order.lines().stream()
        .filter(it -> it.how() != null && it.begun() == null)
        .map(it ->
            new SongLine(
                Objects.requireNonNull(it.how()),
                it.dances().getFirst().dance(),
                it.dances().stream().skip(1).findFirst().map(two -> two.dance()),
                it.stays(),
                OptionalInt.empty()))
        .toList();
  }
}
