package ulnaawl.learning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import ulnaawl.dance.SectionSet;

/**
 * What a group had learned at the end of each week, seen with what is written down today: an entry
 * that is corrected corrects the past.
 *
 * @param weeks the first one first; none where nothing is written down
 */
public record Progress(List<Week> weeks) {

  /** No more weeks than this are looked back upon. */
  public static final int MOST_WEEKS = 104;

  public Progress {
    weeks = List.copyOf(weeks);
  }

  /**
   * A week.
   *
   * @param end its last day
   * @param dances how many dances stood at each stage on that day
   * @param figures how many figures had been met by then
   */
  public record Week(LocalDate end, Map<Stage, Integer> dances, int figures) {
    public Week {
      dances = Collections.unmodifiableMap(new EnumMap<>(dances));
    }
  }

  /**
   * A dance with all that is written down of it.
   *
   * @param sections how many it has, 1 or more
   * @param figures names of the figures in some of its sections
   */
  public record Dance(
      List<Evidence> evidence,
      int sections,
      Optional<Ruling> ruling,
      Function<SectionSet, Set<String>> figures) {
    public Dance {
      evidence = List.copyOf(evidence);
    }
  }

  /**
   * Goes back in weeks from a day to the first entry.
   *
   * @param today the last day of the last week
   */
  public static Progress of(List<Dance> dances, Register register, LocalDate today) {
    Optional<LocalDate> first =
        dances.stream()
            .flatMap(it -> it.evidence().stream())
            .map(Evidence::date)
            .min(LocalDate::compareTo);
    if (first.isEmpty() || first.get().isAfter(today)) {
      return new Progress(List.of());
    }
    long back = Math.min(MOST_WEEKS - 1, ChronoUnit.DAYS.between(first.get(), today) / 7);
    List<Week> weeks = new ArrayList<>();
    for (long week = back; week >= 0; week--) {
      weeks.add(week(dances, register, today.minusWeeks(week)));
    }
    return new Progress(weeks);
  }

  private static Week week(List<Dance> dances, Register register, LocalDate day) {
    Map<Stage, Integer> stages = new EnumMap<>(Stage.class);
    Set<String> met = new HashSet<>();
    for (Dance dance : dances) {
      List<Evidence> until =
          dance.evidence().stream().filter(it -> !it.date().isAfter(day)).toList();
      Optional<Ruling> ruling = dance.ruling().filter(it -> !it.on().isAfter(day));
      Standing standing = LearningRecord.standing(until, dance.sections(), day, register, ruling);
      if (standing.stage() != Stage.NOT_STARTED) {
        stages.merge(standing.stage(), 1, Integer::sum);
        met.addAll(dance.figures().apply(standing.shown()));
      }
    }
    return new Week(day, stages, met.size());
  }
}
