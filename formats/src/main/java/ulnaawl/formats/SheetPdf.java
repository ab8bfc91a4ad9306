package ulnaawl.formats;

import java.util.List;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.formats.page.Paper;
import ulnaawl.formats.page.Paper.Cell;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.music.PlayTime;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/** A dance as one or two pages of A4: sections, options, tags, phrasing with its walls. */
public final class SheetPdf {

  private static final int MARGIN = 42;
  private static final double LETTERS = 10;

  private final Dance dance;
  private final WallSequence sequence;
  private final MeasuredLevel level;
  private final FigureBook book;
  private final Paper paper;

  private SheetPdf(Dance dance, WallSequence sequence, MeasuredLevel level, FigureBook book) {
    this.book = book;
    this.dance = dance;
    this.sequence = sequence;
    this.level = level;
    this.paper = Paper.blank(dance.title(), MARGIN, LETTERS);
  }

  /**
   * The bytes of the PDF.
   *
   * @param book the figure book with the club's words
   */
  public static byte[] write(
      Dance dance, WallSequence sequence, MeasuredLevel level, FigureBook book) {
    return new SheetPdf(dance, sequence, level, book).write();
  }

  private byte[] write() {
    writeHead();
    dance.sections().forEach(this::writeSection);
    dance.extras().values().stream()
        .sorted(java.util.Comparator.comparingInt(extra -> extra.span().start()))
        .forEach(this::writeExtra);
    if (!dance.script().phrasing().isEmpty()) {
      writeWalls();
    }
    dance.headers().notes().forEach(note -> add(note.value()));
    return paper.pdf();
  }

  private void writeHead() {
    paper.title(dance.title());
    String walls =
        dance.isPhrased() ? "phrased" : dance.walls() + (dance.walls() == 1 ? " wall" : " walls");
    String stated =
        dance.headers().level().map(Stated::value).map(Level::label).orElse(level.level().label());
    add(
        dance.counts()
            + " counts, "
            + walls
            + ", "
            + stated
            + (stated.equals(level.level().label())
                ? ""
                : " (measured " + level.level().label() + ")")
            + dance.headers().by().map(by -> ", by " + by.value()).orElse(""));
    dance.headers().songs().forEach(song -> add(words(song.value())));
    add(
        "Intro "
            + dance.headers().intro().map(Stated::value).orElse(0)
            + " counts; start with the weight on "
            + dance.startWeight().label()
            + ". Facings as if every wall began at 12.");
  }

  private static String words(Song song) {
    StringBuilder words = new StringBuilder("“" + song.title() + "”");
    song.artist().ifPresent(artist -> words.append(", ").append(artist));
    song.countsPerMinute()
        .map(Tempo::label)
        .ifPresent(rate -> words.append(", ").append(rate).append(" counts a minute"));
    song.lengthSeconds().ifPresent(length -> words.append(", ").append(PlayTime.of(length)));
    return words.toString();
  }

  private void writeSection(Section section) {
    String title = section.title().isEmpty() ? "Section " + section.number() : section.title();
    paper.heading(
        section.number()
            + ". "
            + title
            + " · "
            + section.startFacing().clock()
            + " to "
            + section.endFacing().clock()
            + ", ends on "
            + section.endWeight().label());
    paper.table(
        "",
        List.of(14, 68, 18),
        DancedFigure.of(section.places()).stream().map(SheetPdf::row).toList());
    for (Variation option : dance.variations()) {
      if (option.section() == section.number()) {
        add(
            option.name()
                + " ("
                + option.kind().name().toLowerCase(java.util.Locale.ROOT)
                + "): "
                + inline(option.places()));
      }
    }
  }

  private void writeExtra(Passage extra) {
    paper.heading(
        extra.name()
            + " · "
            + extra.counts()
            + " counts"
            + (extra.turn().isNone() ? "" : ", turns " + extra.turn().label()));
    add(inline(extra.places()));
  }

  private void writeWalls() {
    paper.heading("Phrasing");
    dance.script().phrasing().forEach(phrase -> add(StepTextFormatter.phrase(phrase, book)));
    paper.heading("Walls, on the clock of the room");
    paper.table(
        "",
        List.of(12, 12, 12, 14, 50),
        List.of("wall", "starts", "counts", "at", "what"),
        sequence.walls().stream().map(this::row).toList());
  }

  private List<Cell> row(Wall wall) {
    return List.of(
        Paper.cell(wall.number() + (dance.isPhrased() ? " " + wall.part() : "")),
        Paper.cell(wall.startFacing().clock()),
        Paper.cell(String.valueOf(wall.counts())),
        Paper.cell(
            wall.startMillis().isPresent()
                ? PlayTime.of((int) (wall.startMillis().getAsLong() / 1000))
                : ""),
        Paper.cell(
            wall.events().stream()
                .map(event -> event.id().notation() + ", facing " + event.to().clock())
                .collect(Collectors.joining("; "))));
  }

  private static List<Cell> row(DancedFigure figure) {
    Place first = figure.first();
    boolean turns = figure.places().stream().anyMatch(place -> !place.turn().isNone());
    return List.of(
        Paper.strong(counts(figure)),
        Paper.cell(
            first.call().words() + (first.note().isEmpty() ? "" : " (" + first.note() + ")")),
        Paper.cell(turns ? "to " + figure.places().getLast().facing().clock() : ""));
  }

  private static String inline(List<Place> places) {
    return DancedFigure.of(places).stream()
        .map(figure -> counts(figure) + " " + figure.call().words())
        .collect(Collectors.joining("; "));
  }

  private static String counts(DancedFigure figure) {
    return StepTextFormatter.counts(figure.counts());
  }

  private void add(String words) {
    paper.text(words);
  }
}
