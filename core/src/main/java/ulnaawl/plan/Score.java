package ulnaawl.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Points with what they are for; each is added with its reason. */
final class Score {

  private record Part(int points, PlanReason reason) {}

  private final List<Part> parts = new ArrayList<>();
  private int points;

  void add(int more, PlanReason reason) {
    parts.add(new Part(more, reason));
    points += more;
  }

  /** So often, up to what is heard. */
  void add(PlanWeight each, int times, PlanReason reason) {
    add(Math.min(Wishes.MOST_HEARD, times) * each.points(), reason);
  }

  /** What is wanted of a dance: who asked for it, the theme of these weeks, and the term. */
  void wishes(Wishes wishes) {
    if (!wishes.requests().isEmpty()) {
      add(
          PlanWeight.ASKED,
          wishes.asked(),
          new PlanReason.AskedFor(
              wishes.requests().stream().map(Wishes.Request::who).toList(),
              wishes.requests().getFirst().on()));
    }
    wishes.theme().ifPresent(it -> add(PlanWeight.THEME.points(), new PlanReason.OfTheme(it)));
    if (wishes.term() instanceof TermPlace.Here) {
      add(PlanWeight.TERM.points(), new PlanReason.OfTerm());
    }
  }

  int points() {
    return points;
  }

  /** The reasons, the weightiest first. */
  List<PlanReason> inOrder() {
    return parts.stream()
        .sorted(Comparator.comparingInt((Part it) -> Math.abs(it.points())).reversed())
        .map(Part::reason)
        .toList();
  }
}
