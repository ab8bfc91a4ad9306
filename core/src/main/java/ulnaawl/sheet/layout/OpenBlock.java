package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import lombok.RequiredArgsConstructor;
import ulnaawl.music.Count;
import ulnaawl.notation.Block.ExtraKind;

/** A block while its lines are being gathered. */
@RequiredArgsConstructor
final class OpenBlock {

  private final Optional<ExtraKind> extra;
  private final String part;
  private final String name;
  private final String title;
  private final int heading;
  private final int start;
  private final boolean six;
  private final boolean headed;
  private final List<DraftLine> lines = new ArrayList<>();
  private final List<DraftOption> options = new ArrayList<>();

  boolean isSection() {
    return extra.isEmpty();
  }

  boolean isOfSix() {
    return six;
  }

  boolean isEmpty() {
    return lines.isEmpty();
  }

  /** Whether it has steps and none of them has counts. */
  boolean isUncounted() {
    return !lines.isEmpty() && lines.stream().allMatch(line -> line.counts().isEmpty());
  }

  /** Whether counts stand there whose steps are still to come. */
  boolean isWaiting() {
    return !lines.isEmpty() && lines.getLast().words().isEmpty();
  }

  boolean goesOn(String text, BiPredicate<DraftLine, String> continued) {
    return !lines.isEmpty() && continued.test(lines.getLast(), text);
  }

  /** Whether it has all the counts that a section has. */
  boolean isFull(int sectionCounts) {
    return !isSection() || isUncounted() || counts(sectionCounts) >= sectionCounts;
  }

  void add(DraftLine line) {
    lines.add(line);
  }

  /** Its last line; it has one. */
  DraftLine last() {
    return lines.getLast();
  }

  /** Puts counts and their steps behind those of the last line. */
  void join(SheetLine line, List<Count> counts, String words) {
    DraftLine last = lines.removeLast();
    List<Integer> sources = new ArrayList<>(last.sources());
    sources.add(line.number());
    List<Count> all = new ArrayList<>(last.counts());
    all.addAll(counts);
    lines.add(new DraftLine(sources, all, last.words() + ", " + words, last.again()));
  }

  /** Puts another line of the sheet behind the last. */
  void join(SheetLine line, String text) {
    DraftLine last = lines.removeLast();
    List<Integer> sources = new ArrayList<>(last.sources());
    sources.add(line.number());
    String words = last.words().isEmpty() ? text : last.words() + " " + text;
    lines.add(new DraftLine(sources, last.counts(), words, last.again()));
  }

  /** Takes another way of dancing the counts of its last line; false where it has none. */
  boolean takeOption(SheetLine line, String words) {
    Optional<DraftLine> last =
        lines.reversed().stream().filter(it -> !it.counts().isEmpty()).findFirst();
    last.ifPresent(
        it -> options.add(new DraftOption(line.number(), "", it.counts(), false, words)));
    return last.isPresent();
  }

  void add(DraftOption option) {
    options.add(option);
  }

  /** The count that would come next, as the sheet numbers them. */
  int expected() {
    return lastCount().map(it -> it.number() + 1).orElse(start + 1);
  }

  private Optional<Count> lastCount() {
    return lines.reversed().stream()
        .filter(line -> !line.counts().isEmpty())
        .findFirst()
        .map(line -> line.counts().getLast());
  }

  private Optional<Count> firstCount() {
    return lines.stream()
        .filter(line -> !line.counts().isEmpty())
        .findFirst()
        .map(line -> line.counts().getFirst());
  }

  /** Whether counts belong to another section: they begin anew, or lie past the end of this one. */
  boolean isPast(List<Count> counts, int sectionCounts) {
    if (lines.isEmpty()) {
      return false;
    }
    Optional<Count> last = lastCount();
    if (last.isEmpty()) {
      return false;
    }
    if (counts.getFirst().compareTo(last.get()) <= 0) {
      return true;
    }
    if (!isSection()) {
      return false;
    }
    int base = base(List.of(firstCount().orElseThrow()), sectionCounts);
    int first =
        counts.getFirst().isWhole() ? counts.getFirst().number() : counts.getFirst().number() + 1;
    return first > base + sectionCounts;
  }

  /** Where a section begins that goes on with these counts: 0 where they begin anew. */
  int nextStart(List<Count> counts) {
    return Math.max(0, counts.getFirst().plusTicks(6).number() - 1);
  }

  /** The counts that come before this block in the sheet's own numbers. */
  int base(List<Count> counts, int sectionCounts) {
    if (!isSection()) {
      return 0;
    }
    Count first = firstCount().orElse(counts.getFirst());
    int number = Math.max(1, first.plusTicks(first.isWhole() ? 0 : Count.TICKS / 2).number());
    if (start > 0 && number > start) {
      return start;
    }
    return (number - 1) / sectionCounts * sectionCounts;
  }

  /** Whole counts that it has so far. */
  int counts(int sectionCounts) {
    if (isUncounted()) {
      return sectionCounts;
    }
    return lastCount()
        .map(last -> last.number() - base(List.of(last), sectionCounts))
        .orElse(isSection() && !title.isEmpty() ? sectionCounts : 0);
  }

  /** The block, with its counts from 1. */
  List<DraftBlock> close(int sectionCounts) {
    boolean fromTitle = lines.isEmpty() && !title.isEmpty() && isSection();
    if (lines.isEmpty() && !fromTitle) {
      return headed && isSection() ? List.of(block(List.of(), false, 0)) : List.of();
    }
    List<DraftLine> numbered = new ArrayList<>();
    if (fromTitle) {
      numbered.add(new DraftLine(List.of(heading), List.of(), title, StepLines.again(title)));
    }
    int base =
        lines.isEmpty()
            ? 0
            : firstCount().map(first -> base(List.of(first), sectionCounts)).orElse(0);
    for (DraftLine line : lines) {
      numbered.add(
          base == 0 || line.counts().isEmpty()
              ? line
              : line.withCounts(shifted(line.counts(), base)));
    }
    options.replaceAll(option -> option.withCounts(shifted(option.counts(), base)));
    return List.of(block(numbered, fromTitle, base));
  }

  private static List<Count> shifted(List<Count> counts, int base) {
    return counts.stream()
        .map(count -> count.ticks() >= base * Count.TICKS ? count.plusCounts(-base) : count)
        .toList();
  }

  private DraftBlock block(List<DraftLine> numbered, boolean fromTitle, int base) {
    return new DraftBlock(
        extra,
        part,
        name,
        fromTitle ? "" : title,
        heading > 0 ? Optional.of(heading) : Optional.empty(),
        fromTitle ? start : base,
        fromTitle,
        numbered,
        options);
  }
}
