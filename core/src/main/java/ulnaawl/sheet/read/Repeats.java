package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.NotedFacing;
import ulnaawl.figure.Pattern;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.layout.DraftLine;
import ulnaawl.text.SourceSpan;

/** "Repeat 1-4 on the left foot": what stands above, once more, as lines of its own. */
@RequiredArgsConstructor
final class Repeats {

  private static final int UNSAID = 2;

  private final int sectionCounts;

  /** An item with the places that it is danced on. */
  private record Placed(Item item, List<Count> counts) {}

  /**
   * The ways of a line that repeats.
   *
   * @param above all lines above, as they were taken
   * @param block number of the block that it stands in
   * @param running whether the sheet counts on through its sections
   * @param sections for each section of the dance, from 1, the number of its block
   */
  List<Way> of(
      DraftLine draft, int block, boolean running, List<Path.Step> above, List<Integer> sections) {
    DraftLine.Again again = draft.again().orElseThrow();
    List<Placed> placed =
        again.section()
            ? ofSections(again, above, sections)
            : ofCounts(again, draft, block, running, above, sections);
    if (placed.isEmpty()) {
      return List.of();
    }
    int first =
        draft.counts().isEmpty() ? 1 : Math.max(1, draft.counts().getFirst().plusTicks(6).number());
    int shift = first - Math.max(1, placed.getFirst().counts().getFirst().plusTicks(6).number());
    List<StepLine> same = lines(placed, shift, false);
    List<StepLine> other = lines(placed, shift, true);
    return again.mirrored()
        ? List.of(new Way(other, 0, List.of()))
        : List.of(
            new Way(same, 0, List.of()), new Way(other, UNSAID, List.of(new Doubt.Mirrored())));
  }

  private List<Placed> ofSections(
      DraftLine.Again again, List<Path.Step> above, List<Integer> sections) {
    if (again.from() < 1 || again.from() != again.to() || again.to() > sections.size()) {
      return List.of();
    }
    return placed(above, sections.get(again.from() - 1));
  }

  private List<Placed> ofCounts(
      DraftLine.Again again,
      DraftLine draft,
      int block,
      boolean running,
      List<Path.Step> above,
      List<Integer> sections) {
    int own = draft.counts().isEmpty() ? 1 : draft.counts().getFirst().plusTicks(6).number();
    int from = again.from();
    int to = again.to();
    if (from == 0) {
      int length =
          draft.counts().isEmpty() ? sectionCounts : draft.counts().getLast().number() - own + 1;
      from = own > 1 ? own - length : sectionCounts - length + 1;
      to = from + length - 1;
    }
    int source = from < own ? block : block - 1;
    boolean whole = again.from() > 0 && (to > sectionCounts || running);
    if (whole) {
      int section = (from - 1) / sectionCounts;
      if (section >= sections.size()) {
        return List.of();
      }
      source = sections.get(section);
      from -= section * sectionCounts;
      to -= section * sectionCounts;
    }
    int first = from;
    int last = to;
    return placed(above, source).stream()
        .filter(it -> it.counts().getFirst().plusTicks(6).number() >= first)
        .filter(it -> it.counts().getLast().number() <= last)
        .toList();
  }

  /** The items of a block, each with its counts; none where one of them has no certain places. */
  private static List<Placed> placed(List<Path.Step> above, int block) {
    List<Placed> placed = new ArrayList<>();
    for (Path.Step step : above) {
      if (step.block() != block) {
        continue;
      }
      for (StepLine line : step.way().map(Way::lines).orElse(List.of())) {
        int at = 0;
        for (Item item : line.items()) {
          int places = places(line, item);
          if (at + places > line.counts().size()) {
            return List.of();
          }
          placed.add(new Placed(item, line.counts().subList(at, at + places)));
          at += places;
        }
      }
    }
    return placed;
  }

  private static int places(StepLine line, Item item) {
    int times = item.instances();
    List<Pattern> patterns = item.figure().danced(item.direction());
    int usual = LineWays.places(line.items());
    int missing = line.counts().size() - usual;
    Optional<Pattern> other =
        missing == 0
            ? Optional.empty()
            : patterns.stream()
                .filter(it -> (it.places() - patterns.getFirst().places()) * times == missing)
                .findFirst();
    return other.orElse(patterns.getFirst()).places() * times;
  }

  /** A facing that was printed behind the steps above is not true of them a second time. */
  private static Item withoutFacing(Item item) {
    return NotedFacing.in(item.note()).isPresent() ? item.withoutNote() : item;
  }

  private static List<StepLine> lines(List<Placed> placed, int shift, boolean mirrored) {
    List<Count> counts = new ArrayList<>();
    List<Item> items = new ArrayList<>();
    for (Placed one : placed) {
      one.counts().forEach(count -> counts.add(count.plusCounts(shift)));
      Item item = withoutFacing(one.item());
      items.add(mirrored ? item.mirrored() : item);
    }
    return List.of(new StepLine(counts, SourceSpan.at(0), items, true, SourceSpan.at(0)));
  }
}
