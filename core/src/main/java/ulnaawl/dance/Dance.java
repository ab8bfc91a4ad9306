package ulnaawl.dance;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Headers;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Phrase.RestartPhrase;
import ulnaawl.notation.Script;
import ulnaawl.text.SourceSpan;

/**
 * A compiled dance: every place with its foot, weight and facing.
 *
 * @param script what was typed
 * @param startWeight weight before the first step, stated or inferred
 * @param parts the dance itself, or its parts where it is phrased; at least one
 * @param extras tags, bridges and endings by lower-case name
 * @param changes the changed places of restarts that have a step change
 * @param variations other ways of dancing it
 */
public record Dance(
    Script script,
    Weight startWeight,
    List<Passage> parts,
    Map<String, Passage> extras,
    Map<RestartPhrase, List<Place>> changes,
    List<Variation> variations) {

  public Dance {
    parts = List.copyOf(parts);
    extras = Map.copyOf(extras);
    changes = Map.copyOf(changes);
    variations = List.copyOf(variations);
  }

  public Headers headers() {
    return script.headers();
  }

  public String title() {
    return headers().title();
  }

  /** Counts a minute of its first song whose speed is known. */
  public Optional<Tempo> countsPerMinute() {
    return headers().songs().stream()
        .flatMap(song -> song.value().countsPerMinute().stream())
        .findFirst();
  }

  /** The part that is danced first. */
  public Passage main() {
    return parts.getFirst();
  }

  /** Whether it has parts and a written order in place of one wall repeated. */
  public boolean isPhrased() {
    return order().isPresent() || parts.size() > 1;
  }

  /** Whether something in it is danced by some clubs only. */
  public boolean hasOptional() {
    return script.phrasing().stream().anyMatch(Phrase::optional);
  }

  /** The written order of parts and tags, where there is one. */
  public Optional<Phrase.OrderPhrase> order() {
    return script.phrasing().stream()
        .filter(Phrase.OrderPhrase.class::isInstance)
        .map(Phrase.OrderPhrase.class::cast)
        .findFirst();
  }

  public Optional<Passage> part(String name) {
    return parts.stream().filter(part -> part.name().equalsIgnoreCase(name)).findFirst();
  }

  /** A tag, bridge or ending by its name; case does not matter. */
  public Optional<Passage> extra(String name) {
    return Optional.ofNullable(extras.get(name.toLowerCase(Locale.ROOT)));
  }

  /** The changed places of the restart that a line of the phrasing says; none where it has none. */
  public List<Place> changedAt(SourceSpan phrase) {
    return changes.entrySet().stream()
        .filter(it -> it.getKey().span().equals(phrase))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(List.of());
  }

  /** All sections of all parts, in order of their numbers. */
  public List<Section> sections() {
    return parts.stream().flatMap(part -> part.sections().stream()).toList();
  }

  /**
   * Names of the figures that it is danced as, each once, in the order in which they come first.
   */
  public List<String> figures() {
    return sections().stream().flatMap(section -> section.figures().stream()).distinct().toList();
  }

  /** Counts of all parts together; of one wall where the dance has no parts. */
  public int counts() {
    return parts.stream().mapToInt(Passage::counts).sum();
  }

  /** The turn of one wall; of all parts together where the dance has parts. */
  public Turn turn() {
    return parts.stream().map(Passage::turn).reduce(Turn.NONE, Turn::plus);
  }

  /** Number of walls that the turn of a wall makes: 1, 2, 4, or 8 for a turn to a corner. */
  public int walls() {
    return switch (turn().net()) {
      case 0 -> 1;
      case 4 -> 2;
      case 2, 6 -> 4;
      default -> 8;
    };
  }
}
