package ulnaawl.formats;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.formats.page.Paper;
import ulnaawl.formats.page.Paper.Cell;
import ulnaawl.music.PlayTime;
import ulnaawl.teach.Teach;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.words.TeachSpeech;

/**
 * A teach as one or two pages of A4 to lie on the floor: minutes at the left, where the class
 * faces, scope, mode and pace in large type, what to say below.
 */
public final class TeachPdf {

  private static final int MARGIN = 36;
  private static final double LETTERS = 10;
  private static final int FEW = 12;

  private static final String STYLE =
      """
      .drills td, .drills th { border-top: 0.5pt solid #000; padding: 2pt 2pt 3pt; }
      .head { font-weight: bold; line-height: 1.25; font-size: 15pt; }
      .say { line-height: 1.3; font-size: 10.5pt; }
      """;

  /** For a long teach. */
  private static final String SMALLER =
      """
      .head { font-size: 12.5pt; }
      .say { font-size: 8.2pt; }
      """;

  private final Teach teach;
  private final TeachSpeech speech;
  private final boolean few;

  private TeachPdf(Teach teach, TeachSpeech speech) {
    this.teach = teach;
    this.speech = speech;
    this.few = teach.drills().size() <= FEW;
  }

  /** The bytes of the PDF. */
  public static byte[] write(
      String title, String group, int minutes, Teach teach, TeachSpeech speech) {
    return new TeachPdf(teach, speech).write(title, group, minutes);
  }

  private byte[] write(String title, String group, int minutes) {
    String school = teach.school().map(it -> ", " + speech.school(it)).orElse("");
    Paper paper =
        Paper.blank(title + ": teach", MARGIN, LETTERS)
            .style(few ? STYLE : STYLE + SMALLER)
            .title(title)
            .text(
                "For "
                    + group
                    + ", "
                    + minutes
                    + " minutes"
                    + school
                    + "; it takes "
                    + PlayTime.of(teach.seconds())
                    + ". Facings on the room clock.");
    teach.rest().ifPresent(rest -> paper.strongText(speech.reason(rest)));
    List<List<Cell>> rows = new ArrayList<>();
    int start = 0;
    for (Drill drill : teach.drills()) {
      rows.add(
          List.of(
              Paper.lines("head", PlayTime.of(start), "say", List.of()),
              Paper.hall(drill.startFacing().eighths(), drill.startFacing().clock()),
              Paper.lines("head", head(drill), "say", lines(drill))));
      start += drill.seconds();
    }
    return paper.table("drills", List.of(10, 6, 84), rows).pdf();
  }

  private String head(Drill drill) {
    String pace = drill.mode() == Mode.WORDS ? "" : " " + drill.percent() + " %";
    return speech.scope(drill.scope())
        + " "
        + speech.mode(drill.mode())
        + pace
        + " × "
        + drill.repetitions()
        + "   ("
        + drill.startFacing().clock()
        + ")";
  }

  /** A long teach has room for what is said of new things, and not for what repeats. */
  private List<String> lines(Drill drill) {
    List<String> say = drill.say().stream().map(speech::say).toList();
    if (few) {
      return drill.mode() == Mode.WORDS ? say : say.stream().limit(2).toList();
    }
    boolean repeats =
        drill.scope() instanceof Scope.OneSection || drill.scope() instanceof Scope.Run;
    return repeats && drill.mode() != Mode.WORDS ? List.of() : List.of(String.join(" · ", say));
  }
}
