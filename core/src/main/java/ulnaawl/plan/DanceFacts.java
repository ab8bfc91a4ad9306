package ulnaawl.plan;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.dance.Dance;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.music.Tempo;
import ulnaawl.plan.solve.ClassBlock.Speed;
import ulnaawl.teach.lesson.TeachPace;

/**
 * What a planner needs to know of a dance, without its steps.
 *
 * @param title its title
 * @param level its measured level
 * @param counts its length
 * @param sections its sections, by number
 * @param figures names of all its figures in the order in which they come first
 * @param style its style, lower case, where its sheet says one
 * @param speed how fast it is danced
 * @param effort what it asks of the body, 0 to 100
 * @param songSeconds length of its first song that has one
 */
public record DanceFacts(
    String title,
    Level level,
    int counts,
    List<SectionFacts> sections,
    List<String> figures,
    Optional<String> style,
    Speed speed,
    int effort,
    OptionalInt songSeconds) {

  private static final Tempo FAST = Tempo.ofBpm(121);
  private static final Tempo VERY_FAST = Tempo.ofBpm(140);

  public DanceFacts {
    sections = List.copyOf(sections);
    figures = List.copyOf(figures);
  }

  /**
   * A section.
   *
   * @param number from 1, through all parts
   * @param counts its length
   * @param figures names of its figures
   */
  public record SectionFacts(int number, int counts, Set<String> figures) {
    public SectionFacts {
      figures = Set.copyOf(figures);
    }
  }

  /** What a dance is, with the level that was measured. */
  public static DanceFacts of(Dance dance, Level level) {
    return new DanceFacts(
        dance.title(),
        level,
        dance.counts(),
        dance.sections().stream()
            .map(section ->
                new SectionFacts(
                    section.number(),
                    section.counts(),
                    interned(section.figures()).collect(Collectors.toSet())))
            .toList(),
        interned(dance.figures()).toList(),
        dance.headers().style().map(it -> it.value().strip().toLowerCase(Locale.ROOT)),
        speed(dance.countsPerMinute().orElse(TeachPace.USUAL_RATE)),
        Effort.of(dance),
        dance.headers().songs().stream()
            .flatMapToInt(stated -> stated.value().lengthSeconds().stream())
            .findFirst());
  }

  /** Fast is over 120 counts a minute, very fast from 140. Rule of thumb, no source. */
  private static Speed speed(Tempo rate) {
    if (rate.compareTo(VERY_FAST) >= 0) {
      return Speed.VERY_FAST;
    }
    return rate.compareTo(FAST) >= 0 ? Speed.FAST : Speed.EASY;
  }

  private static Stream<String> interned(List<String> names) {
    return names.stream().map(String::intern);
  }

  /** Counts of each section by its number. */
  public Map<Integer, Integer> sectionCounts() {
    return sections.stream().collect(Collectors.toMap(SectionFacts::number, SectionFacts::counts));
  }

  /** Counts of some sections. */
  public int countsOf(SectionSet shown) {
    return sections.stream()
        .filter(section -> shown.contains(section.number()))
        .mapToInt(SectionFacts::counts)
        .sum();
  }

  /** Minutes to dance it once to its song; the usual ones where no length is known. */
  public int songMinutes() {
    return songSeconds.isPresent()
        ? (songSeconds.getAsInt() + 59) / 60
        : DanceForGroup.USUAL_SONG_MINUTES;
  }

  /** Names of the figures that somebody has met who was shown some sections. */
  public Set<String> figuresIn(SectionSet shown) {
    return sections.stream()
        .filter(section -> shown.contains(section.number()))
        .flatMap(section -> section.figures().stream())
        .collect(Collectors.toUnmodifiableSet());
  }

  /** The figures that are news to a group; single steps are nobody's news. */
  public List<Figure> newTo(Set<String> met, FigureBook book) {
    return figures.stream()
        .filter(name -> !met.contains(name))
        .flatMap(name -> book.find(name).stream())
        .filter(figure -> !figure.isElementary())
        .toList();
  }
}
