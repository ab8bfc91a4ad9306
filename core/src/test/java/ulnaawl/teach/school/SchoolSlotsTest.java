package ulnaawl.teach.school;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.FigureBook;
import ulnaawl.teach.lesson.Brought;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.words.Speech;
import ulnaawl.words.TeachSpeech;

/**
 * What each school asks for, drill by drill, for a dance of four sections with a tag and a restart:
 * read by a person once, and held since. {@code ./ulna docs} writes it anew.
 */
public class SchoolSlotsTest {

  private static final Path GOLDEN = Path.of("src/test/resources/schools.txt");
  private static final Dance LANTERNS = Dances.dance(Dances.paperLanterns());
  private static final TeachSpeech SPEECH = Speech.english().teach();

  @Test
  public void everySchoolKeepsItsOrder() throws IOException {
    StringBuilder all = new StringBuilder();
    for (School school : School.values()) {
      append(all, school, SectionSet.NONE);
      append(all, school, SectionSet.upTo(2));
    }
    if (Boolean.getBoolean("ulna.docs.write")) {
      Files.writeString(GOLDEN, all);
    }
    assertEquals(all.toString(), Files.readString(GOLDEN));
  }

  private static void append(StringBuilder all, School school, SectionSet known) {
    Learner learner =
        new Learner(
            Set.of(),
            Brought.evenly(known, 4000, false, 70),
            TeachPace.LIVE,
            Map.of(),
            Optional.empty());
    Lesson lesson = new Lesson(LANTERNS, FigureBook.standard(), learner);
    all.append(SPEECH.school(school))
        .append(", shown before: ")
        .append(known.isEmpty() ? "nothing" : known.label())
        .append('\n');
    for (OpenDrill slot :
        school.order().slots(lesson, known, school.order().stops(lesson).getLast())) {
      all.append(
          String.format(
              Locale.ROOT,
              "  %-6s %3d %%  %2d to %2d  %s%n",
              slot.mode().name().toLowerCase(Locale.ROOT),
              slot.percent(),
              slot.least(),
              slot.most(),
              SPEECH.scope(slot.scope())));
    }
    all.append('\n');
  }
}
