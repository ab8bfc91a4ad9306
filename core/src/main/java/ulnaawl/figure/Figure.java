package ulnaawl.figure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A named run of elementary steps, written for a leading foot and mirrored for the other.
 *
 * @param name the canonical name, lower case
 * @param synonyms equal names, lower case
 * @param family the figures it belongs with
 * @param level the level at which groups usually meet it
 * @param patterns ways of dancing it, the usual one first; at least one
 * @param variants other steps where a direction is typed
 * @param turn where its turn falls
 * @param guide what an instructor says about it
 */
public record Figure(
    String name,
    List<String> synonyms,
    String family,
    Level level,
    List<Pattern> patterns,
    Map<Placement, Pattern> variants,
    TurnRule turn,
    FigureGuide guide) {

  public Figure {
    synonyms = List.copyOf(synonyms);
    patterns = List.copyOf(patterns);
    Map<Placement, Pattern> ordered = new EnumMap<>(Placement.class);
    ordered.putAll(variants);
    variants = java.util.Collections.unmodifiableMap(ordered);
    if (patterns.isEmpty()) {
      throw new IllegalArgumentException("Figure " + name + " has no steps");
    }
  }

  /** All names that mean it, the canonical one first. */
  public List<String> names() {
    return Stream.concat(Stream.of(name), synonyms.stream()).toList();
  }

  /** The word that is called and shown for it: the club's, or the usual one. */
  public String call() {
    return guide.call();
  }

  /** This figure under the club's own word for it, which is one of its names. */
  Figure calling(String word) {
    return new Figure(name, synonyms, family, level, patterns, variants, turn, guide.calling(word));
  }

  /** The single step and nothing else: with a direction its own word may be left out. */
  public boolean isPlainStep() {
    return name.equals(Movement.STEP);
  }

  /** Whether it has a single place. */
  public boolean isElementary() {
    return patterns.getFirst().places() == 1;
  }

  /** Whether a direction typed with this figure changes how it is danced. */
  public boolean understands(Placement direction) {
    return variants.containsKey(direction)
        || patterns.getFirst().takesDirection()
        || danced(Optional.empty()).stream()
            .flatMap(pattern -> pattern.steps().stream())
            .anyMatch(step -> step.placement() == direction);
  }

  /** The ways of dancing it in a direction, or as usual where none is typed. */
  public List<Pattern> danced(Optional<Placement> direction) {
    if (direction.isEmpty()) {
      return patterns;
    }
    Pattern variant = variants.get(direction.get());
    if (variant != null) {
      return List.of(variant);
    }
    return patterns.stream().map(pattern -> pattern.towards(direction.get())).toList();
  }
}
