package ulnaawl.server.walls;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.floor.Foot;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;
import ulnaawl.notation.StepTextFormatter;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.songs.SongRow;
import ulnaawl.server.walls.WallsView.CallView;
import ulnaawl.server.walls.WallsView.DancedFigure;
import ulnaawl.server.walls.WallsView.DancedPart;
import ulnaawl.server.walls.WallsView.FitView;
import ulnaawl.server.walls.WallsView.MusicView;
import ulnaawl.server.walls.WallsView.PointView;
import ulnaawl.server.walls.WallsView.RingView;
import ulnaawl.server.walls.WallsView.SpecialView;
import ulnaawl.server.walls.WallsView.StopView;
import ulnaawl.server.walls.WallsView.WallLine;
import ulnaawl.server.walls.WallsView.Walls;
import ulnaawl.song.PhraseFit;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.DancedSection;
import ulnaawl.wall.Moment;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.SongEnd;
import ulnaawl.wall.SongFit;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallPoint;
import ulnaawl.wall.WallRing;
import ulnaawl.wall.WallSequence;

/** Writes a dance with its music for the browser. */
final class WallsWriter {

  private final ReadDance read;
  private final Dance dance;
  private final Optional<Music.Choice> choice;
  private final SequenceRequest request;
  private final SongClock clock;
  private final WallSequence sequence;

  WallsWriter(ReadDance read, Optional<Music.Choice> choice, SequenceRequest request) {
    this.read = read;
    this.dance = read.dance();
    this.choice = choice;
    this.request = request;
    this.clock = SongClock.of(dance, request);
    this.sequence = WallSequence.of(dance, request);
  }

  Walls write(DanceRow row, List<Music.Choice> sheet) {
    Optional<Foot> first = dance.main().places().stream().findFirst().flatMap(Place::foot);
    return new Walls(
        row.id(),
        row.version(),
        dance.title(),
        read.usualLevel().label(),
        dance.main().counts(),
        dance.parts().stream().mapToInt(part -> part.sections().size()).sum(),
        first.map(Foot::letter).orElse(""),
        dance.isPhrased(),
        dance.hasOptional(),
        request.optional(),
        sheet.stream().map(WallsWriter::music).toList(),
        choice.map(WallsWriter::music).orElse(null),
        fit(),
        ring(),
        walls(),
        read.figures().stream().sorted().toList());
  }

  static MusicView music(Music.Choice choice) {
    return new MusicView(
        choice.id(),
        choice.listed().map(SongRow::id).orElse(null),
        choice.song().song().title(),
        choice.song().song().artist().orElse(null),
        choice.song().song().bpm().map(Tempo::label).orElse(null),
        choice.song().song().rate().label(),
        choice.song().song().countsPerMinute().map(Tempo::label).orElse(null),
        nullable(choice.song().song().lengthSeconds()),
        choice.song().phrases().label());
  }

  private FitView fit() {
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
        end.map(it -> it.facing().eighths()).orElse(null),
        fit.left(),
        fit.idle());
  }

  private RingView ring() {
    WallRing ring = WallRing.of(dance, sequence);
    return new RingView(
        ring.rotation().words(),
        ring.stops().stream()
            .map(stop -> new StopView(stop.facing().eighths(), stop.walls()))
            .toList(),
        ring.breaks());
  }

  private List<WallLine> walls() {
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
              wall.number(),
              wall.part(),
              wall.startFacing().eighths(),
              wall.endFacing().eighths(),
              wall.startCount(),
              wall.counts(),
              wall.tagCounts(),
              nullable(wall.startMillis()),
              nullable(clock.millisAfter(wall.startCount() + held)),
              late.get(wall.number()),
              held,
              wall.events().stream().map(event -> special(wall, event)).toList(),
              line.calls().stream().map(WallsWriter::call).toList(),
              DancedSection.of(wall).stream().map(this::part).toList()));
    }
    return lines;
  }

  private static SpecialView special(Wall wall, WallEvent event) {
    return new SpecialView(
        event.kind().name(),
        event.label(),
        event.startCount() - wall.startCount(),
        event.counts(),
        event.from().eighths(),
        event.to().eighths(),
        event.optional());
  }

  static CallView call(CallSheet.Call call) {
    return new CallView(
        call.what().name(),
        call.optional(),
        call.words(),
        point(call.point()),
        nullable(call.callMillis()),
        nullable(call.begins()),
        call.facing().eighths(),
        call.steps(),
        call.then());
  }

  static PointView point(WallPoint point) {
    return new PointView(
        point.wall(), point.count(), point.section(), point.sectionCount(), point.during());
  }

  private DancedPart part(DancedSection section) {
    return new DancedPart(
        section.what(),
        section.section(),
        section.special(),
        section.start(),
        section.counts(),
        section.startFacing().eighths(),
        section.endFacing().eighths(),
        section.figures().stream().map(this::figure).toList());
  }

  private DancedFigure figure(DancedSection.Figure figure) {
    Moment first = figure.first();
    Optional<Foot> foot = first.place().foot();
    return new DancedFigure(
        StepTextFormatter.counts(figure.counts()),
        figure.call(),
        Math.max(1, first.wallCount()),
        figure.startFacing().eighths(),
        figure.endFacing().eighths(),
        foot.map(Foot::letter).orElse(null),
        foot.isPresent() && !first.place().isWithoutWeight(),
        nullable(clock.millisAfter(first.at().number() - 1)));
  }

  static @Nullable Long nullable(OptionalLong number) {
    return number.isPresent() ? Long.valueOf(number.getAsLong()) : null;
  }

  static @Nullable Integer nullable(OptionalInt number) {
    return number.isPresent() ? Integer.valueOf(number.getAsInt()) : null;
  }
}
