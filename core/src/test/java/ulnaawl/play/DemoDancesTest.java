package ulnaawl.play;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Tempo;
import ulnaawl.teach.cue.Cue;
import ulnaawl.teach.cue.Cues;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallPoint;
import ulnaawl.words.Speech;

/**
 * Run-throughs of every dance of the demo club, on every rung: their counts and exceptions against
 * the call sheet's way of finding a count, their calls against those of a section by itself. The
 * pages are held against the same counts: {@code web/test/fixtures/counts.txt}, written by {@code
 * ./ulna docs}.
 */
public class DemoDancesTest {

  private static final Path DANCES = Path.of("../server/src/main/resources/demo/dances");
  private static final Path FIXTURE = Path.of("../web/test/fixtures/counts.txt");

  private static List<Lesson> lessons() throws IOException {
    try (Stream<Path> files = Files.list(DANCES)) {
      return files.sorted().map(DemoDancesTest::lesson).toList();
    }
  }

  private static Lesson lesson(Path file) {
    try {
      Dance dance = Dances.dance(Files.readString(file));
      return new Lesson(dance, FigureBook.standard(), Learner.fresh(TeachPace.PLAIN));
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  @DataProvider
  public Object[][] dances() throws IOException {
    return lessons().stream().map(it -> new Object[] {it}).toArray(Object[][]::new);
  }

  /** Every count of the song is the count that a call sheet would say, on its wall and section. */
  @Test(dataProvider = "dances")
  public void countsAreThoseOfTheCallSheet(Lesson lesson) {
    Track track = Track.of(lesson, new Scope.Song());
    int sectionCounts = lesson.dance().headers().meter().sectionCounts();
    assertTrue(track.counts() > 100, lesson.dance().title());
    for (Leg leg : track.legs()) {
      for (int i = 0; i < leg.counts(); i++) {
        int number = leg.tick() / 12 + i + 1;
        WallPoint point = WallPoint.at(lesson.dance(), lesson.song(), number);
        String where = lesson.dance().title() + ", count " + number;
        assertEquals(leg.wall(), point.wall(), where);
        assertEquals(
            (leg.firstCount() - 1 + i) % sectionCounts + 1,
            (point.sectionCount() - 1) % sectionCounts + 1,
            where);
        if (leg.event().isEmpty()) {
          assertEquals(leg.section(), point.section(), where);
        }
      }
    }
  }

  /** Each exception is called four counts ahead, warned of eight ahead, on every rung. */
  @Test(dataProvider = "dances")
  public void exceptionsAreCalledWhereTheCallSheetSays(Lesson lesson) {
    Track track = Track.of(lesson, new Scope.Song());
    SequenceRequest request =
        SequenceRequest.of(lesson.dance()).withWalls(lesson.song().walls().size());
    List<Integer> wanted =
        CallSheet.of(lesson.dance(), request).lines().stream()
            .flatMap(line -> line.calls().stream())
            .map(call -> (call.first() - CallSheet.AHEAD) * 12)
            .filter(tick -> tick >= -48 && tick < track.ticks())
            .toList();
    for (Performance run : onEveryRung(lesson, track)) {
      List<Integer> called =
          run.said().stream()
              .filter(it -> it.kind() == Said.Kind.EXCEPTION)
              .map(Said::tick)
              .toList();
      assertEquals(called, wanted, lesson.dance().title() + " at " + run.rate().label());
    }
  }

  /**
   * A section by itself is called as its cues say, and every exception has a scope that calls it.
   */
  @Test(dataProvider = "dances")
  public void sectionsAreCalledByTheirCues(Lesson lesson) {
    for (Section section : lesson.sections()) {
      Track track = Track.of(lesson, new Scope.OneSection(section.number()));
      for (Performance run : onEveryRung(lesson, track)) {
        assertEquals(
            run.said().stream()
                .filter(it -> it.kind() == Said.Kind.FIGURE)
                .map(it -> it.tick() + " " + it.text())
                .toList(),
            Cues.of(section, Cue.Style.NAMES, run.rate()).stream()
                .filter(it -> it.how() != Cue.How.SILENT)
                .map(it -> it.startTick() + " " + it.text())
                .toList(),
            lesson.dance().title() + " section " + section.number());
      }
    }
    for (Scope scope : lesson.events()) {
      Performance run = onEveryRung(lesson, Track.of(lesson, scope)).getFirst();
      assertTrue(
          run.said().stream().anyMatch(it -> it.kind() == Said.Kind.EXCEPTION),
          lesson.dance().title() + " " + scope);
    }
  }

  /** Whatever can be chosen, each step lies in its leg, and each leg behind the one before. */
  @Test(dataProvider = "dances")
  public void everyScopeIsWhole(Lesson lesson) {
    for (Scope scope : lesson.scopes()) {
      Track track = Track.of(lesson, scope);
      String what = lesson.dance().title() + " " + scope;
      int tick = 0;
      for (int i = 0; i < track.legs().size(); i++) {
        Leg leg = track.legs().get(i);
        assertEquals(leg.tick(), tick, what);
        tick += leg.counts() * 12;
        int end = tick;
        assertTrue(
            track.stepsOf(i).allMatch(it -> it.tick() > leg.tick() - 12 && it.tick() < end), what);
        assertTrue(track.stepsOf(i).findAny().isPresent(), what);
      }
      assertEquals(track.ticks(), tick, what);
    }
  }

  private static List<Performance> onEveryRung(Lesson lesson, Track track) {
    TempoLadder ladder = TempoLadder.of(lesson.rate(), false, lesson.hardest());
    List<Performance> runs = new ArrayList<>();
    for (int rung = 0; rung < ladder.percents().size(); rung++) {
      Tempo rate = ladder.rate(rung);
      runs.add(
          Performance.of(track, lesson.dance().headers().meter(), rate, Speech.english().walls()));
    }
    return runs;
  }

  /** What the pages are held against: the legs of each song, and where each count lies. */
  @Test
  public void thePagesAreHeldAgainstTheSameCounts() throws IOException {
    String wanted = lessons().stream().map(DemoDancesTest::written).collect(Collectors.joining());
    if (Boolean.getBoolean("ulna.docs.write")) {
      Files.createDirectories(FIXTURE.getParent());
      Files.writeString(FIXTURE, wanted);
    } else {
      assertEquals(Files.readString(FIXTURE), wanted, "run ./ulna docs");
    }
  }

  /** Title and counts of a section; then legs; then the changes of wall and section by count. */
  private static String written(Lesson lesson) {
    Track track = Track.of(lesson, new Scope.Song());
    int sectionCounts = lesson.dance().headers().meter().sectionCounts();
    String legs =
        track.legs().stream()
            .map(leg ->
                String.join(
                    ",",
                    List.of(
                        "" + leg.tick(),
                        "" + leg.counts(),
                        "" + leg.firstCount(),
                        "" + leg.wall(),
                        "" + leg.section())))
            .collect(Collectors.joining(" "));
    // Only where the count does not simply go on: number wall/count.
    TreeMap<Integer, String> jumps = new TreeMap<>();
    int before = 0;
    int wall = 0;
    for (int number = 1; number <= track.counts(); number++) {
      WallPoint point = WallPoint.at(lesson.dance(), lesson.song(), number);
      int count = (point.sectionCount() - 1) % sectionCounts + 1;
      if (count != before % sectionCounts + 1 || point.wall() != wall) {
        jumps.put(number, point.wall() + "/" + count);
      }
      before = count;
      wall = point.wall();
    }
    String changes =
        jumps.entrySet().stream()
            .map(it -> it.getKey() + ":" + it.getValue())
            .collect(Collectors.joining(" "));
    return "%s|%d|%d|%s|%s%n"
        .formatted(lesson.dance().title(), sectionCounts, track.counts(), legs, changes);
  }
}
