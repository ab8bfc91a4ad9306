package ulnaawl.learning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * The figures that a group has met, danced and knows, from the places that it really danced.
 *
 * @param figures by their names in the figure book, in order of the alphabet
 */
public record Vocabulary(List<Known> figures) {

  public Vocabulary {
    figures = List.copyOf(figures);
  }

  /** How well a figure is known. */
  public enum How {
    /** It was shown in some section. */
    MET,
    /** A dance that it is in has been danced. */
    DANCED,
    /** A dance that it is in is known. */
    KNOWN
  }

  /**
   * A figure.
   *
   * @param in titles of the dances that it was met in
   */
  public record Known(String figure, How how, List<String> in) {
    public Known {
      in = List.copyOf(in);
    }
  }

  /**
   * What a group has of one dance.
   *
   * @param figures names of the figures in the sections that it has been shown
   */
  public record Experience(String title, Set<String> figures, Stage stage) {
    public Experience {
      figures = Set.copyOf(figures);
    }

    private How how() {
      return switch (stage) {
        case NOT_STARTED, STARTED, TAUGHT -> How.MET;
        case PRACTISED, RUSTY, RETIRED -> How.DANCED;
        case KNOWN -> How.KNOWN;
      };
    }
  }

  /** From everything that a group has done. */
  public static Vocabulary of(List<Experience> experiences) {
    Map<String, Known> all = new TreeMap<>();
    experiences.stream()
        .sorted(Comparator.comparing(Experience::title))
        .forEach(one ->
            one.figures()
                .forEach(figure ->
                    all.merge(
                        figure,
                        new Known(figure, one.how(), List.of(one.title())),
                        Vocabulary::together)));
    return new Vocabulary(List.copyOf(all.values()));
  }

  private static Known together(Known one, Known other) {
    List<String> in = new ArrayList<>(one.in());
    in.addAll(other.in());
    return new Known(
        one.figure(), one.how().compareTo(other.how()) >= 0 ? one.how() : other.how(), in);
  }

  /** Names of all its figures. */
  public Set<String> names() {
    Set<String> names = new HashSet<>();
    figures.forEach(it -> names.add(it.figure()));
    return names;
  }
}
