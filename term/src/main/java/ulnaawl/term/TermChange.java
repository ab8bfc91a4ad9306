package ulnaawl.term;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import ulnaawl.term.TermPlan.Led;
import ulnaawl.term.TermPlan.Start;

/** What is otherwise in one plan than in another; each can be taken by itself. */
public sealed interface TermChange {

  long group();

  /**
   * A dance starts at another time, or comes in, or goes out.
   *
   * @param from where it started; empty where it was not there
   * @param to where it starts now; empty where it is gone
   */
  record Moved(long group, long dance, Optional<LocalDate> from, Optional<LocalDate> to)
      implements TermChange {}

  /**
   * Somebody else leads a class.
   *
   * @param from who led; empty where that was nobody
   * @param to who leads now; empty where that is nobody
   */
  record LedBy(long group, LocalDate on, Optional<Long> from, Optional<Long> to)
      implements TermChange {}

  /** All changes from one plan to another, dances first. */
  static List<TermChange> between(TermPlan before, TermPlan after) {
    List<TermChange> changes = new ArrayList<>();
    for (Start was : before.starts()) {
      Optional<LocalDate> now = after.start(was.group(), was.dance()).map(Start::on);
      if (!now.equals(Optional.of(was.on()))) {
        changes.add(new Moved(was.group(), was.dance(), Optional.of(was.on()), now));
      }
    }
    for (Start is : after.starts()) {
      if (before.start(is.group(), is.dance()).isEmpty()) {
        changes.add(new Moved(is.group(), is.dance(), Optional.empty(), Optional.of(is.on())));
      }
    }
    for (Led was : before.led()) {
      Optional<Long> now = after.led(was.group(), was.on()).map(Led::leader);
      if (!now.equals(Optional.of(was.leader()))) {
        changes.add(new LedBy(was.group(), was.on(), Optional.of(was.leader()), now));
      }
    }
    for (Led is : after.led()) {
      if (before.led(is.group(), is.on()).isEmpty()) {
        changes.add(new LedBy(is.group(), is.on(), Optional.empty(), Optional.of(is.leader())));
      }
    }
    return List.copyOf(changes);
  }

  /**
   * A plan with some of the changes in it.
   *
   * @param chosen whether a change is wanted, by its number in the list
   */
  static TermPlan some(List<TermChange> changes, IntPredicate chosen, TermPlan plan) {
    TermPlan changed = plan;
    for (int i = 0; i < changes.size(); i++) {
      if (chosen.test(i)) {
        changed = changes.get(i).in(changed);
      }
    }
    return changed;
  }

  /** A plan with that change in it, and no other. */
  default TermPlan in(TermPlan plan) {
    return switch (this) {
      case Moved it -> plan.with(it.group(), it.dance(), it.to());
      case LedBy it -> plan.ledBy(it.group(), it.on(), it.to());
    };
  }
}
