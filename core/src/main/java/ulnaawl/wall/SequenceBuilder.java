package ulnaawl.wall;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Turn;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Phrase.OrderPhrase;
import ulnaawl.notation.Phrase.TagPhrase;
import ulnaawl.notation.Stated;
import ulnaawl.text.SourceSpan;

/** Walks through a dance wall by wall. What cannot be resolved is left out; checks say why. */
final class SequenceBuilder {

  private final Dance dance;
  private final SequenceRequest request;
  private final Optional<Tempo> tempo;
  private final int intro;
  private final int songCounts;
  private final List<Wall> walls = new ArrayList<>();
  private Facing facing = Facing.FRONT;
  private int counts;

  SequenceBuilder(Dance dance, SequenceRequest request) {
    this.dance = dance;
    this.request = request;
    this.tempo = request.song().flatMap(Song::countsPerMinute);
    this.intro = request.introOf(dance);
    this.songCounts =
        Math.max(
            0,
            request.song().stream().flatMapToInt(s -> s.counts().stream()).findFirst().orElse(0)
                - intro);
  }

  WallSequence build() {
    Optional<OrderPhrase> order = dance.order();
    if (order.isPresent()) {
      danceOrder(order.get());
    } else if (dance.main().counts() > 0) {
      while (goesOn()) {
        danceWall(dance.main(), dance.main().span());
      }
    }
    return new WallSequence(walls, songEnd());
  }

  private boolean goesOn() {
    int number = walls.size();
    if (number >= SequenceRequest.MOST_WALLS || endsHere()) {
      return false;
    }
    if (request.walls().isPresent()) {
      return number < request.walls().getAsInt();
    }
    return songCounts > 0 ? counts < songCounts : number < SequenceRequest.USUAL_WALLS;
  }

  private boolean endsHere() {
    List<WallEvent> events = walls.isEmpty() ? List.of() : walls.getLast().events();
    return !events.isEmpty() && events.stream().anyMatch(e -> e.kind() == WallEvent.Kind.ENDING);
  }

  private void danceOrder(OrderPhrase order) {
    for (Stated<String> name : order.names()) {
      if (walls.size() >= request.walls().orElse(SequenceRequest.MOST_WALLS)) {
        return;
      }
      Optional<Passage> part = dance.part(name.value());
      Optional<Passage> extra = dance.extra(name.value());
      if (part.isPresent()) {
        danceWall(part.get(), name.span());
      } else if (extra.isPresent() && !walls.isEmpty()) {
        List<WallEvent> events = new ArrayList<>(walls.getLast().events());
        List<Stretch> stretches = new ArrayList<>(walls.getLast().stretches());
        addTag(walls.size(), extra.get(), false, name.span(), events, stretches);
        walls.set(walls.size() - 1, withTag(walls.getLast(), events, stretches));
      }
    }
  }

  private static Wall withTag(Wall wall, List<WallEvent> events, List<Stretch> stretches) {
    return new Wall(
        wall.number(),
        wall.part(),
        wall.startFacing(),
        wall.endFacing(),
        wall.startCount(),
        wall.counts(),
        events,
        stretches,
        wall.startMillis());
  }

  private void danceWall(Passage part, SourceSpan cause) {
    int number = walls.size() + 1;
    Facing startFacing = facing;
    int startCount = counts;
    WallPlan plan = WallPlan.of(dance, number, part, request.optional());
    List<WallEvent> events = new ArrayList<>();
    List<Stretch> stretches = new ArrayList<>();
    int done = 0;
    for (WallPlan.Insert insert : plan.inserts()) {
      stretches.add(counts(part, plan, done, insert.after(), number, cause));
      done = insert.after();
      Facing from = startFacing.plus(turnOf(stretches));
      stretches.add(insert.stretch());
      Facing to = from.plus(insert.stretch().turn());
      events.add(
          new WallEvent(
              insert.id(),
              insert.after(),
              insert.stretch().counts(),
              from,
              to,
              false,
              startCount + countsOf(stretches) - insert.stretch().counts(),
              insert.stretch().cause()));
    }
    if (plan.ending().isEmpty()) {
      stretches.add(counts(part, plan, done, plan.danced(), number, cause));
    }
    stretches.removeIf(stretch -> stretch.counts() == 0);
    facing = startFacing.plus(turnOf(stretches));
    counts += countsOf(stretches);
    Facing endFacing = facing;
    int wallCounts = counts - startCount;
    plan.restart()
        .ifPresent(restart ->
            events.add(
                new WallEvent(
                    new EventId.Restart(restart.after().value()),
                    restart.after().value(),
                    0,
                    endFacing,
                    endFacing,
                    restart.optional(),
                    startCount + wallCounts,
                    restart.span())));
    for (Phrase phrase : dance.script().phrasing()) {
      if (phrase instanceof TagPhrase tag
          && (request.optional() || !tag.optional())
          && tag.walls().stream().anyMatch(wall -> wall.value() == number)) {
        dance
            .extra(tag.tag().value())
            .ifPresent(
                passage -> addTag(number, passage, tag.optional(), tag.span(), events, stretches));
      }
    }
    walls.add(
        new Wall(
            number,
            part.name(),
            startFacing,
            endFacing,
            startCount,
            wallCounts,
            events,
            stretches,
            millisAt(startCount)));
  }

  private void addTag(
      int wall,
      Passage tag,
      boolean optional,
      SourceSpan cause,
      List<WallEvent> events,
      List<Stretch> stretches) {
    EventId id = new EventId.Tag(tag.name());
    Stretch stretch = WallPlan.whole(wall, id, tag, cause);
    Facing from = facing;
    int startCount = counts;
    facing = facing.plus(stretch.turn());
    counts += stretch.counts();
    stretches.add(stretch);
    events.add(new WallEvent(id, 0, stretch.counts(), from, facing, optional, startCount, cause));
  }

  private static int countsOf(List<Stretch> stretches) {
    int counts = 0;
    for (Stretch stretch : stretches) {
      counts += stretch.counts();
    }
    return counts;
  }

  private static Turn turnOf(List<Stretch> stretches) {
    Turn turn = Turn.NONE;
    for (Stretch stretch : stretches) {
      turn = turn.plus(stretch.turn());
    }
    return turn;
  }

  private static Stretch counts(
      Passage part, WallPlan plan, int from, int to, int number, SourceSpan cause) {
    List<Place> places = plan.places(part, from, to);
    return new Stretch(
        number,
        Optional.empty(),
        Math.max(0, to - from),
        places.isEmpty() ? part.weightAfter(from) : places.getFirst().before(),
        places.isEmpty() ? part.weightAfter(from) : places.getLast().after(),
        places,
        from,
        plan.restart().map(Phrase::span).orElse(cause));
  }

  private OptionalLong millisAt(int count) {
    return tempo
        .map(t -> OptionalLong.of(t.millisOf((long) intro + count)))
        .orElse(OptionalLong.empty());
  }

  private Optional<SongEnd> songEnd() {
    if (songCounts == 0) {
      return Optional.empty();
    }
    for (Wall wall : walls) {
      int all = wall.counts() + wall.tagCounts();
      if (songCounts <= wall.startCount() + all) {
        int held = songCounts - wall.startCount();
        return Optional.of(
            new SongEnd(wall.number(), held, DancedPlace.facingAfter(wall, songCounts)));
      }
    }
    return Optional.empty();
  }
}
