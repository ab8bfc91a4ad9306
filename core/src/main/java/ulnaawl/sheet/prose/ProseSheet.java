package ulnaawl.sheet.prose;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Dance;
import ulnaawl.dance.NotedFacing;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Variation;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Facing;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.notation.Block;
import ulnaawl.notation.Block.ExtraBlock;
import ulnaawl.notation.Block.ExtraKind;
import ulnaawl.notation.Block.OptionBlock;
import ulnaawl.notation.Block.SectionBlock;
import ulnaawl.notation.Headers;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.write.StepTextFormatter;

/**
 * A dance as a printed sheet in full sentences, for people who do not know step text. Reading it
 * again gives the same feet on the same counts.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
public final class ProseSheet {

  private static final int COLUMN = 8;

  private final Dance dance;
  private final FigureBook book;
  private final List<String> out = new ArrayList<>();
  private final Map<String, String> extraNames = new LinkedHashMap<>();

  /** The sheet, lines parted by line breaks. */
  public static String of(Dance dance, FigureBook book) {
    return new ProseSheet(dance, book).write();
  }

  private String write() {
    nameExtras();
    head();
    String part = "";
    int number = 0;
    boolean parts = dance.isPhrased();
    for (Block block : dance.script().blocks()) {
      switch (block) {
        case SectionBlock section -> {
          number++;
          out.add("");
          if (parts && !section.part().equals(part)) {
            part = section.part();
            out.add("PART " + part);
          }
          String title = section.title().isEmpty() ? "" : ": " + section.title();
          out.add("SECTION " + number + title);
          lines(block, passageOf(section.part()), true);
        }
        case OptionBlock option -> option(option);
        case ExtraBlock extra -> extra(extra);
      }
    }
    phrases();
    return String.join("\n", out) + "\n";
  }

  private void head() {
    Headers headers = dance.headers();
    out.add("Title: " + headers.title());
    headers.by().ifPresent(it -> out.add("Choreographer: " + it.value()));
    headers
        .counts()
        .ifPresent(it ->
            out.add(
                "Counts: "
                    + it.value()
                    + headers.tagCounts().map(more -> " + " + more.value()).orElse("")));
    headers.walls().ifPresent(it -> out.add("Walls: " + it.value()));
    headers.level().ifPresent(it -> out.add("Level: " + it.value().label()));
    headers.style().ifPresent(it -> out.add("Style: " + it.value()));
    if (headers.meter().sectionCounts() == 6) {
      out.add("Meter: 3");
    }
    headers.songs().forEach(it -> out.add("Music: " + song(it.value())));
    headers.intro().ifPresent(it -> out.add("Intro: " + it.value() + " counts"));
    out.add("Start: weight on " + weight(dance.startWeight()));
    headers.notes().forEach(it -> out.add("Note: " + it.value()));
  }

  private static String weight(Weight weight) {
    return weight == Weight.BOTH ? "both" : weight == Weight.LEFT ? "left" : "right";
  }

  private static String song(Song song) {
    StringBuilder text = new StringBuilder(song.title());
    song.artist().ifPresent(artist -> text.append(" by ").append(artist));
    song.bpm().ifPresent(bpm -> text.append(" (").append(bpm.label()).append(" bpm)"));
    if (song.rate() != CountRate.FULL) {
      text.append(" (count rate ").append(song.rate() == CountRate.HALF ? "1/2" : "2").append(')');
    }
    song.lengthSeconds()
        .ifPresent(it -> text.append(String.format(Locale.ROOT, " (%d:%02d)", it / 60, it % 60)));
    return text.toString();
  }

  private Passage passageOf(String part) {
    return dance.part(part).orElse(dance.main());
  }

  private void lines(Block block, Passage passage, boolean facings) {
    for (StepLine line : block.lines()) {
      List<Place> places = placesOf(line, passage.places());
      out.add(sentence(line, places, facings));
    }
  }

  private static List<Place> placesOf(StepLine line, List<Place> places) {
    return places.stream()
        .filter(place -> place.span().start() >= line.span().start())
        .filter(place -> place.span().end() <= line.span().end())
        .toList();
  }

  /** A line: its counts, its words and where it faces at its end, where it has turned. */
  private String sentence(StepLine line, List<Place> places, boolean facings) {
    String counts = StepTextFormatter.counts(line.counts());
    String column = counts + " ".repeat(Math.max(2, COLUMN - counts.length()));
    if (places.isEmpty()) {
      return column + StepTextFormatter.items(line.items(), book);
    }
    RelativeFacing before = facingBefore(places.getFirst());
    String words = new LineProse(line, places, before, book).words();
    RelativeFacing after = places.getLast().facing();
    boolean turned =
        places.stream().anyMatch(place -> !place.turn().isNone())
            && NotedFacing.of(places.getLast()).isEmpty();
    return column + words + (facings && turned ? " (" + clock(after.clock()) + ")" : "");
  }

  private static RelativeFacing facingBefore(Place place) {
    return new RelativeFacing(Math.floorMod(place.facing().eighths() - place.turn().eighths(), 8));
  }

  private static String clock(String hour) {
    return hour.contains(":") ? hour : hour + ":00";
  }

  private void option(OptionBlock option) {
    Optional<Variation> found =
        dance.variations().stream().filter(it -> it.span().equals(option.span())).findFirst();
    for (StepLine line : option.lines()) {
      List<Place> places = found.map(it -> placesOf(line, it.places())).orElse(List.of());
      String words =
          places.isEmpty()
              ? StepTextFormatter.items(line.items(), book)
              : new LineProse(line, places, facingBefore(places.getFirst()), book).words();
      out.add(
          "Option ("
              + option.name()
              + "), counts "
              + StepTextFormatter.counts(line.counts())
              + " of section "
              + option.section()
              + ": "
              + words);
    }
  }

  private void nameExtras() {
    int number = 0;
    for (Block block : dance.script().blocks()) {
      if (block instanceof ExtraBlock extra) {
        number++;
        extraNames.putIfAbsent(
            extra.name().toLowerCase(Locale.ROOT), word(extra.kind()) + " " + number);
      }
    }
  }

  private static String word(ExtraKind kind) {
    return switch (kind) {
      case TAG -> "Tag";
      case BRIDGE -> "Bridge";
      case ENDING -> "Ending";
    };
  }

  private String nameOf(String extra) {
    return extraNames.getOrDefault(extra.toLowerCase(Locale.ROOT), extra);
  }

  private void extra(ExtraBlock extra) {
    out.add("");
    out.add(nameOf(extra.name()).toUpperCase(Locale.ROOT));
    dance.extra(extra.name()).ifPresent(passage -> lines(extra, passage, false));
  }

  private void phrases() {
    if (!dance.script().phrasing().isEmpty()) {
      out.add("");
    }
    for (Phrase phrase : dance.script().phrasing()) {
      out.add(
          switch (phrase) {
            case Phrase.TagPhrase it ->
                nameOf(it.tag().value())
                    + (it.optional() ? " (optional)" : "")
                    + ": after "
                    + walls(it.walls())
                    + facing(it.facing());
            case Phrase.RestartPhrase it ->
                "Restart"
                    + (it.optional() ? " (optional)" : "")
                    + ": on "
                    + walls(it.walls())
                    + " after "
                    + it.after().value()
                    + " counts"
                    + facing(it.facing())
                    + it.change().map(this::change).orElse("");
            case Phrase.BridgePhrase it ->
                nameOf(it.bridge().value())
                    + ": on "
                    + walls(it.walls())
                    + " after "
                    + it.after().value()
                    + " counts";
            case Phrase.EndingPhrase it ->
                nameOf(it.ending().value())
                    + ": on "
                    + walls(List.of(it.wall()))
                    + " after "
                    + it.after().value()
                    + " counts";
            case Phrase.RepeatPhrase it ->
                "On "
                    + walls(it.walls())
                    + " repeat section "
                    + it.first().value()
                    + (it.last().equals(it.first()) ? "" : "-" + it.last().value())
                    + " x"
                    + it.times();
            case Phrase.StartPhrase it ->
                capital(walls(it.walls())) + " starts facing " + clock(it.facing().value().clock());
            case Phrase.OrderPhrase it ->
                "Sequence: "
                    + it.names().stream()
                        .map(Stated::value)
                        .map(this::nameOf)
                        .collect(Collectors.joining(", "));
          });
    }
  }

  private String change(StepLine line) {
    return ", changing "
        + StepTextFormatter.counts(line.counts())
        + " to: "
        + StepTextFormatter.items(line.items(), book);
  }

  private static String facing(Optional<Stated<Facing>> facing) {
    return facing.map(it -> ", facing " + clock(it.value().clock())).orElse("");
  }

  private static String walls(List<Stated<Integer>> walls) {
    List<String> numbers = walls.stream().map(it -> String.valueOf(it.value())).toList();
    return numbers.size() == 1
        ? "wall " + numbers.getFirst()
        : "walls "
            + Stream.concat(
                    numbers.subList(0, numbers.size() - 2).stream(),
                    Stream.of(
                        String.join(" and ", numbers.subList(numbers.size() - 2, numbers.size()))))
                .collect(Collectors.joining(", "));
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
