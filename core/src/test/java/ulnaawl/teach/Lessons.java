package ulnaawl.teach;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.FigureBook;
import ulnaawl.teach.lesson.Brought;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.School;

/** Lessons to lay teaches out from. */
public final class Lessons {

  static final Dance LANTERNS = Dances.dance(Dances.paperLanterns());

  private static final FigureBook BOOK = FigureBook.standard();

  private Lessons() {}

  static Lesson fresh(Dance dance) {
    return new Lesson(dance, BOOK, Learner.fresh(TeachPace.PLAIN));
  }

  static Lesson known(Dance dance) {
    Set<String> met =
        dance.parts().stream()
            .flatMap(part -> part.places().stream())
            .map(Place::figure)
            .collect(Collectors.toSet());
    int all = dance.sections().size();
    return new Lesson(
        dance, BOOK, learner(met, Brought.evenly(SectionSet.upTo(all), 8000, true, 70)));
  }

  /** For who brings something along. */
  static Lesson brought(Learner learner) {
    return new Lesson(LANTERNS, BOOK, learner);
  }

  static Learner learner(Set<String> met, Brought brought) {
    return new Learner(met, brought, TeachPace.PLAIN, Map.of(), Optional.empty());
  }

  static Brought shown(SectionSet sections) {
    return Brought.evenly(sections, 3000, false, 70);
  }

  /** The beginner dance's sections one after the other, up to so many counts. */
  static Dance ofCounts(int counts, boolean restart) {
    String text = Dances.paperLanterns();
    String body = text.substring(text.indexOf("section 1"), text.indexOf("tag Lull"));
    StringBuilder all =
        new StringBuilder("title: Long\nstart: weight L\nsong: Long / Nobody / 112 bpm / 3:10\n\n");
    List<String> sections = List.of(body.split("(?=section \\d)", -1));
    for (int i = 0; i < counts / 8; i++) {
      all.append(sections.get(i % 4).replaceFirst("section \\d", "section " + (i + 1)));
    }
    return Dances.dance(all + (restart ? "phrasing\nwall 3: restart after 32\n" : ""));
  }

  @DataProvider
  public static Object[][] schools() {
    return Stream.of(School.values()).map(it -> new Object[] {it}).toArray(Object[][]::new);
  }
}
