package ulnaawl.notation.write;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.RandomDance;
import ulnaawl.Tries;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Script;
import ulnaawl.notation.read.Parsed;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.text.Severity;
import ulnaawl.text.SourceSpan;

/** One canonical form: stable, and the same script when it is read again. */
public class FormatterTest {

  private static final FigureBook BOOK = FigureBook.standard();
  private static final StepTextParser PARSER = new StepTextParser(BOOK);

  @Test
  public void readsBackTheSameAndStaysTheSame() {
    qt().withExamples(Tries.of(150, 2000))
        .withShrinkCycles(50)
        .forAll(longs().all())
        .checkAssert(seed -> {
          String typed = RandomDance.text(seed);
          Parsed parsed = PARSER.parse(typed);
          assertEquals(errors(parsed), List.of(), typed);
          String once = StepTextFormatter.format(parsed.script(), BOOK);
          Parsed again = PARSER.parse(once);
          assertEquals(
              shape(again.script()),
              shape(parsed.script()),
              "typed:\n" + typed + "\nnow:\n" + once);
          assertEquals(StepTextFormatter.format(again.script(), BOOK), once);
        });
  }

  @Test
  public void hasOneFormForEverythingTheReaderForgives() {
    String loose =
        """
        TITLE:  Loose
        # a remark of its own
        start: left
        Section : Words   # behind the heading
        1–4  Grapevine RIGHT, Touch left beside (clap)
        5 6 7 & 8   Walk r l ,  Triple Step forward   # behind a line
        TAG  Lull
        1 - 4    sway R L R L
        Phrasing:
        before wall 3 : tag Lull
        # at the end
        """;
    String canonical =
        """
        title: Loose
        # a remark of its own
        start: weight L

        section 1: Words  # behind the heading
        1-4    vine R, touch L together (clap)
        5-6 7&8  walk R L, shuffle fwd  # behind a line

        tag Lull
        1-4    sway R L R L

        phrasing
        after wall 2: tag Lull
        # at the end
        """;
    assertEquals(StepTextFormatter.format(PARSER.parse(loose).script(), BOOK), canonical);
    assertEquals(StepTextFormatter.format(PARSER.parse(canonical).script(), BOOK), canonical);
  }

  /**
   * Found by chance: what follows a shortened figure goes to a side, and a swivel has both feet.
   */
  @Test
  public void whatBothFeetDoIsWrittenWithItsSide() {
    String typed =
        """
        title: Both

        section 1
        1-8    knee pop x4, jazz square, 3/8 R knee pop L

        section 2
        1-4    twist R L R, heel R both
        """;
    Script script = PARSER.parse(typed).script();
    String once = StepTextFormatter.format(script, BOOK);
    assertTrue(once.contains("jazz triangle, 3/8 R knee pop to L"), once);
    assertTrue(once.endsWith("swivel to R, swivel to L, swivel to R, swivel to R\n"), once);
    assertEquals(shape(PARSER.parse(once).script()), shape(script));
  }

  @Test
  public void writesTheClubsWord() {
    FigureBook ours = FigureBook.standard().calling(java.util.Map.of("vine", "grapevine"));
    String text = Dances.resource("dances/paper-lanterns.txt");
    String formatted =
        StepTextFormatter.format(new StepTextParser(ours).parse(text).script(), ours);
    assertEquals(formatted, text.replace("vine R", "grapevine R").replace("vine L", "grapevine L"));
  }

  private static List<String> errors(Parsed parsed) {
    return parsed.diagnostics().stream()
        .filter(diagnostic -> diagnostic.severity() == Severity.ERROR)
        .map(diagnostic -> diagnostic.message())
        .toList();
  }

  /** A value without the places where it stood. */
  static Object shape(Object value) {
    return switch (value) {
      case SourceSpan span -> "";
      case Optional<?> optional -> optional.map(FormatterTest::shape);
      case List<?> list -> list.stream().map(FormatterTest::shape).toList();
      case ulnaawl.figure.Figure figure -> figure.name();
      case Record it -> it.getClass().getSimpleName() + components(it);
      default -> value;
    };
  }

  private static List<Object> components(Record it) {
    List<Object> parts = new ArrayList<>();
    for (RecordComponent component : it.getClass().getRecordComponents()) {
      try {
        component.getAccessor().setAccessible(true);
        parts.add(shape(component.getAccessor().invoke(it)));
      } catch (ReflectiveOperationException e) {
        throw new LinkageError(e.getMessage(), e);
      }
    }
    return parts;
  }
}
