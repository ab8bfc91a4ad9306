package ulnaawl.server.socials;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.music.Song;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.socials.SocialFloor.Danced;
import ulnaawl.server.socials.SocialFloor.Ready;
import ulnaawl.server.socials.SocialRow.SongLine;
import ulnaawl.server.socials.SocialView.GuestView;
import ulnaawl.server.socials.SocialView.OrderLine;
import ulnaawl.server.socials.SocialView.OrderView;
import ulnaawl.server.socials.SocialView.PauseView;
import ulnaawl.server.socials.SocialView.PlayableDance;
import ulnaawl.server.socials.SocialView.PlayedDance;
import ulnaawl.server.socials.SocialView.SocialSheet;
import ulnaawl.server.socials.SocialView.SongReason;
import ulnaawl.server.socials.SocialView.WaitView;
import ulnaawl.social.Guests;
import ulnaawl.social.Played;
import ulnaawl.social.SocialDance;
import ulnaawl.social.SocialLine;
import ulnaawl.social.SocialOrder;
import ulnaawl.social.SocialPlan;
import ulnaawl.social.SocialPlanner;
import ulnaawl.social.SocialRequest;
import ulnaawl.song.EveningSong;
import ulnaawl.words.Speech;

/** Socials as they are shown. */
@Component
@RequiredArgsConstructor
class SocialSheets {

  private final SocialFloor floor;
  private final Speech speech;

  /** A plan takes all of a processor for some seconds. */
  private final Semaphore room = new Semaphore(2);

  SocialSheet sheet(SocialRow row) {
    Ready ready = floor.of(row);
    List<PlayableDance> dances =
        ready.dances().values().stream()
            .filter(it -> !it.dance().archived())
            .map(Danced::social)
            .filter(it -> !it.knownBy().isEmpty() || it.isWalkIn())
            .map(SocialSheets::playable)
            .toList();
    long without =
        ready.dances().values().stream()
            .filter(it -> !it.dance().archived())
            .filter(it -> !it.social().knownBy().isEmpty() && it.row().isEmpty())
            .count();
    List<Played> order = row.toCome().stream().flatMap(it -> ready.played(it).stream()).toList();
    SocialPlan plan = SocialOrder.of(ready.rest(0), order, 0);
    return new SocialSheet(
        row.id(),
        row.name(),
        row.date(),
        row.startsAt(),
        row.minutes(),
        row.longestWait(),
        row.onlyListed(),
        row.version(),
        row.recorded(),
        ready.request().guests().stream()
            .map(it -> new GuestView(it.group(), it.name(), it.level(), it.heads()))
            .toList(),
        row.between().stream().map(it -> new PauseView(it.kind(), it.at(), it.minutes())).toList(),
        order(ready, plan, null),
        dances,
        Math.toIntExact(without));
  }

  private static PlayableDance playable(SocialDance dance) {
    return new PlayableDance(
        dance.dance(),
        dance.facts().title(),
        dance.facts().level(),
        dance.facts().counts(),
        dance.songSeconds(),
        dance.facts().effort(),
        dance.knownBy().stream().sorted().toList(),
        dance.asked(),
        dance.isWalkIn());
  }

  /** What was played, and a plan of what is to come. */
  OrderView order(Ready ready, SocialPlan plan, @Nullable Integer gap) {
    SocialRow row = ready.row();
    List<OrderLine> lines = new ArrayList<>();
    int place = 0;
    for (SongLine line : row.played()) {
      Optional<Played> played = ready.played(line);
      if (played.isPresent()) {
        lines.add(
            song(
                ready,
                place,
                line.begun().orElse(0),
                played.get(),
                played.get().who(ready.request().guests()).stream().sorted().toList(),
                List.of(),
                Optional.of(line),
                List.of()));
      }
      place++;
    }
    List<SongLine> toCome = new ArrayList<>(row.toCome());
    for (SocialLine line : plan.lines()) {
      if (line.played().isEmpty()) {
        lines.add(pause(line));
        continue;
      }
      Played played = line.played().get();
      Optional<SongLine> stored =
          toCome.stream()
              .filter(it -> it.how() == played.how() && it.dances().equals(played.numbers()))
              .findFirst();
      lines.add(
          song(
              ready,
              place,
              line.start(),
              played,
              line.who().stream().sorted().toList(),
              line.sittingTooLong().stream().sorted().toList(),
              stored,
              reasons(ready, line)));
      place++;
    }
    int ends = lines.isEmpty() ? 0 : lines.getLast().start() + lines.getLast().seconds();
    List<WaitView> waits =
        plan.longestWaits().entrySet().stream()
            .map(it -> new WaitView(it.getKey(), it.getValue()))
            .sorted(Comparator.comparingLong(WaitView::group))
            .toList();
    return new OrderView(lines, plan.points(), gap, ends, waits);
  }

  private List<SongReason> reasons(Ready ready, SocialLine line) {
    Map<Long, String> names = new HashMap<>();
    for (Guests one : ready.request().guests()) {
      names.put(one.group(), one.name());
    }
    return line.reasons().stream()
        .map(it ->
            new SongReason(
                speech
                    .social()
                    .reason(it, group -> Objects.requireNonNullElse(names.get(group), "A group")),
                it.points()))
        .toList();
  }

  private static OrderLine pause(SocialLine line) {
    return new OrderLine(
        null,
        line.start(),
        line.seconds(),
        line.pause().orElse(null),
        null,
        List.of(),
        null,
        null,
        null,
        null,
        List.of(),
        List.of(),
        0,
        false,
        null,
        List.of());
  }

  private OrderLine song(
      Ready ready,
      int place,
      int start,
      Played played,
      List<Long> who,
      List<Long> tooLong,
      Optional<SongLine> stored,
      List<SongReason> reasons) {
    Danced first = Objects.requireNonNull(ready.dances().get(played.numbers().getFirst()));
    EveningSong evening = first.song();
    Optional<Song> song = evening.song().map(it -> it.song());
    return new OrderLine(
        place,
        start,
        played.seconds(),
        null,
        played.how(),
        played.dances().stream()
            .map(it ->
                new PlayedDance(
                    it.dance(), it.facts().title(), it.facts().level(), it.facts().counts()))
            .toList(),
        song.map(Song::title).orElse(null),
        song.flatMap(Song::artist).orElse(null),
        evening.song().flatMap(it -> it.location()).orElse(null),
        evening.missing().map(speech.songs()::missing).orElse(null),
        who,
        tooLong,
        played.effort(),
        stored.map(SongLine::stays).orElse(false),
        stored.filter(SongLine::isPlayed).map(it -> it.begun().getAsInt()).orElse(null),
        reasons);
  }

  /** The best rest of an evening, to be looked at before it is taken. */
  OrderView planned(SocialRow row, int now) {
    Ready ready = floor.of(row);
    SocialRequest rest = ready.rest(now);
    if (!room.tryAcquire()) {
      throw Problem.tooMany("Two evenings are being planned just now; try again in a moment.");
    }
    try {
      SocialPlan plan = SocialPlanner.plan(rest);
      return order(ready, plan, plan.gap());
    } finally {
      room.release();
    }
  }
}
