package ulnaawl.server.backup;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Which backups are thrown away. Of the daily ones the newest of each of seven days and of each of
 * five weeks before them stay; of the others the newest few.
 */
final class Rotation {

  private static final int DAYS = 7;
  private static final int WEEKS = 5;
  private static final int OTHERS = 5;

  private Rotation() {}

  /** The ones to throw away. */
  static List<Backup> outdated(List<Backup> all) {
    List<Backup> newestFirst =
        all.stream().sorted(Comparator.comparing(Backup::made).reversed()).toList();
    Set<Backup> kept = new HashSet<>();
    keepDaily(newestFirst, kept);
    for (Occasion occasion : List.of(Occasion.BEFORE_UPGRADE, Occasion.ASKED)) {
      newestFirst.stream().filter(it -> it.occasion() == occasion).limit(OTHERS).forEach(kept::add);
    }
    return newestFirst.stream().filter(it -> !kept.contains(it)).toList();
  }

  private static void keepDaily(List<Backup> newestFirst, Set<Backup> kept) {
    Set<LocalDate> days = new HashSet<>();
    Set<LocalDate> weeks = new HashSet<>();
    for (Backup backup : newestFirst) {
      if (backup.occasion() != Occasion.DAILY) {
        continue;
      }
      LocalDate day = backup.made().toLocalDate();
      boolean ofADay = days.size() < DAYS && days.add(day);
      boolean ofAWeek =
          !ofADay && !days.contains(day) && weeks.size() < WEEKS && weeks.add(weekOf(day));
      if (ofADay || ofAWeek) {
        kept.add(backup);
      }
    }
  }

  private static LocalDate weekOf(LocalDate day) {
    return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
  }
}
