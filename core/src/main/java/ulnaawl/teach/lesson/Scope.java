package ulnaawl.teach.lesson;

import java.util.Optional;
import ulnaawl.dance.SectionSet;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.wall.EventId;

/** What a drill practises. */
public sealed interface Scope {

  /** One section, by its number in the dance. */
  record OneSection(int section) implements Scope {}

  /** Sections of one part in a row, without stopping. */
  record Run(int from, int to) implements Scope {}

  /**
   * Counts danced before a tag or restart so that the body arrives at it, and after it. Common
   * practice.
   */
  int RUN_IN = 8;

  /** Counts on each side of a join. */
  int JOIN = 4;

  /** The last counts of a section and the first of the next. */
  record Join(int from, int to) implements Scope {}

  /** The last section of a part and straight on into the first of the part that comes next. */
  record Link(int last, int first) implements Scope {}

  /** Walls in a row without stopping. */
  record Walls(int from, int to) implements Scope {}

  /** The whole song, with everything that comes in it. */
  record Song() implements Scope {}

  /** A tag, restart, bridge, repeat or ending with its run-in, from its own wall. */
  record Event(EventId event, int wall) implements Scope {}

  /** Another way of dancing a section. */
  record Option(String name, int section) implements Scope {}

  /**
   * The same practice in another version of the dance; empty where its sections are not there any
   * more, or no longer follow one another.
   *
   * @param then which section is which in the version that it was made for
   * @param now which section is which in the other one
   */
  default Optional<Scope> in(SectionKeys then, SectionKeys now) {
    return switch (this) {
      case OneSection it -> moved(it.section(), then, now).map(OneSection::new);
      case Run it -> row(it.from(), it.to(), then, now).map(row -> new Run(row.from(), row.to()));
      case Join it -> row(it.from(), it.to(), then, now).map(row -> new Join(row.from(), row.to()));
      case Link it ->
          moved(it.last(), then, now)
              .flatMap(last -> moved(it.first(), then, now).map(first -> new Link(last, first)));
      case Walls it -> Optional.of(it);
      case Song it -> Optional.of(it);
      case Event it -> Optional.of(it);
      case Option it -> moved(it.section(), then, now).map(to -> new Option(it.name(), to));
    };
  }

  private static Optional<Integer> moved(int section, SectionKeys then, SectionKeys now) {
    return then.in(now, SectionSet.between(section, section)).numbers().stream().findFirst();
  }

  private static Optional<Run> row(int from, int to, SectionKeys then, SectionKeys now) {
    Optional<Integer> first = moved(from, then, now);
    Optional<Integer> last = moved(to, then, now);
    return first.isPresent() && last.isPresent() && last.get() - first.get() == to - from
        ? Optional.of(new Run(first.get(), last.get()))
        : Optional.empty();
  }
}
