package ulnaawl.server.runthrough;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Meter;
import ulnaawl.play.Leg;
import ulnaawl.play.Performance;
import ulnaawl.play.Track;
import ulnaawl.play.band.Hit;
import ulnaawl.server.runthrough.RunThroughView.HitView;
import ulnaawl.server.runthrough.RunThroughView.LadderView;
import ulnaawl.server.runthrough.RunThroughView.LegView;
import ulnaawl.server.runthrough.RunThroughView.MarkView;
import ulnaawl.server.runthrough.RunThroughView.RunSongView;
import ulnaawl.server.runthrough.RunThroughView.RungView;
import ulnaawl.server.runthrough.RunThroughView.SaidView;
import ulnaawl.server.runthrough.RunThroughView.ScopeChoice;
import ulnaawl.server.runthrough.RunThroughView.StandView;
import ulnaawl.server.runthrough.RunThroughView.StepView;
import ulnaawl.server.runthrough.RunThroughView.TrackView;
import ulnaawl.server.runthrough.RunThroughs.Rehearsed;
import ulnaawl.server.wire.PlaceView.FeetView;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.teach.ladder.LadderTable;
import ulnaawl.teach.ladder.LadderWalk;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.Wall;
import ulnaawl.words.Speech;

/** Writes run-throughs for the browser. */
@Component
@RequiredArgsConstructor
class RunThroughWriter {

  private final Speech speech;

  RunThroughView view(Rehearsed rehearsed, Scope scope) {
    Track track = Track.of(rehearsed.lesson(), scope);
    Meter meter = rehearsed.meter();
    TempoLadder ladder = rehearsed.ladder();
    return new RunThroughView(
        rehearsed.dance(),
        rehearsed.lesson().dance().title(),
        ScopeView.of(scope),
        speech.teach().scope(scope),
        track.isWhole(rehearsed.lesson()),
        ladder.full(),
        rehearsed.rateKnown(),
        meter.beats(),
        meter.sectionCounts(),
        TeachPace.countIn(meter),
        ladder(rehearsed, track),
        track(track),
        hits(rehearsed.hits(track)),
        rehearsed.song().map(song -> song(rehearsed, song)).orElse(null),
        rehearsed.lesson().walls().walls().stream().map(Wall::startCount).toList(),
        rehearsed.lesson().scopes().stream()
            .map(it -> new ScopeChoice(ScopeView.of(it), speech.teach().scope(it)))
            .toList());
  }

  private LadderView ladder(Rehearsed rehearsed, Track track) {
    TempoLadder ladder = rehearsed.ladder();
    LadderTable table = LadderTable.of(ladder);
    List<RungView> rungs =
        IntStream.range(0, ladder.percents().size())
            .mapToObj(rung ->
                new RungView(
                    ladder.percents().get(rung),
                    ladder.rate(rung),
                    speech.teach().suggestion(LadderWalk.enough(ladder, rung)),
                    said(rehearsed.at(track, ladder.rate(rung)))))
            .toList();
    List<StandView> stands =
        table.stands().stream()
            .map(it -> new StandView(it.rung(), it.clean(), it.shaky(), it.lost(), it.top()))
            .toList();
    return new LadderView(
        rehearsed.known(), TempoLadder.LOWEST, TempoLadder.FASTEST, rungs, stands, table.hold());
  }

  private static List<SaidView> said(Performance performance) {
    return performance.said().stream()
        .map(it -> new SaidView(it.tick(), it.endTick(), it.kind(), it.text(), it.keys()))
        .toList();
  }

  private TrackView track(Track track) {
    return new TrackView(
        track.songStart(),
        track.counts(),
        track.startFacing(),
        FeetView.of(track.startFeet()),
        track.startWeight(),
        track.legs().stream().map(this::leg).toList(),
        track.steps().stream().map(RunThroughWriter::step).toList(),
        track.announced().stream().map(this::mark).toList());
  }

  private LegView leg(Leg leg) {
    return new LegView(
        leg.tick(),
        leg.counts(),
        leg.firstCount(),
        leg.wall(),
        leg.part(),
        leg.section(),
        leg.event().map(speech.walls()::event).orElse("section " + leg.section()),
        leg.event().map(it -> it.kind()).orElse(null),
        leg.startFacing());
  }

  private static StepView step(Track.Step step) {
    return new StepView(
        step.tick(),
        step.leg(),
        step.place().count().label(),
        step.place().foot().orElse(null),
        step.place().after(),
        step.place().takesWeight(),
        step.danced().facing(),
        step.place().run(),
        step.place().call().aloud(),
        FeetView.of(step.danced().feet()));
  }

  private MarkView mark(Track.Announced one) {
    return new MarkView(
        one.tick(),
        speech.walls().call(one.call().what()),
        one.call().steps().stream().map(speech.walls()::steps).collect(Collectors.joining(", ")),
        one.call().facing());
  }

  private static List<HitView> hits(List<Hit> hits) {
    return hits.stream()
        .map(it -> new HitView(it.tick(), it.instrument(), it.strength(), it.semitones()))
        .toList();
  }

  private static RunSongView song(Rehearsed rehearsed, ListedSong song) {
    SequenceRequest request = SequenceRequest.ofSheet(rehearsed.lesson().dance(), song, false);
    SongClock clock = SongClock.of(rehearsed.lesson().dance(), request);
    return new RunSongView(
        song.song().title(),
        song.song().artist().orElse(null),
        song.song().countsPerMinute().orElse(null),
        number(song.song().lengthSeconds()),
        clock.intro(),
        number(clock.counts()));
  }

  private static @Nullable Integer number(OptionalInt number) {
    return number.isPresent() ? Integer.valueOf(number.getAsInt()) : null;
  }
}
