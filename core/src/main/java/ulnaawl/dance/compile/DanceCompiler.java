package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Block;
import ulnaawl.notation.Block.ExtraBlock;
import ulnaawl.notation.Block.OptionBlock;
import ulnaawl.notation.Block.SectionBlock;
import ulnaawl.notation.Item;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Phrase.RestartPhrase;
import ulnaawl.notation.Script;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.read.Parsed;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Turns a script into a dance. Never throws for what a person typed. */
public final class DanceCompiler {

  private final Script script;
  private final FigureBook book;
  private final List<Diagnostic> findings = new ArrayList<>();
  private final Weight startWeight;

  private DanceCompiler(Script script, FigureBook book) {
    this.script = script;
    this.book = book;
    this.startWeight =
        script
            .headers()
            .start()
            .map(Stated::value)
            .orElseGet(() -> inferredStart(sections().stream().findFirst()));
  }

  /** Compiles a script; the diagnostics are those of the compiling alone. */
  public static Compilation compile(Script script, FigureBook book) {
    return new DanceCompiler(script, book).compile();
  }

  /** Parses and compiles a text; the diagnostics of both, in this order. */
  public static Compilation compile(String text, FigureBook book) {
    Parsed parsed = new StepTextParser(book).parse(text);
    Compilation compiled = compile(parsed.script(), book);
    List<Diagnostic> all = new ArrayList<>(parsed.diagnostics());
    all.addAll(compiled.diagnostics());
    return new Compilation(compiled.dance(), all);
  }

  private Compilation compile() {
    List<Passage> parts = compileParts();
    Map<String, Passage> extras = compileExtras(parts);
    Map<RestartPhrase, List<Place>> changes = compileChanges(parts.getFirst());
    List<Variation> variations = compileVariations(parts);
    return new Compilation(
        new Dance(script, startWeight, parts, extras, changes, variations), findings);
  }

  private List<SectionBlock> sections() {
    return script.blocks().stream()
        .filter(SectionBlock.class::isInstance)
        .map(SectionBlock.class::cast)
        .toList();
  }

  private List<Passage> compileParts() {
    Map<String, PassageCompiler> compilers = new LinkedHashMap<>();
    int number = 0;
    for (SectionBlock block : sections()) {
      number++;
      Weight start =
          compilers.isEmpty() ? startWeight : inferredStart(Optional.of(block), startWeight);
      compilers
          .computeIfAbsent(
              block.part(),
              part ->
                  new PassageCompiler(
                      part, start, script.headers().meter().sectionCounts(), book, findings))
          .add(number, block.title(), block);
    }
    if (compilers.isEmpty()) {
      return List.of(Passage.of(Block.ONLY_PART, startWeight, List.of(), script.titleSpan()));
    }
    return compilers.values().stream().map(PassageCompiler::passage).toList();
  }

  private Map<String, Passage> compileExtras(List<Passage> parts) {
    Map<String, Passage> extras = new LinkedHashMap<>();
    for (Block block : script.blocks()) {
      if (block instanceof ExtraBlock extra) {
        String key = extra.name().toLowerCase(Locale.ROOT);
        if (extras.containsKey(key)) {
          findings.add(
              Diagnostic.of(
                  Code.DUPLICATE_NAME,
                  extra.span(),
                  "Two blocks are called "
                      + extra.name()
                      + "; give this one a name of its own, so that the phrasing can call it."));
        } else {
          Weight start = weightBefore(extra.name(), parts);
          extras.put(
              key,
              new PassageCompiler(extra.name(), start, Limits.EXTRA_COUNTS, book, findings)
                  .add(0, "", extra)
                  .passage());
        }
      }
    }
    return extras;
  }

  /** The weight with which a tag, bridge or ending begins where the phrasing first calls it. */
  private Weight weightBefore(String name, List<Passage> parts) {
    Passage main = parts.getFirst();
    for (Phrase phrase : script.phrasing()) {
      if (phrase instanceof Phrase.TagPhrase tag && tag.tag().value().equalsIgnoreCase(name)) {
        return restartOn(tag.walls().getFirst().value())
            .map(restart -> main.weightAfter(restart.after().value()))
            .orElse(main.endWeight());
      }
      if (phrase instanceof Phrase.BridgePhrase bridge
          && bridge.bridge().value().equalsIgnoreCase(name)) {
        return main.weightAfter(bridge.after().value());
      }
      if (phrase instanceof Phrase.EndingPhrase ending
          && ending.ending().value().equalsIgnoreCase(name)) {
        return main.weightAfter(ending.after().value());
      }
    }
    return main.endWeight();
  }

  private Optional<RestartPhrase> restartOn(int wall) {
    return script.phrasing().stream()
        .filter(RestartPhrase.class::isInstance)
        .map(RestartPhrase.class::cast)
        .filter(restart -> restart.walls().stream().anyMatch(stated -> stated.value() == wall))
        .filter(restart -> restart.change().isEmpty())
        .findFirst();
  }

  private Map<RestartPhrase, List<Place>> compileChanges(Passage main) {
    Map<RestartPhrase, List<Place>> changes = new LinkedHashMap<>();
    for (Phrase phrase : script.phrasing()) {
      if (phrase instanceof RestartPhrase restart && restart.change().isPresent()) {
        StepLine line = restart.change().get();
        if (line.counts().isEmpty()) {
          continue;
        }
        int first = line.counts().getFirst().number();
        int last = line.counts().getLast().number();
        if (first < 1 || last > restart.after().value()) {
          findings.add(
              Diagnostic.of(
                  Code.CHANGE_OUTSIDE,
                  line.countsSpan(),
                  "The step change lies within the counts that are danced, 1 to "
                      + restart.after().value()
                      + "."));
          continue;
        }
        List<Place> before = main.between(0, first - 1);
        Walker walker =
            new Walker(main.weightAfter(first - 1), findings)
                .facing(
                    ulnaawl.floor.RelativeFacing.START.plus(main.turnAfter(first - 1)),
                    before.isEmpty() ? 0 : before.getLast().run() + 1);
        changes.put(restart, walker.walk(line, 0, 0));
        if (last < restart.after().value() && walker.weight() != main.weightAfter(last)) {
          findings.add(
              Diagnostic.of(
                  Code.CHANGE_WEIGHT,
                  line.span(),
                  "The step change ends with the weight on "
                      + walker.weight().label()
                      + ", but count "
                      + (last + 1)
                      + " goes on from "
                      + main.weightAfter(last).label()
                      + "."));
        }
      }
    }
    return changes;
  }

  private List<Variation> compileVariations(List<Passage> parts) {
    List<Section> all = parts.stream().flatMap(part -> part.sections().stream()).toList();
    List<Variation> variations = new ArrayList<>();
    for (Block block : script.blocks()) {
      if (block instanceof OptionBlock option) {
        if (option.section() < 1 || option.section() > all.size()) {
          findings.add(
              Diagnostic.of(
                  Code.OPTION_SECTION,
                  option.span(),
                  "There is no section "
                      + option.section()
                      + "; the dance has "
                      + all.size()
                      + "."));
        } else {
          Section section = all.get(option.section() - 1);
          Passage part =
              parts.stream().filter(p -> p.sections().contains(section)).findFirst().orElseThrow();
          variations.add(new VariationCompiler(part, section, findings).compile(option));
        }
      }
    }
    return variations;
  }

  /** The start weight that the first typed foot asks for; left where nothing tells. */
  private static Weight inferredStart(Optional<SectionBlock> first) {
    return inferredStart(first, Weight.LEFT);
  }

  private static Weight inferredStart(Optional<SectionBlock> first, Weight otherwise) {
    for (StepLine line : first.map(SectionBlock::lines).orElse(List.of())) {
      for (Item item : line.items()) {
        if (asksForFreeFoot(item)) {
          return item.feet().isEmpty()
              ? otherwise
              : Weight.on(item.feet().getFirst().value().other());
        }
      }
    }
    return otherwise;
  }

  private static boolean asksForFreeFoot(Item item) {
    WeightEffect effect = item.figure().patterns().getFirst().steps().getFirst().action().effect();
    return effect == WeightEffect.TAKES || effect == WeightEffect.FREE;
  }
}
