package ulnaawl.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ulnaawl.learning.Evidence;

/**
 * What people want of a dance, besides what the record says.
 *
 * @param requests who asked for it and when, the first one first
 * @param theme the theme of these weeks that it belongs to
 * @param otherGroups other groups of the club that know it, 0 or more
 * @param leaderKnows whether who leads the class has taught or danced it
 * @param term where the plan of the term has it, seen from this class
 */
public record Wishes(
    List<Request> requests,
    Optional<String> theme,
    int otherGroups,
    boolean leaderKnows,
    TermPlace term) {

  /** So many wishes of one kind are heard; more of them add nothing. */
  public static final int MOST_HEARD = 3;

  /** Nobody wants anything. */
  public static final Wishes NONE = new Wishes(List.of(), Optional.empty(), 0, true);

  public Wishes {
    requests = List.copyOf(requests);
  }

  /** Where no term is planned. */
  public Wishes(
      List<Request> requests, Optional<String> theme, int otherGroups, boolean leaderKnows) {
    this(requests, theme, otherGroups, leaderKnows, new TermPlace.Nowhere());
  }

  /** The same, whatever the term has. */
  Wishes outsideTerm() {
    return new Wishes(requests, theme, otherGroups, leaderKnows);
  }

  /** How many people asked for it. */
  public int asked() {
    return requests.stream().mapToInt(Request::people).sum();
  }

  /**
   * Somebody asked for it.
   *
   * @param people how many, 1 or more
   */
  public record Request(String who, int people, LocalDate on) {

    /** One person. */
    public Request(String who, LocalDate on) {
      this(who, 1, on);
    }

    /**
     * The first day since on which the dance was taught to the end, walked through or danced: then
     * the request is answered. Common practice, no source.
     *
     * @param record what happened with the dance, in any order
     */
    public Optional<LocalDate> answered(List<Evidence> record) {
      return record.stream()
          .filter(it -> it.happened().isWhole() && !it.date().isBefore(on))
          .map(Evidence::date)
          .min(Comparator.naturalOrder());
    }
  }
}
