package ulnaawl.learning;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * How a dance is spread over a club's groups.
 *
 * @param knownBy how many groups know it
 * @param byAll whether every group knows it; not where there is no group
 * @param stale whether some group has learned it to the end and none has danced it for four months.
 *     Rule of thumb, no source
 */
public record Spread(int knownBy, boolean byAll, boolean stale) {

  private static final int STALE_DAYS = 120;

  /**
   * The spread of a dance on a day.
   *
   * @param standings of every group, in any order
   */
  public static Spread of(List<Standing> standings, LocalDate day) {
    int known = (int) standings.stream().filter(it -> it.stage() == Stage.KNOWN).count();
    Optional<LocalDate> last =
        standings.stream().flatMap(it -> it.last().stream()).max(LocalDate::compareTo);
    boolean learned = standings.stream().anyMatch(it -> it.stage().isLearned());
    boolean longAgo = last.filter(it -> ChronoUnit.DAYS.between(it, day) <= STALE_DAYS).isEmpty();
    return new Spread(known, known > 0 && known == standings.size(), learned && longAgo);
  }
}
