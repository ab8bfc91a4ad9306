package ulnaawl.server.dances;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Stated;
import ulnaawl.server.dances.DanceView.ExtraView;
import ulnaawl.server.dances.DanceView.FigureView;
import ulnaawl.server.dances.DanceView.FloorView;
import ulnaawl.server.dances.DanceView.LevelView;
import ulnaawl.server.dances.DanceView.LoadView;
import ulnaawl.server.dances.DanceView.MendView;
import ulnaawl.server.dances.DanceView.OptionView;
import ulnaawl.server.dances.DanceView.PhraseView;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.dances.DanceView.Remark;
import ulnaawl.server.dances.DanceView.SectionView;
import ulnaawl.server.dances.DanceView.SongEndView;
import ulnaawl.server.wire.PlaceView;
import ulnaawl.server.wire.Reasons;
import ulnaawl.server.wire.SongView;
import ulnaawl.server.wire.WallView;
import ulnaawl.teach.lesson.Load;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceText;
import ulnaawl.wall.FloorUse;
import ulnaawl.words.Speech;

/** Turns what the core found into what is drawn. */
@Component
@RequiredArgsConstructor
class ReadingWriter {

  private final Reasons reasons;
  private final Speech speech;

  Reading write(ReadDance read, FigureBook book) {
    Dance dance = read.dance();
    return new Reading(
        dance.title(),
        dance.headers().by().map(Stated::value).orElse(null),
        new LevelView(
            dance.headers().level().map(Stated::value).orElse(null),
            read.level().level(),
            read.level().points(),
            reasons.views(read.level().reasons(), speech.level()::reason)),
        dance.counts(),
        dance.headers().meter().sectionCounts(),
        dance.walls(),
        dance.turn().shortest(),
        dance.startWeight(),
        dance.parts().getLast().endWeight(),
        dance.headers().intro().map(Stated::value).orElse(0),
        dance.isPhrased(),
        read.isSound(),
        dance.headers().style().map(Stated::value).orElse(null),
        dance.headers().notes().stream().map(Stated::value).toList(),
        dance.headers().songs().stream().map(song -> SongView.of(song.value())).toList(),
        sections(dance, book),
        dance.extras().values().stream()
            .sorted(Comparator.comparingInt(extra -> extra.span().start()))
            .map(ReadingWriter::extra)
            .toList(),
        dance.variations().stream().map(ReadingWriter::option).toList(),
        phrasing(read),
        floor(FloorUse.of(read.sequence())),
        read.sequence().walls().stream().map(wall -> WallView.of(wall, speech)).toList(),
        read.sequence()
            .songEnd()
            .map(end -> new SongEndView(end.wall(), end.count(), end.facing()))
            .orElse(null),
        figures(dance, book),
        read.diagnostics().stream().map(one -> remark(one, read.source())).toList());
  }

  private List<SectionView> sections(Dance dance, FigureBook book) {
    List<SectionView> views = new ArrayList<>();
    Map<Integer, Load> loads = Load.all(dance, book);
    for (Passage part : dance.parts()) {
      List<PlaceView> all = PlaceView.of(part.places());
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
                section.startFacing(),
                section.endFacing(),
                section.startWeight(),
                section.endWeight(),
                load(load),
                own));
      }
    }
    return views;
  }

  private LoadView load(Load load) {
    return new LoadView(
        load.plainCounts(),
        load.parts().stream()
            .map(part -> reasons.view(part.reason(), _ -> speech.teach().load(part)))
            .toList());
  }

  private static ExtraView extra(Passage extra) {
    return new ExtraView(extra.name(), extra.counts(), extra.turn(), PlaceView.of(extra.places()));
  }

  private static OptionView option(Variation option) {
    return new OptionView(
        option.name(),
        option.kind(),
        option.section(),
        option.from(),
        option.to(),
        PlaceView.of(option.places()));
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

  private static List<FigureView> figures(Dance dance, FigureBook book) {
    return dance.figures().stream()
        .flatMap(name -> book.find(name).stream())
        .map((Figure figure) ->
            new FigureView(figure.name(), figure.call(), figure.level(), figure.guide().say()))
        .toList();
  }

  private static Remark remark(Diagnostic one, SourceText source) {
    return new Remark(
        one.severity(),
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
