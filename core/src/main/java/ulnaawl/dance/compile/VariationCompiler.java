package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Block.OptionBlock;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Compiles a variation and sees to it that it rejoins the dance in counts, weight and facing. */
@RequiredArgsConstructor
final class VariationCompiler {

  private final Passage part;
  private final Section section;
  private final List<Diagnostic> findings;

  Variation compile(OptionBlock option) {
    int from = option.from().orElse(1);
    int to = option.to().orElse(section.counts());
    if (from < 1 || to < from || to > section.counts()) {
      findings.add(
          Diagnostic.of(
              Code.OPTION_COUNTS,
              option.span(),
              "Section "
                  + section.number()
                  + " has counts 1 to "
                  + section.counts()
                  + "; an option replaces some of these."));
      from = 1;
      to = section.counts();
    }
    int before = section.start() + from - 1;
    int after = section.start() + to;
    RelativeFacing start = RelativeFacing.START.plus(part.turnAfter(before));
    Walker walker = new Walker(part.weightAfter(before), findings).facing(start, 0);
    List<Place> places = new ArrayList<>();
    for (StepLine line : option.lines()) {
      if (line.counts().stream().anyMatch(outside(from, to))) {
        findings.add(
            Diagnostic.of(
                Code.OPTION_COUNTS,
                line.countsSpan(),
                "This option replaces counts " + from + " to " + to + "; these lie outside."));
      }
      places.addAll(walker.walk(line, section.number(), section.start()));
    }
    sayIfNotFilled(option, from, to, places);
    sayIfNotRejoined(option, part.weightAfter(after), start, after, walker);
    return new Variation(
        option.name(), option.kind(), section.number(), from, to, places, option.span());
  }

  private void sayIfNotFilled(OptionBlock option, int from, int to, List<Place> places) {
    List<String> empty =
        IntStream.rangeClosed(from, to)
            .filter(count -> places.stream().noneMatch(place -> place.count().number() == count))
            .mapToObj(String::valueOf)
            .toList();
    boolean read = option.lines().stream().allMatch(StepLine::whole);
    if (read && !empty.isEmpty()) {
      findings.add(
          Diagnostic.of(
              Code.OPTION_COUNTS,
              option.span(),
              "The option replaces counts "
                  + from
                  + " to "
                  + to
                  + ", but has nothing on "
                  + String.join(", ", empty)
                  + "; write hold where nothing is danced."));
    }
  }

  private static java.util.function.Predicate<ulnaawl.music.Count> outside(int from, int to) {
    return count ->
        count.compareTo(ulnaawl.music.Count.of(from).plusTicks(-6)) < 0
            || count.compareTo(ulnaawl.music.Count.of(to + 1)) >= 0;
  }

  private void sayIfNotRejoined(
      OptionBlock option, Weight weight, RelativeFacing start, int after, Walker walker) {
    RelativeFacing wanted = RelativeFacing.START.plus(part.turnAfter(after));
    if (walker.weight() != weight) {
      findings.add(
          Diagnostic.of(
              Code.OPTION_WEIGHT,
              option.span(),
              "The option ends with the weight on "
                  + walker.weight().label()
                  + ", the dance goes on from "
                  + weight.label()
                  + "."));
    }
    if (!walker.facing().equals(wanted)) {
      Turn missing = walker.facing().turnTo(wanted);
      findings.add(
          Diagnostic.of(
              Code.OPTION_FACING,
              option.span(),
              "The option begins facing "
                  + start.clock()
                  + " and ends facing "
                  + walker.facing().clock()
                  + ", the dance goes on facing "
                  + wanted.clock()
                  + " ("
                  + missing.label()
                  + " is missing)."));
    }
  }
}
