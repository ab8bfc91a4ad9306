package ulnaawl.server.walls;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Phrase;
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
import ulnaawl.wall.Moment;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.SongEnd;
import ulnaawl.wall.SongFit;
import ulnaawl.wall.Stretch;
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
        dance.headers().level().map(it -> it.value().label()).orElse(read.level().level().label()),
        dance.main().counts(),
        dance.parts().stream().mapToInt(part -> part.sections().size()).sum(),
        first.map(Foot::letter).orElse(""),
        dance.isPhrased(),
        hasOptional(),
        request.optional(),
        sheet.stream().map(WallsWriter::music).toList(),
        choice.map(WallsWriter::music).orElse(null),
        fit(),
        ring(),
        walls(),
        read.figures().stream().sorted().toList());
  }

  private boolean hasOptional() {
    return dance.script().phrasing().stream()
        .anyMatch(phrase ->
            switch (phrase) {
              case Phrase.TagPhrase tag -> tag.optional();
              case Phrase.RestartPhrase restart -> restart.optional();
              default -> false;
            });
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
      int all = wall.counts() + wall.tagCounts();
      int held =
          clock.counts().isPresent()
              ? Math.clamp(clock.counts().getAsInt() - wall.startCount(), 0, all)
              : all;
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
              parts(wall)));
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

  /** A stretch falls into its sections; what is put in stands for itself. */
  private record Group(Stretch stretch, int section) {}

  private List<DancedPart> parts(Wall wall) {
    Map<Group, List<Moment>> groups = new LinkedHashMap<>();
    int section = 0;
    for (Moment moment : Moment.of(wall)) {
      boolean plain = isPlain(wall, moment.stretch());
      // The changed steps of a restart have no section of their own; they stay in the one before.
      section = plain && moment.place().section() == 0 ? section : moment.place().section();
      groups
          .computeIfAbsent(
              new Group(moment.stretch(), plain ? section : 0), it -> new ArrayList<>())
          .add(moment);
    }
    List<DancedPart> parts = new ArrayList<>();
    Facing facing = wall.startFacing();
    List<Map.Entry<Group, List<Moment>>> all = List.copyOf(groups.entrySet());
    int start = 0;
    for (int i = 0; i < all.size(); i++) {
      Group group = all.get(i).getKey();
      List<Moment> moments = all.get(i).getValue();
      int end =
          i + 1 < all.size()
              ? Math.max(start, all.get(i + 1).getValue().getFirst().wallCount() - 1)
              : wall.counts() + wall.tagCounts();
      Facing after = moments.getLast().facing();
      boolean plain = isPlain(wall, group.stretch());
      parts.add(
          new DancedPart(
              plain ? "Section " + group.section() : group.stretch().what(),
              group.section(),
              !plain,
              start,
              end - start,
              facing.eighths(),
              after.eighths(),
              figures(facing, moments, plain ? start : 0)));
      facing = after;
      start = end;
    }
    return parts;
  }

  private static boolean isPlain(Wall wall, Stretch stretch) {
    return stretch.what().equals("wall " + wall.number());
  }

  /**
   * A restart's changed steps are written with the wall's counts; here they have their section's.
   */
  private static Count counted(Moment moment, int start) {
    Count written = moment.place().count();
    return moment.place().section() == 0 ? written.plusCounts(-start) : written;
  }

  private List<DancedFigure> figures(Facing before, List<Moment> moments, int start) {
    Map<Integer, List<Moment>> runs = new LinkedHashMap<>();
    moments.forEach(it -> runs.computeIfAbsent(it.place().run(), run -> new ArrayList<>()).add(it));
    List<DancedFigure> figures = new ArrayList<>();
    Facing facing = before;
    for (List<Moment> run : runs.values()) {
      Moment first = run.getFirst();
      Facing after = run.getLast().facing();
      figures.add(
          new DancedFigure(
              StepTextFormatter.counts(run.stream().map(it -> counted(it, start)).toList()),
              first.place().call(),
              Math.max(1, first.wallCount()),
              facing.eighths(),
              after.eighths(),
              first.place().foot().map(Foot::letter).orElse(null),
              first.place().foot().isPresent() && !first.place().isWithoutWeight(),
              nullable(clock.millisAfter(first.at().number() - 1))));
      facing = after;
    }
    return figures;
  }

  static @Nullable Long nullable(OptionalLong number) {
    return number.isPresent() ? Long.valueOf(number.getAsLong()) : null;
  }

  static @Nullable Integer nullable(OptionalInt number) {
    return number.isPresent() ? Integer.valueOf(number.getAsInt()) : null;
  }
}
