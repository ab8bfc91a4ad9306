package ulnaawl.server.walls;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.music.SongPhrases;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.walls.WallsView.CallView;
import ulnaawl.server.walls.WallsView.CandidateView;
import ulnaawl.server.walls.WallsView.DancedPart;
import ulnaawl.server.walls.WallsView.FigureOnWall;
import ulnaawl.server.walls.WallsView.FitView;
import ulnaawl.server.walls.WallsView.MusicView;
import ulnaawl.server.walls.WallsView.PointView;
import ulnaawl.server.walls.WallsView.RingView;
import ulnaawl.server.walls.WallsView.StopView;
import ulnaawl.server.walls.WallsView.WallLine;
import ulnaawl.server.walls.WallsView.Walls;
import ulnaawl.server.wire.Reasons;
import ulnaawl.server.wire.SongView;
import ulnaawl.server.wire.WallView;
import ulnaawl.song.PhraseFit;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.DancedSection;
import ulnaawl.wall.EventId;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.SongEnd;
import ulnaawl.wall.SongFit;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallPoint;
import ulnaawl.wall.WallRing;
import ulnaawl.wall.WallSequence;
import ulnaawl.wall.where.WhereAreWe;
import ulnaawl.words.Speech;

/** Writes a dance with its music for the browser. */
@Component
@RequiredArgsConstructor
class WallsWriter {

  private final Reasons reasons;
  private final Speech speech;

  Walls write(
      DanceRow row,
      ReadDance read,
      Optional<Music.Choice> choice,
      SequenceRequest request,
      List<Music.Choice> sheet) {
    Dance dance = read.dance();
    WallSequence sequence = WallSequence.of(dance, request);
    return new Walls(
        row.id(),
        row.version(),
        dance.title(),
        read.usualLevel(),
        dance.main().counts(),
        dance.sections().size(),
        dance.headers().meter().sectionCounts(),
        dance.main().places().stream().findFirst().flatMap(Place::foot).orElse(null),
        dance.isPhrased(),
        dance.hasOptional(),
        request.optional(),
        sheet.stream().map(WallsWriter::music).toList(),
        choice.map(WallsWriter::music).orElse(null),
        fit(dance, request),
        ring(WallRing.of(dance, sequence)),
        walls(dance, sequence, choice, request),
        read.figures().stream().sorted().toList());
  }

  private static MusicView music(Music.Choice choice) {
    return new MusicView(
        choice.id(),
        choice.listed().map(SongRow::id).orElse(null),
        SongView.of(choice.song().song()),
        choice.song().phrases().label());
  }

  private static FitView fit(Dance dance, SequenceRequest request) {
    SongFit fit = SongFit.of(dance, request);
    Optional<SongEnd> end = fit.end();
    return new FitView(
        fit.wholeWalls(),
        nullable(fit.wallMillis()),
        request.introOf(dance),
        nullable(fit.introMillis()),
        nullable(fit.songCounts()),
        end.map(SongEnd::wall).orElse(null),
        end.map(SongEnd::count).orElse(null),
        end.map(SongEnd::facing).orElse((Facing) null),
        fit.left(),
        fit.idle());
  }

  private RingView ring(WallRing ring) {
    return new RingView(
        ring.rotation(),
        speech.walls().rotation(ring.rotation()),
        ring.stops().stream().map(stop -> new StopView(stop.facing(), stop.walls())).toList(),
        ring.breaks());
  }

  private List<WallLine> walls(
      Dance dance, WallSequence sequence, Optional<Music.Choice> choice, SequenceRequest request) {
    SongClock clock = SongClock.of(dance, request);
    SongPhrases phrases = choice.map(it -> it.song().phrases()).orElse(SongPhrases.UNKNOWN);
    Map<Integer, Integer> late =
        phrases.isKnown()
            ? PhraseFit.of(sequence, phrases, Math.max(1, dance.main().counts())).walls().stream()
                .collect(
                    Collectors.toMap(PhraseFit.WallOnPhrase::number, PhraseFit.WallOnPhrase::late))
            : Map.of();
    List<WallLine> lines = new ArrayList<>();
    for (CallSheet.Line line : CallSheet.of(dance, request).lines()) {
      Wall wall = line.wall();
      int held = clock.held(wall);
      lines.add(
          new WallLine(
              WallView.of(wall, speech),
              nullable(clock.millisAfter(wall.startCount() + held)),
              late.get(wall.number()),
              held,
              line.calls().stream().map(this::call).toList(),
              DancedSection.of(wall).stream().map(it -> part(it, clock)).toList()));
    }
    return lines;
  }

  CallView call(CallSheet.Call call) {
    EventId event = call.what() instanceof CallSheet.What.Event it ? it.event() : null;
    return new CallView(
        event,
        call.optional(),
        speech.walls().call(call.what()),
        speech.walls().shout(call),
        point(call.warning()),
        nullable(call.warningMillis()),
        point(call.point()),
        nullable(call.callMillis()),
        nullable(call.begins()),
        call.facing(),
        call.steps().stream().map(speech.walls()::steps).toList(),
        reasons.view(call.then(), speech.walls()::then));
  }

  private static PointView point(WallPoint point) {
    return new PointView(
        point.wall(), point.count(), point.section(), point.sectionCount(), point.during());
  }

  private DancedPart part(DancedSection section, SongClock clock) {
    return new DancedPart(
        speech.walls().danced(section),
        section.event().orElse(null),
        section.section(),
        section.start(),
        section.counts(),
        section.startFacing(),
        section.endFacing(),
        section.figures().stream().map(it -> figure(it, clock)).toList());
  }

  private static FigureOnWall figure(DancedSection.Figure figure, SongClock clock) {
    DancedPlace first = figure.first();
    return new FigureOnWall(
        StepTextFormatter.counts(figure.counts()),
        figure.call(),
        Math.max(1, first.wallCount()),
        figure.startFacing(),
        figure.endFacing(),
        first.place().foot().orElse(null),
        first.place().takesWeight(),
        nullable(clock.millisAfter(first.at().number() - 1)));
  }

  CandidateView candidate(WhereAreWe.Candidate it, CallSheet calls) {
    Wall wall = it.wall();
    int now = wall.startCount() + it.from().count();
    return new CandidateView(
        wall.number(),
        wall.startFacing(),
        point(it.from()),
        point(it.to()),
        nullable(it.beginsMillis()),
        it.percent(),
        speech.walls().candidate(it),
        calls.next(now).map(this::call).orElse(null));
  }

  private static @Nullable Long nullable(OptionalLong number) {
    return number.isPresent() ? Long.valueOf(number.getAsLong()) : null;
  }

  private static @Nullable Integer nullable(OptionalInt number) {
    return number.isPresent() ? Integer.valueOf(number.getAsInt()) : null;
  }
}
