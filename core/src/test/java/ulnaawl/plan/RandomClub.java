package ulnaawl.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.RestsOn;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** Dances by chance, as a group could stand with them. */
public final class RandomClub {

  public static final LocalDate DAY = LocalDate.of(2026, 9, 1);

  private static final List<String> STYLES = List.of("country", "waltz", "cha-cha", "pop", "rumba");

  private RandomClub() {}

  public static List<DanceForGroup> dances(Random random, int number) {
    List<DanceForGroup> all = new ArrayList<>();
    for (int i = 1; i <= number; i++) {
      Stage stage = Stage.values()[random.nextInt(Stage.values().length)];
      all.add(dance(random, i, stage));
    }
    return all;
  }

  public static DanceForGroup dance(Random random, long number, Stage stage) {
    int news = stage == Stage.NOT_STARTED ? random.nextInt(4) : 0;
    List<String> figures = List.of("jazz box", "monterey", "sailor step", "vine");
    return new DanceForGroup(
        number,
        "Dance " + number,
        Level.values()[random.nextInt(Level.values().length)],
        random.nextInt(8) == 0
            ? Optional.empty()
            : Optional.of(STYLES.get(random.nextInt(STYLES.size()))),
        Speed.values()[random.nextInt(3)],
        random.nextInt(100),
        4,
        standing(stage, random.nextInt(60) - 30, 1 + random.nextInt(50), 50 + random.nextInt(51)),
        figures.subList(0, news),
        news == 3 ? List.of(new RestsOn("lindy", "chasse", "it begins with one")) : List.of(),
        random.nextInt(101),
        10 + random.nextInt(20),
        3 + random.nextInt(6),
        3 + random.nextInt(3),
        random.nextInt(6) > 0,
        new Wishes(
            random.nextInt(10) == 0
                ? List.of(new Wishes.Request("Ida", DAY.minusDays(9)))
                : List.of(),
            random.nextInt(12) == 0 ? Optional.of("autumn") : Optional.empty(),
            random.nextInt(3),
            random.nextInt(5) > 0,
            place(number)));
  }

  private static TermPlace place(long number) {
    return switch ((int) (number % 9)) {
      case 0 -> new TermPlace.Here();
      case 4 -> new TermPlace.Later(DAY.plusWeeks(2));
      default -> new TermPlace.Nowhere();
    };
  }

  static Standing standing(Stage stage, int dueIn, int gap, int strength) {
    boolean touched = stage != Stage.NOT_STARTED;
    return new Standing(
        stage,
        stage,
        SectionSet.upTo(stage == Stage.STARTED ? 2 : touched ? 4 : 0),
        touched ? Optional.of(DAY.plusDays(dueIn - gap)) : Optional.empty(),
        touched && stage != Stage.RETIRED ? Optional.of(DAY.plusDays(dueIn)) : Optional.empty(),
        touched ? gap : 0,
        touched ? strength : 0,
        Optional.empty(),
        SectionSet.NONE,
        Optional.empty(),
        List.of());
  }
}
