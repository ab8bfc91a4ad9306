package ulnaawl.learning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What became of a group in some weeks, seen with what is written down today: what it learned, what
 * it keeps, what has faded.
 *
 * @param from the first day
 * @param until the last day that is looked at
 * @param days on how many days something was danced or taught
 * @param dances every dance that was begun by the last day, by what became of it, then by when it
 *     was first done in these weeks
 * @param newFigures how many figures were met in these weeks for the first time
 * @param figures how many had been met by the last day
 */
public record LookBack(
    LocalDate from,
    LocalDate until,
    int days,
    List<DanceBack> dances,
    int newFigures,
    int figures) {

  public LookBack {
    dances = List.copyOf(dances);
  }

  /** What became of a dance in some weeks. */
  public enum Became {
    /** Not learned before, learned now. */
    LEARNED,
    /** Shown in part, not to the end. */
    BEGUN,
    /** It had been rusty and is not any more. */
    CAME_BACK,
    /** Learned before and still there, and danced in these weeks. */
    KEPT,
    /** Learned before and still there, though nobody danced it in these weeks. */
    RESTED,
    /** It was there and is rusty now. */
    FADED,
    /** It is not danced any more, or was rusty all along. */
    LEFT
  }

  /**
   * A dance in these weeks.
   *
   * @param dance its number
   * @param first the first day in these weeks on which something was done with it
   * @param days on how many days of these weeks that was
   * @param before where the group stood with it on the day before the first
   * @param stage where it stands on the last day
   */
  public record DanceBack(
      long dance, Became became, Optional<LocalDate> first, int days, Stage before, Stage stage) {}

  /** A dance by its number, with all that is written down of it. */
  public record Numbered(long number, Progress.Dance dance) {}

  /**
   * Looks back.
   *
   * @param from the first day
   * @param until the last day, not before the first
   */
  public static LookBack of(
      List<Numbered> dances, Register register, LocalDate from, LocalDate until) {
    Set<LocalDate> days = new HashSet<>();
    Set<String> before = new HashSet<>();
    Set<String> now = new HashSet<>();
    List<DanceBack> found = new ArrayList<>();
    for (Numbered one : dances) {
      Standing was = standing(one.dance(), register, from.minusDays(1));
      Standing is = standing(one.dance(), register, until);
      before.addAll(one.dance().figures().apply(was.shown()));
      now.addAll(one.dance().figures().apply(is.shown()));
      List<LocalDate> touched =
          one.dance().evidence().stream()
              .map(Evidence::date)
              .filter(it -> !it.isBefore(from) && !it.isAfter(until))
              .distinct()
              .sorted()
              .toList();
      days.addAll(touched);
      became(was.stage(), is.stage(), !touched.isEmpty())
          .ifPresent(it ->
              found.add(
                  new DanceBack(
                      one.number(),
                      it,
                      touched.stream().findFirst(),
                      touched.size(),
                      was.stage(),
                      is.stage())));
    }
    found.sort(
        Comparator.comparing(DanceBack::became)
            .thenComparing(it -> it.first().orElse(LocalDate.MAX))
            .thenComparingLong(DanceBack::dance));
    now.addAll(before);
    return new LookBack(from, until, days.size(), found, now.size() - before.size(), now.size());
  }

  private static Standing standing(Progress.Dance dance, Register register, LocalDate day) {
    List<Evidence> until = dance.evidence().stream().filter(it -> !it.date().isAfter(day)).toList();
    Optional<Ruling> ruling = dance.ruling().filter(it -> !it.on().isAfter(day));
    return LearningRecord.standing(until, dance.sections(), day, register, ruling);
  }

  private static Optional<Became> became(Stage was, Stage is, boolean touched) {
    return switch (is) {
      case NOT_STARTED -> Optional.empty();
      case STARTED -> Optional.of(Became.BEGUN);
      case RETIRED -> Optional.of(Became.LEFT);
      case RUSTY -> Optional.of(was == Stage.RUSTY ? Became.LEFT : Became.FADED);
      case TAUGHT, PRACTISED, KNOWN -> {
        if (was == Stage.RUSTY) {
          yield Optional.of(Became.CAME_BACK);
        }
        if (!was.isLearned()) {
          yield Optional.of(Became.LEARNED);
        }
        yield Optional.of(touched ? Became.KEPT : Became.RESTED);
      }
    };
  }

  /** The dances of which this became, in order. */
  public List<DanceBack> of(Became became) {
    return dances.stream().filter(it -> it.became() == became).toList();
  }
}
