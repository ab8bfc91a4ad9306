package ulnaawl.server.dances;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.music.Count;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepTextFormatter;
import ulnaawl.server.dances.DanceView.EventView;
import ulnaawl.server.dances.DanceView.ExtraView;
import ulnaawl.server.dances.DanceView.FeetView;
import ulnaawl.server.dances.DanceView.FigureView;
import ulnaawl.server.dances.DanceView.FloorView;
import ulnaawl.server.dances.DanceView.LevelView;
import ulnaawl.server.dances.DanceView.LoadView;
import ulnaawl.server.dances.DanceView.MendView;
import ulnaawl.server.dances.DanceView.OptionView;
import ulnaawl.server.dances.DanceView.PhraseView;
import ulnaawl.server.dances.DanceView.PlaceView;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.dances.DanceView.Remark;
import ulnaawl.server.dances.DanceView.SectionView;
import ulnaawl.server.dances.DanceView.SongEndView;
import ulnaawl.server.dances.DanceView.SongView;
import ulnaawl.server.dances.DanceView.WallView;
import ulnaawl.teach.Load;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceText;
import ulnaawl.wall.FloorUse;
import ulnaawl.wall.Wall;

/** Turns what the core found into what is drawn. */
final class ReadingWriter {

  private static final int HALF = 4;

  private ReadingWriter() {}

  static Reading write(ReadDance read, FigureBook book) {
    Dance dance = read.dance();
    return new Reading(
        dance.title(),
        dance.headers().by().map(Stated::value).orElse(null),
        new LevelView(
            dance.headers().level().map(Stated::value).map(Level::label).orElse(null),
            read.level().level().label(),
            read.level().points(),
            read.level().reasons()),
        dance.counts(),
        dance.headers().meter().sectionCounts(),
        dance.walls(),
        turn(dance),
        dance.startWeight().label(),
        dance.parts().getLast().endWeight().label(),
        dance.headers().intro().map(Stated::value).orElse(0),
        dance.isPhrased(),
        read.isSound(),
        dance.headers().style().map(Stated::value).orElse(null),
        dance.headers().notes().stream().map(Stated::value).toList(),
        dance.headers().songs().stream().map(song -> song(song.value())).toList(),
        sections(dance, book),
        dance.extras().values().stream()
            .sorted(Comparator.comparingInt(extra -> extra.span().start()))
            .map(ReadingWriter::extra)
            .toList(),
        dance.variations().stream().map(ReadingWriter::option).toList(),
        phrasing(read),
        floor(FloorUse.of(read.sequence())),
        read.sequence().walls().stream().map(ReadingWriter::wall).toList(),
        read.sequence()
            .songEnd()
            .map(end -> new SongEndView(end.wall(), end.count(), end.facing().eighths()))
            .orElse(null),
        figures(dance, book),
        read.diagnostics().stream().map(one -> remark(one, read.source())).toList());
  }

  /** The turn of a wall; a half turn ends the same to either side. */
  private static String turn(Dance dance) {
    Turn turn = dance.turn().shortest();
    return turn.eighths() == HALF ? "1/2" : turn.label();
  }

  private static SongView song(Song song) {
    return new SongView(
        song.title(),
        song.artist().orElse(null),
        song.countsPerMinute().map(Tempo::label).orElse(null),
        song.lengthSeconds().isPresent() ? song.lengthSeconds().getAsInt() : null);
  }

  private static List<SectionView> sections(Dance dance, FigureBook book) {
    List<SectionView> views = new ArrayList<>();
    Map<Integer, Load> loads = Load.all(dance, book);
    for (Passage part : dance.parts()) {
      List<PlaceView> all = places(part.places());
      int next = 0;
      for (Section section : part.sections()) {
        Load load = Objects.requireNonNull(loads.get(section.number()));
        int end = next + section.places().size();
        List<PlaceView> own = all.subList(next, end);
        next = end;
        views.add(
            new SectionView(
                section.number(),
                part.name(),
                section.title(),
                section.start(),
                section.counts(),
                section.startFacing().eighths(),
                section.endFacing().eighths(),
                section.startWeight().label(),
                section.endWeight().label(),
                new LoadView(load.plainCounts(), load.reasons()),
                own));
      }
    }
    return views;
  }

  private static ExtraView extra(Passage extra) {
    return new ExtraView(
        extra.name(), extra.counts(), extra.turn().label(), places(extra.places()));
  }

  private static OptionView option(Variation option) {
    return new OptionView(
        option.name(),
        option.kind().name().toLowerCase(java.util.Locale.ROOT),
        option.section(),
        option.from(),
        option.to(),
        places(option.places()));
  }

  /** The phrasing as it stands in the text, a line each. */
  private static List<PhraseView> phrasing(ReadDance read) {
    String text = read.source().text();
    return read.dance().script().phrasing().stream()
        .map(phrase -> text.substring(phrase.span().start(), phrase.span().end()))
        .map(PhraseView::new)
        .toList();
  }

  private static FloorView floor(FloorUse floor) {
    return new FloorView(
        rounded(floor.left()),
        rounded(floor.right()),
        rounded(floor.back()),
        rounded(floor.front()),
        rounded(floor.drift().x()),
        rounded(floor.drift().y()));
  }

  private static double rounded(double steps) {
    return Math.round(steps * 1000) / 1000.0;
  }

  private static List<PlaceView> places(List<Place> places) {
    Map<Integer, List<Count>> counts =
        places.stream()
            .collect(
                Collectors.groupingBy(
                    Place::run, Collectors.mapping(Place::count, Collectors.toList())));
    return Footwork.of(places).stream()
        .map(after ->
            place(
                after.place(),
                StepTextFormatter.counts(counts.getOrDefault(after.place().run(), List.of())),
                after.feet()))
        .toList();
  }

  private static PlaceView place(Place place, String counts, Feet feet) {
    return new PlaceView(
        place.count().label(),
        place.count().ticks(),
        place.foot().map(Foot::letter).orElse(null),
        place.description(),
        place.after().label(),
        !place.isWithoutWeight() && place.foot().isPresent(),
        place.turn().label(),
        place.facing().eighths(),
        place.figure(),
        place.run(),
        place.step(),
        place.call(),
        counts,
        place.note(),
        place.span().start(),
        place.span().end(),
        new FeetView(
            rounded(feet.left().x()),
            rounded(feet.left().y()),
            rounded(feet.right().x()),
            rounded(feet.right().y()),
            feet.lifted()));
  }

  private static WallView wall(Wall wall) {
    return new WallView(
        wall.number(),
        wall.part(),
        wall.startFacing().eighths(),
        wall.endFacing().eighths(),
        wall.startCount(),
        wall.counts(),
        wall.startMillis().isPresent() ? wall.startMillis().getAsLong() : null,
        wall.events().stream()
            .map(event ->
                new EventView(
                    event.kind().name().toLowerCase(java.util.Locale.ROOT),
                    event.label(),
                    event.after(),
                    event.counts(),
                    event.from().eighths(),
                    event.to().eighths()))
            .toList());
  }

  private static List<FigureView> figures(Dance dance, FigureBook book) {
    return dance.parts().stream()
        .flatMap(part -> part.places().stream())
        .map(Place::figure)
        .distinct()
        .flatMap(name -> book.find(name).stream())
        .map((Figure figure) ->
            new FigureView(
                figure.name(), figure.call(), figure.level().label(), figure.guide().say()))
        .toList();
  }

  private static Remark remark(Diagnostic one, SourceText source) {
    return new Remark(
        one.severity().word(),
        one.code(),
        source.line(one.span().start()),
        source.column(one.span().start()),
        one.span().start(),
        one.span().end(),
        one.message(),
        one.mends().stream()
            .map(mend ->
                new MendView(
                    mend.label(), mend.span().start(), mend.span().end(), mend.replacement()))
            .toList());
  }
}
