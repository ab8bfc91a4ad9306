package ulnaawl.wall;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;

/**
 * The wall sequence equals a plain simulation, one count after the other, for random dances with
 * turns on any count, tags, restarts, bridges, repeated sections, optional or not, and songs.
 */
public class WallSequencePropertyTest {

  private static final String[] TURN = {
    "", " 1/8 R", " 1/4 R", " 3/8 R", " 1/2 R", " 3/8 L", " 1/4 L", " 1/8 L"
  };
  private static final int WALLS = 9;

  /** Steps R and L in turn, each with a turn in eighths; an even number of them. */
  private record Steps(List<Integer> turns) {
    static Steps random(Random random, int counts) {
      List<Integer> turns = new ArrayList<>();
      for (int i = 0; i < counts; i++) {
        turns.add(random.nextInt(3) == 0 ? random.nextInt(8) : 0);
      }
      return new Steps(turns);
    }

    String text() {
      StringBuilder text = new StringBuilder();
      for (int i = 0; i < turns.size(); i++) {
        String foot = i % 2 == 0 ? "R" : "L";
        text.append(i + 1).append("  walk ").append(foot).append(TURN[turns.get(i)]).append('\n');
      }
      return text.toString();
    }
  }

  private record Restart(int wall, int after, boolean optional) {}

  private record Tag(int wall, int tag, boolean optional) {}

  /** A bridge, or with {@code tag} -1 the section before it again. */
  private record Insert(int wall, int after, int tag) {}

  private record Plan(
      List<Steps> sections,
      List<Steps> tags,
      List<Restart> restarts,
      List<Tag> after,
      List<Insert> inserts,
      int bpm,
      int seconds,
      int intro) {

    static Plan random(long seed) {
      Random random = new Random(seed);
      List<Steps> sections = new ArrayList<>();
      for (int i = 0; i <= random.nextInt(1, 5); i++) {
        sections.add(Steps.random(random, 8));
      }
      int counts = sections.size() * 8;
      List<Steps> tags = new ArrayList<>();
      for (int i = 0; i < 2; i++) {
        tags.add(Steps.random(random, 2 * random.nextInt(1, 5)));
      }
      List<Restart> restarts = new ArrayList<>();
      List<Tag> after = new ArrayList<>();
      List<Insert> inserts = new ArrayList<>();
      for (int wall = 1; wall <= WALLS; wall++) {
        if (random.nextInt(3) == 0) {
          int cut = 2 * random.nextInt(1, counts / 2);
          restarts.add(new Restart(wall, cut, random.nextInt(4) == 0));
        }
        for (int i = random.nextInt(3); i > 1; i--) {
          after.add(new Tag(wall, random.nextInt(2), random.nextInt(4) == 0));
        }
        if (random.nextInt(3) == 0) {
          inserts.add(new Insert(wall, 2 * random.nextInt(1, counts / 2), random.nextInt(2)));
        }
        if (random.nextInt(4) == 0) {
          inserts.add(new Insert(wall, 8 * random.nextInt(1, sections.size() + 1), -1));
        }
      }
      return new Plan(
          sections,
          tags,
          restarts,
          after,
          inserts,
          random.nextInt(60, 180),
          random.nextInt(20, 240),
          random.nextInt(33));
    }

    String text() {
      StringBuilder text = new StringBuilder("title: Generated\nstart: weight L\n");
      text.append("intro: ").append(intro).append('\n');
      sections.forEach(section -> text.append("section\n").append(section.text()));
      for (int i = 0; i < tags.size(); i++) {
        text.append("tag T").append(i).append('\n').append(tags.get(i).text());
      }
      text.append("phrasing\n");
      for (Insert it : inserts) {
        text.append("wall ").append(it.wall());
        if (it.tag() < 0) {
          text.append(": repeat section ").append(it.after() / 8).append(" x2\n");
        } else {
          text.append(": bridge T").append(it.tag()).append(" after ").append(it.after());
          text.append('\n');
        }
      }
      for (Tag it : after) {
        text.append("after wall ").append(it.wall()).append(": tag T").append(it.tag());
        text.append(it.optional() ? " optional\n" : "\n");
      }
      for (Restart it : restarts) {
        text.append("wall ").append(it.wall()).append(": restart after ").append(it.after());
        text.append(it.optional() ? " optional\n" : "\n");
      }
      return text.toString();
    }
  }

  /** What the plain simulation sees: a line for each wall's start and for each count. */
  private static final class Simulation {
    private final Plan plan;
    private final List<String> seen = new ArrayList<>();
    private final List<Integer> facings = new ArrayList<>();
    private int body;

    Simulation(Plan plan) {
      this.plan = plan;
    }

    void dance(boolean optional, int walls, int songCounts) {
      for (int wall = 1;
          wall <= walls && (songCounts == 0 || facings.size() < songCounts);
          wall++) {
        seen.add("wall " + wall + " at " + body + " after " + facings.size());
        wall(wall, optional);
        seen.add("ends at " + body + " after " + facings.size());
        for (Tag tag : plan.after()) {
          if (tag.wall() == wall && (optional || !tag.optional())) {
            plan.tags().get(tag.tag()).turns().forEach(this::count);
          }
        }
      }
    }

    private void wall(int wall, boolean optional) {
      int cut = plan.sections().size() * 8;
      for (Restart restart : plan.restarts()) {
        if (restart.wall() == wall && (optional || !restart.optional())) {
          cut = restart.after();
        }
      }
      for (int count = 1; count <= cut; count++) {
        count(plan.sections().get((count - 1) / 8).turns().get((count - 1) % 8));
        for (Insert insert : plan.inserts()) {
          if (insert.wall() == wall && insert.after() == count) {
            Steps steps =
                insert.tag() < 0
                    ? plan.sections().get(count / 8 - 1)
                    : plan.tags().get(insert.tag());
            steps.turns().forEach(this::count);
          }
        }
      }
    }

    private void count(int turn) {
      body = (body + turn) % 8;
      facings.add(body);
    }
  }

  @Test
  public void equalsPlainSimulationCountByCount() {
    qt().withExamples(600)
        .forAll(longs().all())
        .checkAssert(seed -> {
          Plan plan = Plan.random(seed);
          Dance dance = Dances.dance(plan.text());
          for (boolean optional : new boolean[] {false, true}) {
            Simulation plain = new Simulation(plan);
            plain.dance(optional, WALLS, 0);
            SequenceRequest request =
                new SequenceRequest(Optional.empty(), OptionalInt.of(WALLS), optional);
            same(WallSequence.of(dance, request), plain, plan);
          }
        });
  }

  @Test
  public void songsEndWhereThePlainSimulationStops() {
    qt().withExamples(600)
        .forAll(longs().all())
        .checkAssert(seed -> {
          Plan plan = Plan.random(seed);
          int held = plan.seconds() * plan.bpm() / 60 - plan.intro();
          Song song =
              new Song(
                  "Generated",
                  Optional.empty(),
                  Optional.of(Tempo.ofBpm(plan.bpm())),
                  OptionalInt.of(plan.seconds()),
                  CountRate.FULL);
          SequenceRequest request =
              new SequenceRequest(Optional.of(song), OptionalInt.empty(), true);
          WallSequence sequence = WallSequence.of(Dances.dance(plan.text()), request);
          if (held <= 0) {
            assertEquals(sequence.songEnd(), Optional.empty());
            return;
          }
          Simulation plain = new Simulation(plan);
          plain.dance(true, SequenceRequest.MOST_WALLS, held);
          same(sequence, plain, plan);
          SongEnd end = sequence.songEnd().orElseThrow();
          assertEquals(end.facing().eighths(), plain.facings.get(held - 1).intValue());
          assertEquals(
              sequence.walls().get(end.wall() - 1).startCount() + end.count(), held, plan.text());
          for (Wall wall : sequence.walls()) {
            // Half a millisecond of rounding at most.
            double exact = (plan.intro() + wall.startCount()) * 60_000.0 / plan.bpm();
            assertEquals((double) wall.startMillis().orElseThrow(), exact, 0.5, plan.text());
          }
        });
  }

  private static void same(WallSequence sequence, Simulation plain, Plan plan) {
    List<String> seen = new ArrayList<>();
    List<Integer> facings = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      seen.add(
          "wall "
              + wall.number()
              + " at "
              + wall.startFacing().eighths()
              + " after "
              + wall.startCount());
      seen.add(
          "ends at "
              + wall.endFacing().eighths()
              + " after "
              + (wall.startCount() + wall.counts()));
    }
    for (DancedPlace moment : DancedPlace.of(sequence)) {
      assertEquals(moment.at().number(), facings.size() + 1, plan.text());
      facings.add(moment.facing().eighths());
    }
    assertEquals(seen, plain.seen, plan.text());
    assertEquals(facings, plain.facings, plan.text());
    for (Wall wall : sequence.walls()) {
      sections(wall, plain, plan);
      for (WallEvent event : wall.events()) {
        int from = event.startCount();
        int to = from + event.counts();
        assertEquals(event.from().eighths(), at(plain, from), plan.text());
        assertEquals(event.to().eighths(), at(plain, to), plan.text());
      }
    }
  }

  /** Its sections, tags and bridges lie end to end, and face as the simulation does. */
  private static void sections(Wall wall, Simulation plain, Plan plan) {
    int danced = wall.startCount();
    int figures = 0;
    Set<Integer> begun = new HashSet<>();
    for (DancedSection section : DancedSection.of(wall)) {
      assertEquals(section.start(), danced - wall.startCount(), plan.text());
      assertEquals(section.startFacing().eighths(), at(plain, danced), plan.text());
      int first = section.figures().getFirst().counts().getFirst().number();
      boolean goesOn = !section.isPutIn() && begun.contains(section.section());
      // After a bridge inside a section its counts go on.
      assertEquals(first > 1, goesOn, section + plan.text());
      begun.add(section.section());
      danced += section.counts();
      assertEquals(section.endFacing().eighths(), at(plain, danced), plan.text());
      assertEquals(section.isPutIn(), section.section() == 0);
      figures += section.figures().stream().mapToInt(it -> it.moments().size()).sum();
    }
    assertEquals(danced, wall.startCount() + wall.counts() + wall.tagCounts(), plan.text());
    assertEquals(figures, DancedPlace.of(wall).size(), plan.text());
  }

  private static int at(Simulation plain, int danced) {
    return danced == 0 ? 0 : plain.facings.get(danced - 1);
  }
}
