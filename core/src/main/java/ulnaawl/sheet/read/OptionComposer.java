package ulnaawl.sheet.read;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Count;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.read.LineReadings;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.layout.DraftOption;

/**
 * Writes the other ways of dancing a section below it. One that does not end on the same foot,
 * facing the same way, is only kept as a remark.
 */
@RequiredArgsConstructor
final class OptionComposer {

  private final SheetText text;
  private final FigureBook book;

  /** An option that can be danced. */
  private record Danced(DraftOption option, StepLine line) {

    int first() {
      return line.counts().getFirst().plusTicks(Count.TICKS / 2).number();
    }

    int last() {
      return line.counts().getLast().number();
    }
  }

  /**
   * Writes the options of a section.
   *
   * @param steps its lines as they were taken
   * @param section its number
   */
  void write(List<DraftOption> options, List<Path.Step> steps, int section) {
    int at = 0;
    while (at < options.size()) {
      Optional<Danced> first = danced(options.get(at), steps);
      if (first.isEmpty()) {
        keep(options.get(at));
        at++;
        continue;
      }
      int end = at + 1;
      while (end < options.size() && goesOn(options.get(at), options.get(end))) {
        end++;
      }
      List<Danced> own =
          options.subList(at, end).stream().flatMap(it -> danced(it, steps).stream()).toList();
      own = own.size() == end - at ? own : List.of(first.get());
      write(own, section);
      at += own.size();
    }
  }

  /** Whether a line goes on with an option that has a name. */
  private static boolean goesOn(DraftOption option, DraftOption next) {
    return !option.name().isEmpty() && option.name().equals(next.name());
  }

  private void keep(DraftOption option) {
    text.remark("option: " + option.words(), option.source());
    text.doubt(option.source(), new Doubt.OptionDiffers(option.words()));
  }

  private void write(List<Danced> own, int section) {
    Danced first = own.getFirst();
    int last = own.getLast().last();
    text.blank();
    text.add(
        "option "
            + name(first.option())
            + " for section "
            + section
            + ", counts "
            + first.first()
            + (last == first.first() ? "" : "-" + last)
            + ": easier",
        List.of(first.option().source()));
    for (Danced one : own) {
      text.add(
          StepTextFormatter.line(
              one.line().counts(), StepTextFormatter.items(one.line().items(), book)),
          List.of(one.option().source()));
    }
  }

  private static String name(DraftOption option) {
    String words = option.name().isEmpty() ? option.words() : option.name();
    return words.replaceAll("[^\\p{L}\\d\\s]+", " ").replaceAll("\\s+", " ").strip();
  }

  /** The option on the counts that it replaces: all of them, else the last that it fills. */
  private Optional<Danced> danced(DraftOption option, List<Path.Step> steps) {
    List<Count> counts = option.counts();
    for (int from = 0; from < (option.exact() ? 1 : counts.size()); from++) {
      List<Count> own = counts.subList(from, counts.size());
      if (!own.getFirst().isWhole() && !option.exact()) {
        continue;
      }
      LineReadings readings = LineReadings.of(own, LineWays.words(option.words()), book);
      StepLine line = readings.lines().getFirst();
      if (readings.isWhole() && rejoins(line, steps)) {
        return Optional.of(new Danced(option, line));
      }
    }
    return Optional.empty();
  }

  private boolean rejoins(StepLine line, List<Path.Step> steps) {
    Count first = line.counts().getFirst();
    Count last = line.counts().getLast();
    Footing before = footing(steps, place -> place.count().compareTo(first) < 0);
    Footing after = footing(steps, place -> place.count().compareTo(last) <= 0);
    LineWalk walk = LineWalk.of(line, before.weight(), before.facing(), book);
    return walk.diagnostics().isEmpty()
        && walk.weight() == after.weight()
        && walk.facing().equals(after.facing());
  }

  private static Footing footing(
      List<Path.Step> steps, java.util.function.Predicate<Place> danced) {
    Footing footing = steps.getFirst().from();
    for (Path.Step step : steps) {
      for (LineWalk walk : step.walks()) {
        for (Place place : walk.places()) {
          if (danced.test(place)) {
            footing = new Footing(place.after(), place.facing());
          }
        }
      }
    }
    return footing;
  }
}
