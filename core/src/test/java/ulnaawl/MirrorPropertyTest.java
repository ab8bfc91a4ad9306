package ulnaawl;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.dance.Travel;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Spot;
import ulnaawl.floor.Weight;
import ulnaawl.level.LevelMeasure;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Brought;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.School;
import ulnaawl.wall.FloorUse;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/**
 * A dance with left and right exchanged is the same dance in a mirror: the other foot, the other
 * turn, the other side of the hall, and exactly as hard to dance and to teach. Nothing is known
 * here of how any of it is computed.
 */
public class MirrorPropertyTest {

  private static final FigureBook BOOK = FigureBook.standard();
  private static final Pattern SIDE = Pattern.compile("\\b[RL]\\b");
  private static final double NEAR = 1e-9;

  private static String mirrored(String text) {
    return SIDE.matcher(text).replaceAll(it -> it.group().equals("R") ? "L" : "R");
  }

  private static void each(int examples, int sections, Both check) {
    qt().withExamples(Tries.of(examples / 8, examples))
        .forAll(longs().all())
        .checkAssert(seed -> {
          String text = RandomDance.danceable(seed, sections) + "\n";
          Dance dance = Dances.dance(text);
          check.holds(dance, Dances.dance(mirrored(text)), text);
        });
  }

  private interface Both {
    void holds(Dance dance, Dance mirror, String text);
  }

  @Test
  public void everyPlaceIsDancedByTheOtherFootToTheOtherSide() {
    each(
        400,
        3,
        (dance, mirror, text) -> {
          List<Footwork.After> one = Footwork.of(dance.main().places());
          List<Footwork.After> other = Footwork.of(mirror.main().places());
          assertEquals(other.size(), one.size(), text);
          for (int i = 0; i < one.size(); i++) {
            Place place = one.get(i).place();
            Place seen = other.get(i).place();
            assertEquals(seen.foot(), place.foot().map(Foot::other), text);
            assertEquals(seen.after(), mirrored(place.after()), text);
            assertEquals(seen.turn().eighths(), -place.turn().eighths(), text);
            assertEquals(seen.placement(), place.placement(), text);
            assertEquals(seen.at(), place.at(), text);
            for (Foot foot : Foot.values()) {
              Spot here = one.get(i).feet().of(foot);
              Spot there = other.get(i).feet().of(foot.other());
              assertEquals(there.x(), -here.x(), NEAR, place + text);
              assertEquals(there.y(), here.y(), NEAR, place + text);
            }
          }
          assertEquals(
              Travel.directionChanges(mirror.main().places()),
              Travel.directionChanges(dance.main().places()),
              text);
        });
  }

  private static Weight mirrored(Weight weight) {
    return switch (weight) {
      case LEFT -> Weight.RIGHT;
      case RIGHT -> Weight.LEFT;
      case BOTH -> Weight.BOTH;
    };
  }

  @Test
  public void everyWallStartsOnTheOtherSideOfTheHall() {
    each(
        200,
        2,
        (dance, mirror, text) -> {
          List<Wall> walls = WallSequence.of(dance).walls();
          List<Wall> seen = WallSequence.of(mirror).walls();
          for (int i = 0; i < walls.size(); i++) {
            int facing = walls.get(i).startFacing().eighths();
            assertEquals(seen.get(i).startFacing().eighths(), (8 - facing) % 8, text);
          }
          FloorUse floor = FloorUse.of(WallSequence.of(dance));
          FloorUse other = FloorUse.of(WallSequence.of(mirror));
          assertEquals(other.left(), -floor.right(), NEAR, text);
          assertEquals(other.right(), -floor.left(), NEAR, text);
          assertEquals(other.depth(), floor.depth(), NEAR, text);
        });
  }

  @Test
  public void itIsExactlyAsHardAndTakesAsLongToTeach() {
    each(
        120,
        3,
        (dance, mirror, text) -> {
          MeasuredLevel level = LevelMeasure.of(dance, BOOK);
          MeasuredLevel seen = LevelMeasure.of(mirror, BOOK);
          assertEquals(seen.points(), level.points(), text);
          assertEquals(seen.reasons(), level.reasons(), text);
          Learner group =
              new Learner(
                  Set.of(),
                  Brought.NOTHING,
                  TeachPace.LIVE,
                  java.util.Map.of(),
                  java.util.Optional.empty());
          Lesson lesson = new Lesson(dance, BOOK, group);
          Lesson other = new Lesson(mirror, BOOK, group);
          assertEquals(loads(other), loads(lesson), text);
          Teach teach = Teach.of(lesson, School.ADD_ON, 20);
          Teach turned = Teach.of(other, School.ADD_ON, 20);
          assertEquals(turned.seconds(), teach.seconds(), text);
          assertEquals(turned.steps(), teach.steps(), text);
        });
  }

  private static List<Integer> loads(Lesson lesson) {
    return lesson.sections().stream().map(it -> lesson.load(it).tenths()).toList();
  }

  @Test
  public void theMirrorOfTheMirrorIsTheDance() {
    String lanterns = Dances.paperLanterns();
    assertEquals(mirrored(mirrored(lanterns)), lanterns);
    assertEquals(
        Optional.of(Dances.dance(mirrored(lanterns)).turn().eighths()),
        Optional.of(-Dances.dance(lanterns).turn().eighths()));
  }
}
