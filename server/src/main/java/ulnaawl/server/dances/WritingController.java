package ulnaawl.server.dances;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.dance.edit.Possible;
import ulnaawl.dance.edit.SectionEditor;
import ulnaawl.dance.edit.SectionEditor.Edited;
import ulnaawl.dance.edit.SectionEditor.Wanted;
import ulnaawl.figure.Level;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Limits;
import ulnaawl.notation.read.Parsed;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.server.dances.DanceView.Reading;
import ulnaawl.server.platform.Problem;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceText;
import ulnaawl.wall.FloorUse;

/** Help while a dance is written. Nothing here is kept. */
@RestController
@RequestMapping("/api/writing")
@RequiredArgsConstructor
class WritingController {

  private final DanceReader reader;
  private final ReadingWriter writer;

  /** A text to read; one that is too long for a dance is still looked at. */
  record TypedText(@NotNull String stepText) {}

  /** A text that is being written. */
  record Draft(@NotNull @Size(max = Limits.TEXT) String stepText) {}

  /** A text and a place in it. */
  record DraftAt(@NotNull @Size(max = Limits.TEXT) String stepText, @Min(0) int offset) {}

  /** A figure that can come next. */
  record OfferView(String text, String name, int counts, String family, Level level) {}

  /** What is possible at a place; the section is 0 outside the sections. */
  record PossibleView(
      int section, Weight weight, int nextCount, int countsLeft, List<OfferView> offers) {}

  /** A text and a hall; in centimetres. */
  record DraftInHall(
      @NotNull @Size(max = Limits.TEXT) String stepText,
      @Min(100) @Max(20_000) int widthCentimetres,
      @Min(100) @Max(20_000) int depthCentimetres) {}

  /** How many dancers fit, and with which spacing. */
  record HallFitView(int lines, int dancersInLine, int dancers, String spacing) {}

  /** A figure of a section's new order: one that is there, by its run, or new step text. */
  record WantedFigure(@Nullable Integer run, @Nullable @Size(max = 200) String item) {}

  /** A section's new order. */
  record NewOrder(
      @NotNull @Size(max = Limits.TEXT) String stepText,
      @Min(1) @Max(999) int section,
      @NotNull @Size(max = 64) List<@Valid WantedFigure> order) {}

  @PostMapping("/check")
  Reading check(@Valid @RequestBody TypedText text) {
    if (text.stepText().length() > 4 * Limits.TEXT) {
      throw Problem.rejected("The text is longer than any dance: at most 64 KB are read.");
    }
    return writer.write(reader.readOnce(text.stepText()), reader.book());
  }

  @PostMapping("/format")
  Draft format(@Valid @RequestBody Draft draft) {
    Parsed parsed = new StepTextParser(reader.book()).parse(draft.stepText());
    for (Diagnostic one : parsed.diagnostics()) {
      if (one.isError()) {
        int line = SourceText.of(draft.stepText()).line(one.span().start());
        throw Problem.rejected(
            "Line " + line + " is not understood yet; mend it first, then the text can be tidied.");
      }
    }
    return new Draft(StepTextFormatter.format(parsed.script(), reader.book()));
  }

  @PostMapping("/possible")
  PossibleView possible(@Valid @RequestBody DraftAt draft) {
    Possible found =
        Possible.at(
            DanceCompiler.compile(draft.stepText(), reader.book()).dance(),
            reader.book(),
            draft.offset());
    return new PossibleView(
        found.section(),
        found.weight(),
        found.nextCount(),
        found.countsLeft(),
        found.offers().stream()
            .map(offer ->
                new OfferView(
                    offer.text(),
                    offer.figure().name(),
                    offer.counts(),
                    offer.figure().family(),
                    offer.figure().level()))
            .toList());
  }

  @PostMapping("/hall")
  HallFitView hall(@Valid @RequestBody DraftInHall draft) {
    FloorUse.Hall hall = FloorUse.Hall.of(draft.widthCentimetres(), draft.depthCentimetres());
    FloorUse.HallFit fit = FloorUse.of(reader.readOnce(draft.stepText()).sequence()).fit(hall);
    String spacing =
        "With %.1f m from dancer to dancer, %.1f m from line to line and steps of %.1f m."
            .formatted(
                hall.asideCentimetres() / 100.0,
                hall.behindCentimetres() / 100.0,
                hall.stepCentimetres() / 100.0);
    return new HallFitView(fit.lines(), fit.dancersInLine(), fit.dancers(), spacing);
  }

  @PostMapping("/order")
  Draft order(@Valid @RequestBody NewOrder order) {
    List<Wanted> wanted =
        order.order().stream()
            .map(figure -> {
              Integer run = figure.run();
              return run == null
                  ? new Wanted.Added(figure.item() == null ? "" : figure.item())
                  : (Wanted) new Wanted.Kept(run);
            })
            .toList();
    Edited edited =
        new SectionEditor(order.stepText(), reader.book()).write(order.section(), wanted);
    return new Draft(edited.text().orElseThrow(() -> Problem.rejected(edited.refusal())));
  }
}
