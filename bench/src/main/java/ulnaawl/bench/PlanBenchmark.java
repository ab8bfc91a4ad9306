package ulnaawl.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.plan.ClassPlan;
import ulnaawl.plan.ClassPlanner;
import ulnaawl.plan.ClassRequest;
import ulnaawl.plan.DanceForGroup;
import ulnaawl.plan.Wishes;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** A class of 90 minutes from a repertoire by chance, another one each time. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class PlanBenchmark {

  private static final int CLUBS = 16;
  private static final int MINUTES = 90;
  private static final LocalDate DAY = LocalDate.of(2026, 9, 1);
  private static final List<String> STYLES =
      List.of("country", "waltz", "cha-cha", "pop", "rumba", "swing");

  /** Dances that the group knows or could learn. */
  @Param({"30", "300"})
  public int dances;

  private final List<ClassRequest> requests = new ArrayList<>();
  private int next;

  @Setup
  public void clubs() {
    for (int club = 0; club < CLUBS; club++) {
      Random random = new Random(club);
      List<DanceForGroup> all = new ArrayList<>();
      for (int number = 1; number <= dances; number++) {
        all.add(dance(random, number));
      }
      Level level = club % 2 == 0 ? Level.BEGINNER : Level.IMPROVER;
      requests.add(ClassRequest.of(DAY, MINUTES, level, all));
    }
  }

  /** Nine of ten dances are known or practised, as in a club of long standing. */
  private static DanceForGroup dance(Random random, long number) {
    Stage stage = random.nextInt(10) == 0 ? Stage.NOT_STARTED : known(random);
    boolean touched = stage != Stage.NOT_STARTED;
    Standing standing =
        new Standing(
            stage,
            stage,
            SectionSet.upTo(touched ? 4 : 0),
            touched ? Optional.of(DAY.minusDays(7L * (1 + random.nextInt(20)))) : Optional.empty(),
            touched ? Optional.of(DAY.plusDays(random.nextInt(80) - 30L)) : Optional.empty(),
            touched ? 30 : 0,
            touched ? 70 + random.nextInt(31) : 0,
            Optional.empty(),
            SectionSet.NONE,
            Optional.empty(),
            List.of());
    return new DanceForGroup(
        number,
        "Dance " + number,
        Level.values()[random.nextInt(5)],
        Optional.of(STYLES.get(random.nextInt(STYLES.size()))),
        Speed.values()[random.nextInt(3)],
        random.nextInt(100),
        4,
        standing,
        List.of(),
        List.of(),
        random.nextInt(101),
        10 + random.nextInt(20),
        3 + random.nextInt(6),
        3 + random.nextInt(3),
        true,
        Wishes.NONE);
  }

  private static Stage known(Random random) {
    return List.of(Stage.KNOWN, Stage.PRACTISED, Stage.RUSTY).get(random.nextInt(3));
  }

  @Benchmark
  public ClassPlan plan() {
    next = (next + 1) % CLUBS;
    return ClassPlanner.plan(requests.get(next));
  }
}
