package ulnaawl.figure;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/** The page of all figures is what the figure book says. Write it anew with: ./ulna docs. */
public class FiguresPageTest {

  private static final Path PAGE = Path.of("../docs/figures.md");

  @Test
  public void isGeneratedFromTheBook() throws IOException {
    String now = page();
    if (Boolean.getBoolean("ulna.docs.write")) {
      Files.writeString(PAGE, now);
    }
    assertEquals(Files.readString(PAGE), now, "docs/figures.md is out of date; run ./ulna docs");
  }

  private static String page() {
    StringBuilder page =
        new StringBuilder(
            """
            # Figures

            Generated from the figure book; do not edit. Steps are written for a right lead and mirrored for a left one. Every name of
            a figure is understood; a club chooses the one that is shown. All of it is common practice, no source. Cautions defer to
            local rules and to people who are licensed to advise.
            """);
    String family = "";
    for (Figure figure : FigureBook.standard().figures()) {
      if (!figure.family().equals(family)) {
        family = figure.family();
        page.append("\n## ").append(family).append("\n\n");
        page.append(
            "| figure | also | counted | steps | turns | usually met at | in a beginner's words |\n");
        page.append("| --- | --- | --- | --- | --- | --- | --- |\n");
      }
      page.append(row(figure));
    }
    return page.toString();
  }

  private static String row(Figure figure) {
    Pattern pattern = figure.patterns().getFirst();
    String care = figure.guide().care().map(words -> " *" + words + "*").orElse("");
    String easier = figure.guide().easier().map(words -> " Easier: `" + words + "`.").orElse("");
    return "| **"
        + figure.name()
        + "** | "
        + String.join(", ", figure.synonyms())
        + " | "
        + String.join(", or ", pattern.rhythms())
        + " | "
        + pattern.steps().stream().map(FiguresPageTest::step).collect(Collectors.joining(", "))
        + " | "
        + turn(figure.turn())
        + " | "
        + figure.level().label()
        + " | "
        + figure.guide().say()
        + care
        + easier
        + " |\n";
  }

  private static String step(FigureStep step) {
    String foot =
        switch (step.mover()) {
          case LEAD -> "R ";
          case OTHER -> "L ";
          case NONE -> "";
        };
    boolean placed = step.placement() != Placement.IN_PLACE && !foot.isEmpty();
    return foot + step.action().name() + (placed ? " " + step.placement().label() : "");
  }

  private static String turn(TurnRule turn) {
    if (turn.steps().isEmpty()) {
      return "";
    }
    String on =
        "on " + turn.steps().stream().map(String::valueOf).collect(Collectors.joining(", "));
    return turn.defaultEighths() == 0
        ? on
        : on
            + "; "
            + TurnSize.label(turn.defaultEighths())
            + (turn.toward() ? " R" : " L")
            + " where none is said";
  }
}
