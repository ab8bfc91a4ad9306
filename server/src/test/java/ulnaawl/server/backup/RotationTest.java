package ulnaawl.server.backup;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/** What stays of the backups when one is made each day for months. */
public class RotationTest {

  private static Backup backup(Occasion occasion, LocalDateTime made) {
    return new Backup(made + "-" + occasion, occasion, made, 1, new Backup.Counts(1, 1, 1, 1, 1));
  }

  @Test
  public void sevenDaysAndFiveWeeksStay() {
    LocalDateTime first = LocalDateTime.parse("2026-03-02T03:00:00");
    List<Backup> there = new ArrayList<>();
    for (int day = 0; day < 200; day++) {
      LocalDateTime now = first.plusDays(day);
      there.add(backup(Occasion.DAILY, now));
      there.removeAll(Rotation.outdated(there));
      List<Long> ages =
          there.stream().map(it -> ChronoUnit.DAYS.between(it.made(), now)).sorted().toList();
      int week = Math.min(day, 6);
      for (long age = 0; age <= week; age++) {
        assertTrue(ages.contains(age), "day " + day + " lacks the one of " + age + " days ago");
      }
      assertTrue(ages.size() <= 12, ages.toString());
      if (day > 40) {
        assertTrue(ages.getLast() >= 28, "the oldest of five weeks on day " + day + ": " + ages);
      }
    }
  }

  @Test
  public void thoseBeforeUpgradesDoNotPushOutTheDailyOnes() {
    LocalDateTime now = LocalDateTime.parse("2026-11-26T19:00:00");
    List<Backup> all = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      all.add(backup(Occasion.BEFORE_UPGRADE, now.minusMinutes(i)));
      all.add(backup(Occasion.ASKED, now.minusMinutes(i)));
    }
    Backup daily = backup(Occasion.DAILY, now.minusDays(20));
    all.add(daily);
    List<Backup> outdated = Rotation.outdated(all);
    assertFalse(outdated.contains(daily));
    assertEquals(outdated.size(), 8);
    assertTrue(outdated.stream().allMatch(it -> it.made().isBefore(now.minusMinutes(4))));
  }

  @Test
  public void oneIsDueADayAfterTheLast() {
    LocalDateTime now = LocalDateTime.parse("2026-11-26T19:00:00");
    assertTrue(DailyBackup.isDue(List.of(), now));
    assertTrue(
        DailyBackup.isDue(List.of(backup(Occasion.ASKED, now)), now), "asked for is another");
    assertTrue(DailyBackup.isDue(List.of(backup(Occasion.DAILY, now.minusDays(1))), now));
    assertFalse(DailyBackup.isDue(List.of(backup(Occasion.DAILY, now.minusHours(23))), now));
  }
}
