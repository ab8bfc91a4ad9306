package ulnaawl.teach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static ulnaawl.teach.Lessons.LANTERNS;
import static ulnaawl.teach.Lessons.fresh;
import static ulnaawl.teach.Lessons.known;
import static ulnaawl.teach.Lessons.ofCounts;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.school.School;

/** Teaches take the time that teaching takes. */
public class MeasuredTeachTest {

  private static final JsonNode PACE =
      new ObjectMapper().readTree(Dances.resource("checkvalues/teach-pace.json"));

  /** More sections than any dance here has. */
  private static final int WHOLE = 99;

  /** Seconds of teaching per count; common practice, no source (given from outside the project). */
  @Test
  public void keepsTheMeasuredPace() {
    int counts = 32 + 4;
    for (School school :
        List.of(School.ADD_ON, School.PAIRS, School.HALVES, School.SECTIONS, School.BACK)) {
      for (int minutes = 5; minutes <= 14; minutes++) {
        Teach teach = Teach.of(fresh(LANTERNS), school, minutes);
        if (teach.isWhole()) {
          assertPace("full teach", teach.seconds(), counts);
        }
      }
    }
    Lesson known = known(LANTERNS);
    int reminder = minutes("reminder walk-through", counts);
    assertPace(
        "reminder walk-through", Teach.of(known, School.REMINDER, reminder).seconds(), counts);
    int recap = minutes("quick recap", counts);
    assertPace("quick recap", Teach.of(known, School.RECAP, recap).seconds(), counts);
  }

  /** Whole minutes that the usual pace asks for. */
  private static int minutes(String kind, int counts) {
    return (int) Math.ceil(PACE.get(kind).get("middle").asDouble() * counts / 60);
  }

  private static void assertPace(String kind, int seconds, int counts) {
    double each = (double) seconds / counts;
    assertTrue(
        each >= PACE.get(kind).get("low").asDouble()
            && each <= PACE.get(kind).get("high").asDouble(),
        kind + ": " + each + " s a count");
  }

  /**
   * Every measured teach can be laid out in its minutes by the school that it followed, to the end
   * of a dance of that length, and it lies within what the school makes of such a dance: longer
   * than its hastiest way to the end, shorter than all the repetitions that make sense. Tolerance:
   * a minute and a half, for talk differs from teacher to teacher; not more than half of the time.
   */
  @Test
  public void laysOutTheMeasuredTeaches() {
    for (JsonNode example : PACE.get("examples")) {
      String words = example.get("school").asString();
      double minutes = example.get("minutes").asDouble();
      Dance dance = ofCounts(example.get("counts").asInt(), words.contains("restart"));
      boolean short_ = words.contains("recap") || words.contains("reminder");
      School school =
          words.contains("recap")
              ? School.RECAP
              : words.contains("reminder")
                  ? School.REMINDER
                  : words.contains("halves")
                      ? School.HALVES
                      : words.contains("pairs")
                          ? School.PAIRS
                          : words.contains("sections") ? School.SECTIONS : School.ADD_ON;
      Lesson lesson = short_ ? known(dance) : fresh(dance);
      Teach teach = Teach.of(lesson, school, (int) Math.ceil(minutes), WHOLE);
      double tolerance = Math.min(1.5, minutes / 2);
      assertEquals(teach.seconds() / 60.0, minutes, tolerance, example.toString());
      double hastiest =
          IntStream.iterate(1, it -> it + 1)
                  .mapToObj(it -> Teach.of(lesson, school, it, WHOLE))
                  .filter(it -> it.howFar().getLast().fits())
                  .findFirst()
                  .orElseThrow()
                  .seconds()
              / 60.0;
      double slowest = Teach.of(lesson, school, TeachBuilder.MOST_MINUTES).seconds() / 60.0;
      assertTrue(
          hastiest <= minutes + tolerance && slowest >= minutes - tolerance,
          example + ": from " + hastiest + " to " + slowest);
      assertTrue(
          hastiest >= minutes / 3 && slowest <= minutes * 6,
          example + ": from " + hastiest + " to " + slowest);
    }
  }
}
