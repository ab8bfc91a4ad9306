package ulnaawl.server.vocabulary;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.Level;
import ulnaawl.figure.Pattern;
import ulnaawl.floor.Foot;
import ulnaawl.level.LevelTable;
import ulnaawl.people.PersonId;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.KeepAnswer;

/** The figure book, and what the club makes of it. */
@RestController
@RequestMapping("/api/figures")
@RequiredArgsConstructor
class FigureController {

  private final VocabularyService vocabulary;

  /** A step of a figure, for a right lead. */
  record FigureStepView(@Nullable Foot foot, String action, boolean takesWeight) {}

  /** A figure as the club uses it. */
  record FigureSheet(
      String name,
      String call,
      List<String> names,
      String family,
      Level level,
      List<String> rhythms,
      List<FigureStepView> steps,
      String say,
      @Nullable String care,
      @Nullable String easier,
      boolean own,
      @Nullable PersonId chosenBy) {}

  /** The club's own texts, with the versions to change them from. */
  record ClubTexts(
      String ownFigures,
      int ownFiguresVersion,
      String levelTable,
      int levelTableVersion,
      String standardLevelTable) {}

  /** A choice among a figure's names, and the one that was said before. */
  record Word(@NotBlank @Size(max = 60) String word, @NotBlank @Size(max = 60) String before) {}

  /** A changed text, and the version it was changed from. */
  record ChangedText(@NotNull String text, int version) {}

  @GetMapping
  @KeepAnswer
  List<FigureSheet> figures() {
    Map<String, PersonId> chosenBy =
        vocabulary.words().stream().collect(Collectors.toMap(ClubWord::figure, ClubWord::chosenBy));
    return vocabulary.now().book().figures().stream()
        .map(figure -> sheet(figure, chosenBy.get(figure.name())))
        .toList();
  }

  @PutMapping("/{name}/word")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void choose(
      @PathVariable String name,
      @Valid @RequestBody Word word,
      @AuthenticationPrincipal SignedIn me) {
    vocabulary.choose(name, word.word(), word.before(), me);
  }

  @GetMapping("/club")
  @KeepAnswer
  ClubTexts club() {
    ClubText figures = vocabulary.text(ClubText.Kind.OWN_FIGURES);
    ClubText levels = vocabulary.text(ClubText.Kind.LEVEL_TABLE);
    return new ClubTexts(
        figures.content(),
        figures.version(),
        levels.content(),
        levels.version(),
        LevelTable.standardText());
  }

  @PutMapping("/club/own-figures")
  ClubTexts changeFigures(
      @Valid @RequestBody ChangedText text, @AuthenticationPrincipal SignedIn me) {
    vocabulary.change(ClubText.Kind.OWN_FIGURES, text.version(), text.text(), me);
    return club();
  }

  @PutMapping("/club/level-table")
  ClubTexts changeLevels(
      @Valid @RequestBody ChangedText text, @AuthenticationPrincipal SignedIn me) {
    vocabulary.change(ClubText.Kind.LEVEL_TABLE, text.version(), text.text(), me);
    return club();
  }

  private static FigureSheet sheet(Figure figure, @Nullable PersonId chosenBy) {
    Pattern pattern = figure.patterns().getFirst();
    return new FigureSheet(
        figure.name(),
        figure.call(),
        figure.names(),
        figure.family(),
        figure.level(),
        pattern.rhythms(),
        pattern.steps().stream().map(FigureController::step).toList(),
        figure.guide().say(),
        figure.guide().care().orElse(null),
        figure.guide().easier().orElse(null),
        FigureBook.standard().find(figure.name()).isEmpty(),
        chosenBy);
  }

  private static FigureStepView step(FigureStep step) {
    Foot foot =
        switch (step.mover()) {
          case LEAD -> Foot.RIGHT;
          case OTHER -> Foot.LEFT;
          case NONE -> null;
        };
    String place = step.mover() == FigureStep.Mover.NONE ? "" : " " + step.placement().label();
    return new FigureStepView(
        foot, step.action().name() + place.replace(" in-place", ""), step.takesWeight());
  }
}
